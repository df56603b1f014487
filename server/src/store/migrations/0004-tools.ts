import { DataTypes, type QueryInterface } from 'sequelize';
import type { RunnableMigration } from 'umzug';

/** Tools of the shop that change how work is planned; a shop from before had the usual ones. */
export const tools: RunnableMigration<QueryInterface> = {
  name: '0004-tools',
  up: async ({ context: tables }) => {
    await tables.addColumn('shop', 'tools', {
      type: DataTypes.JSON,
      allowNull: false,
      defaultValue: ['sander', 'extractor', 'heatGun'],
    });
  },
};
