import { GRITS } from '../grits';
import { material } from './material';

type Grit = (typeof GRITS)[number]['grit'];

/** The paper of a grit. */
export type Paper = `paper${Grit}`;
export const paperOf = (grit: Grit): Paper => `paper${grit}`;

/** Papers of the P-series, and what else abrades. */
export const PAPERS = GRITS.map(({ grit }) =>
  material({
    id: paperOf(grit),
    label: `P${grit} paper`,
    unit: 'sheet',
    containers: [{ size: 10, price: 700 }],
  }),
);

export const ABRASIVES = [
  material({
    id: 'wetPaper150',
    label: 'Wet-or-dry P150 paper',
    unit: 'sheet',
    containers: [{ size: 10, price: 900 }],
  }),
  material({
    id: 'discs80',
    label: 'P80 discs',
    unit: 'piece',
    containers: [{ size: 10, price: 1200 }],
  }),
  material({
    id: 'steelWool',
    label: 'Fine steel wool',
    unit: 'kg',
    containers: [{ size: 0.2, price: 400 }],
  }),
] as const;
