import { DataTypes, type QueryInterface } from 'sequelize';
import type { RunnableMigration } from 'umzug';

/** Kept routes carry the version of their form; those of before are of the first. */
export const routeVersion: RunnableMigration<QueryInterface> = {
  name: '0006-route-version',
  up: async ({ context: tables }) => {
    await tables.addColumn('routes', 'version', {
      type: DataTypes.INTEGER,
      allowNull: false,
      defaultValue: 1,
    });
  },
};
