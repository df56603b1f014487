import { createHash } from 'node:crypto';
import { DataTypes, QueryTypes, type QueryInterface } from 'sequelize';
import type { RunnableMigration } from 'umzug';

const { BLOB, INTEGER, TEXT } = DataTypes;
const text = { type: TEXT, allowNull: false } as const;
const optionalText = { type: TEXT, allowNull: true } as const;
const integer = { type: INTEGER, allowNull: false } as const;
const optionalInteger = { type: INTEGER, allowNull: true } as const;

type Row = Readonly<Record<string, unknown>>;

/** Who is said to have made the entries of before. */
const DEVICE = 'before-the-ledger';

const rowsOf = (tables: QueryInterface, sql: string): Promise<Row[]> =>
  tables.sequelize.query<Row>(sql, { type: QueryTypes.SELECT });

const json = (it: unknown): unknown => (typeof it === 'string' ? (JSON.parse(it) as unknown) : it);

/** The columns of a list's row that belong to what it holds. */
const own = ({ pieceId: _p, position: _q, ...rest }: Row): Row => rest;

/** Wishes that nobody had were empty columns. */
const said = (it: Row): Row =>
  Object.fromEntries(Object.entries(it).filter(([, value]) => value !== null));

interface Told {
  readonly deed: Row;
  readonly at: unknown;
  readonly by: unknown;
}

/** What a stored piece says, as deeds, in the form of version 1. */
const deedsOf = (it: Row, of: (table: string) => readonly Row[]): readonly Told[] => {
  const told = (deed: Row, at: unknown = it.createdAt, by: unknown = ''): Told => ({
    deed,
    at,
    by,
  });
  const layers = of('layers');
  return [
    told({
      kind: 'takenIn',
      description: {
        name: it.name,
        templateId: it.templateId,
        measures: json(it.measures),
        yearFrom: it.yearFrom,
        yearTo: it.yearTo,
        childsRoom: Boolean(it.childsRoom),
        origin: it.origin,
        keep: it.keep,
      },
    }),
    ...of('observations').map((one) =>
      told({ kind: 'observe', observation: own(one) }, one.at, one.by),
    ),
    ...of('confirmations').map((one) => told({ kind: 'confirm', confirmation: own(one) }, one.at)),
    ...of('findings').map((one) =>
      told({ kind: 'find', finding: { ...own(one), place: json(one.place) } }, one.at),
    ),
    ...[...new Set(layers.map((one) => one.surfaceId))].map((surfaceId) =>
      told({
        kind: 'layers',
        surfaceId,
        layers: layers.filter((one) => one.surfaceId === surfaceId).map(own),
      }),
    ),
    ...of('hardware').map((one) => told({ kind: 'fit', hardware: own(one) })),
    ...of('aims').map((one) =>
      told({
        kind: 'aim',
        surfaceIds: [one.surfaceId],
        aims: [said({ ...own(one), scheme: json(one.scheme) })],
      }),
    ),
    ...(Object.keys(json(it.schools) ?? {}).length > 0
      ? [told({ kind: 'work', schools: json(it.schools) })]
      : []),
    ...(it.archived ? [told({ kind: 'archive' }, it.updatedAt)] : []),
  ];
};

const LISTS = ['observations', 'confirmations', 'findings', 'layers', 'hardware', 'aims'] as const;

/** The same entry gets the same id, however often the migration is begun. */
const idOf = (...parts: readonly unknown[]): string =>
  `m8-${createHash('sha256').update(JSON.stringify(parts)).digest('hex').slice(0, 40)}`;

/** Makes a table anew without its tie to the pieces of before, with all that is in it. */
const untied = async (
  tables: QueryInterface,
  name: string,
  columns: Parameters<QueryInterface['createTable']>[1],
): Promise<void> => {
  const list = Object.keys(columns).join(', ');
  await tables.createTable(`${name}_new`, columns);
  await tables.sequelize.query(`INSERT INTO ${name}_new (${list}) SELECT ${list} FROM ${name}`);
  await tables.dropTable(name);
  await tables.renameTable(`${name}_new`, name);
  await tables.addIndex(name, ['pieceId']);
};

/** The record becomes a list of entries that is only ever added to; pieces are their fold. */
export const ledger: RunnableMigration<QueryInterface> = {
  name: '0008-ledger',
  up: async ({ context: tables }) => {
    await tables.createTable('entries', {
      seq: { ...integer, primaryKey: true, autoIncrement: true },
      id: { ...text, unique: true },
      pieceId: optionalText,
      version: integer,
      deed: text,
      at: text,
      device: text,
      by: text,
      knew: integer,
      receivedAt: text,
      number: { ...optionalInteger, unique: true },
    });
    await tables.addIndex('entries', ['pieceId', 'seq']);
    await tables.createTable('snapshots', {
      pieceId: { ...text, primaryKey: true },
      form: integer,
      number: integer,
      seq: integer,
      ledger: text,
      summary: text,
      planned: optionalText,
      plannedAs: optionalText,
    });
    await tables.addIndex('snapshots', ['number']);

    const lists = new Map<string, readonly Row[]>();
    for (const table of LISTS) {
      lists.set(table, await rowsOf(tables, `SELECT * FROM ${table} ORDER BY pieceId, position`));
    }
    let seq = 0;
    const rowOf = (pieceId: string | null, number: unknown, told: Told) => ({
      seq: ++seq,
      id: idOf(pieceId, seq, told.deed),
      pieceId,
      version: 1,
      deed: JSON.stringify(told.deed),
      at: told.at,
      device: DEVICE,
      by: told.by,
      knew: seq - 1,
      receivedAt: told.at,
      number,
    });
    for (const it of await rowsOf(tables, 'SELECT * FROM pieces ORDER BY number')) {
      const pieceId = String(it.id);
      const deeds = deedsOf(it, (table) =>
        (lists.get(table) ?? []).filter((one) => one.pieceId === it.id),
      );
      await tables.bulkInsert(
        'entries',
        deeds.map((told) => rowOf(pieceId, told.deed.kind === 'takenIn' ? it.number : null, told)),
      );
      await tables.sequelize.query(
        'UPDATE routes SET pieceRevision = CASE WHEN pieceRevision = :old THEN :now ELSE 0 END WHERE pieceId = :pieceId',
        { replacements: { old: it.revision, now: deeds.length, pieceId } },
      );
    }
    for (const { id: _, ...settings } of await rowsOf(tables, 'SELECT * FROM shop')) {
      const deed = {
        kind: 'shopSet',
        settings: { ...settings, schools: json(settings.schools), tools: json(settings.tools) },
      };
      const told = { deed, at: new Date(0).toISOString(), by: '' };
      await tables.bulkInsert('entries', [rowOf(null, null, told)]);
    }

    await untied(tables, 'photos', {
      id: { ...text, primaryKey: true },
      pieceId: text,
      width: integer,
      height: integer,
      bytes: { type: BLOB, allowNull: false },
      takenInAt: text,
    });
    await untied(tables, 'routes', {
      id: { ...integer, primaryKey: true, autoIncrement: true },
      pieceId: text,
      pieceRevision: integer,
      plannedAt: text,
      version: integer,
      shop: { type: DataTypes.JSON, allowNull: false },
      route: { type: DataTypes.JSON, allowNull: false },
    });
    for (const table of [...LISTS, 'shop', 'pieces']) await tables.dropTable(table);
  },
};
