import { DataTypes, type QueryInterface } from 'sequelize';
import type { RunnableMigration } from 'umzug';

const text = { type: DataTypes.TEXT, allowNull: false } as const;

/** Devices that may come in over the network; of their tokens only what can't be turned back. */
export const pairedDevices: RunnableMigration<QueryInterface> = {
  name: '0009-paired-devices',
  up: async ({ context: tables }) => {
    await tables.createTable('devices', {
      id: { ...text, primaryKey: true },
      name: text,
      tokenHash: { ...text, unique: true },
      pairedAt: text,
    });
  },
};
