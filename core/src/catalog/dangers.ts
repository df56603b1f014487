import { FINISHES } from './finishes';
import { MATERIALS } from './materials';
import type { Protection } from './protection';
import { PRACTICE, published, type SourceMark } from './source';
import { THIN_FACE, type StateCondition } from './state';
import { table } from './table';

/** Where a way of working ruins the face or hurts somebody. */
interface Forbidden {
  readonly where: StateCondition;
  /** It holds only while the old finish is still on. */
  readonly whileOn?: 'finish';
  readonly because: string;
}

interface DangerRow<Id extends string = string> {
  readonly id: Id;
  readonly label: string;
  /** What is worn, or done for the air, whoever does it and with whatever material. */
  readonly needs: readonly Protection[];
  readonly forbids: readonly Forbidden[];
  readonly source: SourceMark;
}
const row = <const Id extends string>(it: DangerRow<Id>): DangerRow<Id> => it;

/**
 * What each way of working needs and forbids, once for all rules. What a material brings with it
 * stands in the material's own row, what a way to strip brings in the way's.
 */
export const DANGERS = table([
  row({
    id: 'dust',
    label: 'makes dust',
    needs: ['dustMask'],
    forbids: [],
    source: published('NIOSH REL 1 mg/m³; IARC group 1'),
  }),
  row({
    id: 'heat',
    label: 'heats the face',
    needs: ['workGloves'],
    forbids: [
      {
        where: { finish: FINISHES.rows.filter((it) => it.burns).map((it) => it.id) },
        whileOn: 'finish',
        because: 'lacquer burns in a flash, and shellac turns to tar',
      },
      { where: { substrate: THIN_FACE }, because: 'heat softens the glue under a thin face' },
    ],
    source: PRACTICE,
  }),
  row({
    id: 'caustic',
    label: 'wets it with lye',
    needs: ['goggles', 'longRubberGloves', 'apron'],
    forbids: [
      { where: { substrate: THIN_FACE }, because: 'lye and rinsing loosen a thin face' },
      { where: { substrate: ['board'] }, because: 'bare board swells' },
    ],
    source: PRACTICE,
  }),
  row({
    id: 'solvent',
    label: 'wets it with solvent',
    needs: ['openWindow'],
    forbids: [],
    source: PRACTICE,
  }),
  row({
    id: 'alcohol',
    label: 'wets it with alcohol',
    needs: ['noFlame'],
    forbids: [
      {
        where: { finish: MATERIALS.get('alcohol').dissolves },
        whileOn: 'finish',
        because: 'alcohol softens it',
      },
    ],
    source: PRACTICE,
  }),
  row({
    id: 'mist',
    label: 'fills the air with mist',
    needs: ['vapourCartridges', 'p100Filter', 'goggles'],
    forbids: [],
    source: PRACTICE,
  }),
  row({
    id: 'lead',
    label: 'handles a piece with lead on it',
    needs: ['p100Respirator', 'overall', 'nitrileGloves'],
    forbids: [],
    source: published('40 CFR 745.85, written for housing; taken as the floor'),
  }),
]);
export type Danger = (typeof DANGERS.ids)[number];
