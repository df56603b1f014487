import { DataTypes, type QueryInterface } from 'sequelize';
import type { RunnableMigration } from 'umzug';

const { BLOB, DOUBLE, INTEGER, JSON: JSON_TYPE, TEXT } = DataTypes;

const text = { type: TEXT, allowNull: false } as const;
const integer = { type: INTEGER, allowNull: false } as const;
const figure = { type: DOUBLE, allowNull: true } as const;
const ofPiece = {
  type: TEXT,
  allowNull: false,
  references: { model: 'pieces', key: 'id' },
  onDelete: 'CASCADE',
} as const;
const inKey = { primaryKey: true } as const;

/** Substrates are told apart more finely: a word given before means the commonest of its family. */
const FINER: Readonly<Record<string, string>> = {
  solid: 'hardwood',
  veneer: 'veneerCore',
  laminate: 'foil',
  fibreboard: 'board',
};

/** Sizes and places of damages, photos, layers of paint, fittings, the air in the shop. */
export const wholeInspection: RunnableMigration<QueryInterface> = {
  name: '0002-whole-inspection',
  up: async ({ context: tables }) => {
    for (const column of ['lengthMm', 'widthMm', 'depthMm']) {
      await tables.addColumn('findings', column, figure);
    }
    await tables.addColumn('findings', 'direction', { ...text, defaultValue: 'none' });
    await tables.addColumn('findings', 'place', { type: JSON_TYPE, allowNull: true });
    await tables.addColumn('findings', 'photoId', { type: TEXT, allowNull: true });
    await tables.createTable('layers', {
      pieceId: { ...ofPiece, ...inKey },
      surfaceId: { ...text, ...inKey },
      layer: { ...integer, ...inKey },
      position: integer,
      colour: text,
      feel: text,
      thicknessUm: figure,
    });
    await tables.createTable('hardware', {
      pieceId: { ...ofPiece, ...inKey },
      id: { ...text, ...inKey },
      position: integer,
      kind: text,
      name: text,
      count: integer,
      missing: integer,
      holeSpacingMm: figure,
      bag: text,
      disposition: text,
      note: text,
    });
    await tables.createTable('photos', {
      id: { ...text, ...inKey },
      pieceId: ofPiece,
      width: integer,
      height: integer,
      bytes: { type: BLOB, allowNull: false },
      takenInAt: text,
    });
    await tables.addColumn('shop', 'airCelsius', { ...figure, allowNull: false, defaultValue: 18 });
    await tables.addColumn('shop', 'airHumidity', {
      ...figure,
      allowNull: false,
      defaultValue: 55,
    });
    for (const [before, after] of Object.entries(FINER)) {
      await tables.bulkUpdate(
        'confirmations',
        { value: after },
        { variable: 'substrate', value: before },
      );
    }
  },
};
