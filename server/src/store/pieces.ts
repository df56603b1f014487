import { piece as pieceSchema, type Piece, type PieceRecord } from '@obrik/core/piece';
import type { Model, ModelStatic, Transaction } from 'sequelize';
import type { Database } from './database';
import type { PieceRow } from './models';

/** What happened to a write: stored, no such piece, or based on an old revision. */
export type Written =
  | { readonly kind: 'stored'; readonly record: PieceRecord }
  | { readonly kind: 'missing' }
  | { readonly kind: 'outdated'; readonly revision: number };

export interface PieceStore {
  list(): Promise<PieceRecord[]>;
  find(id: string): Promise<PieceRecord | undefined>;
  /** Stores a new piece under the next free number; undefined where the id is taken. */
  add(piece: Piece, now: Date): Promise<PieceRecord | undefined>;
  /** Stores the piece as its next revision, if `revision` is still the current one. */
  save(piece: Piece, revision: number, now: Date): Promise<Written>;
}

const LISTS = ['observations', 'confirmations', 'findings', 'layers', 'hardware', 'aims'] as const;

const plain = <T extends object>(rows: Model<T>[]): T[] =>
  rows.map((it) => it.get({ plain: true }));

/** A column that nobody filled is a wish that nobody had. */
const whatWasSaid = (row: object): object =>
  Object.fromEntries(Object.entries(row).filter(([, value]) => value !== null));

/** Keeps pieces in the database. Writes are done one at a time. */
export const pieceStore = ({ sequelize, models }: Database): PieceStore => {
  let last: Promise<unknown> = Promise.resolve();
  const oneAtATime = <T>(work: (transaction: Transaction) => Promise<T>): Promise<T> => {
    const next = last.then(() => sequelize.transaction(work));
    last = next.catch(() => undefined);
    return next;
  };

  const assemble = async (rows: PieceRow[], transaction?: Transaction): Promise<PieceRecord[]> => {
    const pieceId = rows.map((it) => it.id);
    const lists = await Promise.all(
      LISTS.map(async (name) => {
        const model = models[name] as ModelStatic<Model<{ pieceId: string; position: number }>>;
        return plain(await model.findAll({ where: { pieceId }, order: ['position'], transaction }));
      }),
    );
    return rows.map(({ number, revision, createdAt, updatedAt, ...rest }) => ({
      number,
      revision,
      createdAt,
      updatedAt,
      piece: pieceSchema.parse({
        ...rest,
        ...Object.fromEntries(
          LISTS.map((name, index) => {
            const own = lists[index]?.filter((it) => it.pieceId === rest.id);
            return [name, name === 'aims' ? own?.map(whatWasSaid) : own];
          }),
        ),
      }),
    }));
  };

  const writeLists = async (piece: Piece, transaction: Transaction): Promise<void> => {
    for (const name of LISTS) {
      const model = models[name] as ModelStatic<Model>;
      await model.destroy({ where: { pieceId: piece.id }, transaction });
      await model.bulkCreate(
        piece[name].map((it, position) => ({ ...it, pieceId: piece.id, position })),
        { transaction },
      );
    }
  };

  const rowOf = ({
    observations: _o,
    confirmations: _c,
    findings: _f,
    layers: _l,
    hardware: _h,
    aims: _a,
    ...row
  }: Piece) => row;

  return {
    list: async () => assemble(plain(await models.pieces.findAll({ order: ['number'] }))),
    find: async (id) => (await assemble(plain(await models.pieces.findAll({ where: { id } }))))[0],
    add: (piece, now) =>
      oneAtATime(async (transaction) => {
        if (await models.pieces.findByPk(piece.id, { transaction })) return undefined;
        const highest = await models.pieces.max<number | null, Model<PieceRow>>('number', {
          transaction,
        });
        const about = {
          number: (highest ?? 0) + 1,
          revision: 1,
          createdAt: now.toISOString(),
          updatedAt: now.toISOString(),
        };
        await models.pieces.create({ ...rowOf(piece), ...about }, { transaction });
        await writeLists(piece, transaction);
        return { ...about, piece };
      }),
    save: (piece, revision, now) =>
      oneAtATime(async (transaction): Promise<Written> => {
        const row = await models.pieces.findByPk(piece.id, { transaction });
        if (!row) return { kind: 'missing' };
        const old = row.get({ plain: true });
        if (old.revision !== revision) return { kind: 'outdated', revision: old.revision };
        const about = {
          number: old.number,
          revision: revision + 1,
          createdAt: old.createdAt,
          updatedAt: now.toISOString(),
        };
        await row.update({ ...rowOf(piece), ...about }, { transaction });
        await writeLists(piece, transaction);
        return { kind: 'stored', record: { ...about, piece } };
      }),
  };
};
