import { table } from '../table';
import { COATINGS } from './all';

type Row = (typeof COATINGS.rows)[number];
type PaintRow = Extract<Row, { readonly offered: { readonly as: 'paint' } }>;
type TopcoatRow = Extract<Row, { readonly offered: { readonly as: 'topcoat' } }>;

/** Paints that people choose by class. */
export const PAINTS = table(
  COATINGS.rows.filter((it): it is PaintRow => it.offered?.as === 'paint'),
);
export type PaintClass = PaintRow['id'];

const wishOf = <R extends TopcoatRow>({ id, offered }: R) => ({
  id: offered.wish as R['offered']['wish'],
  coating: id as R['id'],
  label: offered.called as string,
});

/** Topcoats that people choose, by what they wish for. */
export const TOPCOATS = table(
  COATINGS.rows
    .filter((it): it is TopcoatRow => it.offered?.as === 'topcoat')
    .map((it) => wishOf(it)),
);
export type TopcoatWish = TopcoatRow['offered']['wish'];
