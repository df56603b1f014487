import { GRITS } from '../grits';
import { material } from './material';

type Grit = (typeof GRITS)[number]['grit'];

/** The paper of a grit. */
export type Abrasive = `paper${Grit}`;
export const paperOf = (grit: Grit): Abrasive => `paper${grit}`;

/** Papers of the P-series, and what else abrades. */
export const PAPERS = GRITS.map(({ grit }) =>
  material({
    id: paperOf(grit),
    label: `P${grit} paper`,
    unit: 'sheet',
    containers: [{ size: 10, price: 700 }],
  }),
);

/** The disc of a grit, for the sanding machine. */
export type Disc = `discs${Grit}`;
export const discOf = (grit: Grit): Disc => `discs${grit}`;

/** Discs of 125 or 150 mm, P-series. */
export const DISCS = GRITS.map(({ grit }) =>
  material({
    id: discOf(grit),
    label: `P${grit} discs`,
    unit: 'piece',
    containers: [
      { size: 10, price: 1200 },
      { size: 50, price: 4200 },
    ],
  }),
);

/** The discs that do the work of a paper; undefined where it is no paper of the P-series. */
export const discsFor = (paper: string): Disc | undefined => {
  const row = GRITS.find(({ grit }) => paperOf(grit) === paper);
  return row && discOf(row.grit);
};

export const ABRASIVES = [
  material({
    id: 'wetPaper150',
    label: 'Wet-or-dry P150 paper',
    unit: 'sheet',
    containers: [{ size: 10, price: 900 }],
  }),
  material({
    id: 'steelWool',
    label: 'Fine steel wool',
    unit: 'kg',
    containers: [{ size: 0.2, price: 400 }],
  }),
] as const;
