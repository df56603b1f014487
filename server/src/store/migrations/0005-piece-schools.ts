import { DataTypes, type QueryInterface } from 'sequelize';
import type { RunnableMigration } from 'umzug';

/** How a piece is worked where it departs from the shop; a piece from before departs in nothing. */
export const pieceSchools: RunnableMigration<QueryInterface> = {
  name: '0005-piece-schools',
  up: async ({ context: tables }) => {
    await tables.addColumn('pieces', 'schools', {
      type: DataTypes.JSON,
      allowNull: false,
      defaultValue: {},
    });
  },
};
