import { QueryTypes, type QueryInterface } from 'sequelize';
import type { RunnableMigration } from 'umzug';
import { builtOf } from './0011-old-builds';

interface EntryRow {
  readonly seq: number;
  readonly pieceId: string | null;
  readonly deed: string;
}

interface OldDeed {
  readonly kind?: unknown;
  readonly description?: Readonly<Record<string, unknown>>;
}

/** Kind and measures of a piece in the form of version 1, as its entries have told them so far. */
type Told = Readonly<Record<string, unknown>>;

const shapeIn = (it: Told): Told =>
  Object.fromEntries(
    Object.entries({ templateId: it.templateId, measures: it.measures }).filter(
      ([, value]) => value !== undefined,
    ),
  );

/**
 * Pieces are told by how they are built, no longer by template and measures. What an entry says
 * stays the same; one that told only kind or measures is completed by what was told before it.
 */
export const builtPieces: RunnableMigration<QueryInterface> = {
  name: '0011-built-pieces',
  up: async ({ context: tables }) => {
    const rows = await tables.sequelize.query<EntryRow>(
      `SELECT seq, pieceId, deed FROM entries
       WHERE deed LIKE '%"takenIn"%' OR deed LIKE '%"describe"%' ORDER BY seq`,
      { type: QueryTypes.SELECT },
    );
    const known = new Map<string | null, Told>();
    for (const { seq, pieceId, deed: text } of rows) {
      const deed = JSON.parse(text) as OldDeed;
      const { description } = deed;
      if (!description || (deed.kind !== 'takenIn' && deed.kind !== 'describe')) continue;
      const own = shapeIn(description);
      if (Object.keys(own).length === 0) continue;
      const whole = { ...known.get(pieceId), ...own };
      known.set(pieceId, whole);
      const { templateId: _t, measures: _m, ...rest } = description;
      if ('build' in rest) continue;
      const now = builtOf({ ...rest, ...whole });
      // A line that can't be read stays as it is, and is shown as that.
      if (!now) continue;
      await tables.sequelize.query(
        'UPDATE entries SET deed = :deed, version = 2 WHERE seq = :seq',
        {
          replacements: { deed: JSON.stringify({ ...deed, description: now }), seq },
        },
      );
    }
  },
};
