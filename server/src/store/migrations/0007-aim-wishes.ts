import { DataTypes, type QueryInterface } from 'sequelize';
import type { RunnableMigration } from 'umzug';

/** What somebody insists on beside the scheme; an aim from before insists on nothing. */
export const aimWishes: RunnableMigration<QueryInterface> = {
  name: '0007-aim-wishes',
  up: async ({ context: tables }) => {
    for (const wish of ['applicator', 'newPart']) {
      await tables.addColumn('aims', wish, { type: DataTypes.TEXT, allowNull: true });
    }
  },
};
