import { randomUUID } from 'node:crypto';
import { DataTypes, type QueryInterface } from 'sequelize';
import type { RunnableMigration } from 'umzug';

const text = { type: DataTypes.TEXT, allowNull: false } as const;

/**
 * Which record this is. One that was put back from a backup is another: what devices hold of the
 * places in the old one says nothing about it.
 */
export const recordId: RunnableMigration<QueryInterface> = {
  name: '0010-record-id',
  up: async ({ context: tables }) => {
    await tables.createTable('facts', { key: { ...text, primaryKey: true }, value: text });
    await tables.bulkInsert('facts', [{ key: 'record', value: randomUUID() }]);
  },
};
