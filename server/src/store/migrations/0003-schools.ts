import { DataTypes, type QueryInterface } from 'sequelize';
import type { RunnableMigration } from 'umzug';

/** How the shop works where careful people differ; empty means the usual way of each. */
export const schools: RunnableMigration<QueryInterface> = {
  name: '0003-schools',
  up: async ({ context: tables }) => {
    await tables.addColumn('shop', 'schools', {
      type: DataTypes.JSON,
      allowNull: false,
      defaultValue: {},
    });
  },
};
