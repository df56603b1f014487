import { DataTypes, type QueryInterface } from 'sequelize';
import type { RunnableMigration } from 'umzug';

const GONE = ['version', 'deed', 'at', 'device', '"by"', 'knew'] as const;

/**
 * Each line is kept as it was received, in one text, with its hash. Of lines of before there is only
 * what was made of them: they have no hash, and are told as they stood.
 */
export const asReceived: RunnableMigration<QueryInterface> = {
  name: '0012-as-received',
  up: async ({ context: tables }) => {
    const text = { type: DataTypes.TEXT, allowNull: false, defaultValue: '' };
    await tables.addColumn('entries', 'kind', text);
    await tables.addColumn('entries', 'sent', text);
    await tables.addColumn('entries', 'hash', { type: DataTypes.TEXT, allowNull: true });
    // A change that is no JSON is told as the text that it is.
    await tables.sequelize.query(`
      UPDATE entries SET
        kind = CASE WHEN json_valid(deed) THEN coalesce(json_extract(deed, '$.kind'), '') ELSE '' END,
        sent = '{"id":' || json_quote(id)
          || ',"pieceId":' || json_quote(pieceId)
          || ',"version":' || version
          || ',"deed":' || CASE WHEN json_valid(deed) THEN deed ELSE json_quote(deed) END
          || ',"at":' || json_quote(at)
          || ',"device":' || json_quote(device)
          || ',"by":' || json_quote("by")
          || ',"knew":' || knew || '}'`);
    for (const column of GONE) {
      await tables.sequelize.query(`ALTER TABLE entries DROP COLUMN ${column}`);
    }
  },
};
