import { DataTypes, type QueryInterface } from 'sequelize';
import type { RunnableMigration } from 'umzug';

const text = { type: DataTypes.TEXT, allowNull: false } as const;
const optionalText = { type: DataTypes.TEXT, allowNull: true } as const;
const integer = { type: DataTypes.INTEGER, allowNull: false } as const;
const optionalInteger = { type: DataTypes.INTEGER, allowNull: true } as const;
const json = { type: DataTypes.JSON, allowNull: false } as const;
const flag = { type: DataTypes.BOOLEAN, allowNull: false, defaultValue: false } as const;
const ofPiece = {
  type: DataTypes.TEXT,
  allowNull: false,
  references: { model: 'pieces', key: 'id' },
  onDelete: 'CASCADE',
} as const;
const inKey = { primaryKey: true } as const;

/** Pieces, what was seen and found on them, what they shall become, kept routes, the shop. */
export const firstTables: RunnableMigration<QueryInterface> = {
  name: '0001-first-tables',
  up: async ({ context: tables }) => {
    await tables.createTable('pieces', {
      id: { ...text, ...inKey },
      number: { ...integer, unique: true },
      revision: integer,
      name: text,
      templateId: text,
      measures: json,
      yearFrom: optionalInteger,
      yearTo: optionalInteger,
      childsRoom: flag,
      origin: text,
      keep: text,
      archived: flag,
      createdAt: text,
      updatedAt: text,
    });
    await tables.createTable('observations', {
      pieceId: { ...ofPiece, ...inKey },
      id: { ...text, ...inKey },
      position: integer,
      surfaceId: text,
      testId: text,
      outcome: optionalText,
      value: { type: DataTypes.DOUBLE, allowNull: true },
      layer: optionalInteger,
      at: text,
      by: text,
    });
    await tables.createTable('confirmations', {
      pieceId: { ...ofPiece, ...inKey },
      surfaceId: { ...text, ...inKey },
      variable: { ...text, ...inKey },
      position: integer,
      value: text,
      at: text,
    });
    await tables.createTable('findings', {
      pieceId: { ...ofPiece, ...inKey },
      id: { ...text, ...inKey },
      position: integer,
      surfaceId: text,
      damage: text,
      count: integer,
      note: text,
      at: text,
    });
    await tables.createTable('aims', {
      pieceId: { ...ofPiece, ...inKey },
      surfaceId: { ...text, ...inKey },
      position: integer,
      scheme: json,
      stripWish: text,
    });
    await tables.createTable('routes', {
      id: { ...integer, ...inKey, autoIncrement: true },
      pieceId: ofPiece,
      pieceRevision: integer,
      plannedAt: text,
      shop: json,
      route: json,
    });
    await tables.addIndex('routes', ['pieceId']);
    await tables.createTable('shop', {
      id: { ...integer, ...inKey },
      units: text,
      leadCutoffYear: integer,
    });
  },
};
