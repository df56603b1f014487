import { FINISHES } from './finishes';
import { MATERIALS } from './materials';
import type { Danger } from './danger';
import type { Damage } from './damages';
import type { Protection } from './protection';
import { PRACTICE, published, type SourceMark } from './source';
import { THIN_FACE, type StateCondition } from './state';
import { table } from './table';
import { WOODS } from './woods';
import { DECISIONS } from './decisions';

/** Woods in which iron goes black, and lye too. */
const RICH_IN_TANNIN = WOODS.rows
  .filter((it) => it.bleeds.tannin >= DECISIONS.richInTannin.value)
  .map((it) => it.id);

/** Where a way of working ruins the face or hurts somebody. */
interface Forbidden {
  /** What the face may be; anything where left out. */
  readonly where?: StateCondition;
  /** Lead was found on it, or nobody knows. */
  readonly onLead?: true;
  /** One of these damages is on it. */
  readonly onDamage?: readonly Damage[];
  /** It holds only while the old finish is still on. */
  readonly whileOn?: 'finish';
  readonly because: string;
}

const ON_LEAD: Forbidden = {
  onLead: true,
  because: 'it would set dust or flakes free of paint that may hold lead',
};
const LEAD_SOURCE = published('24 CFR 35.140, written for housing; taken as the floor');

interface DangerRow<Id extends Danger = Danger> {
  readonly id: Id;
  readonly label: string;
  /** What is worn, or done for the air, whoever does it and with whatever material. */
  readonly needs: readonly Protection[];
  readonly forbids: readonly Forbidden[];
  readonly source: SourceMark;
}
const row = <const Id extends Danger>(it: DangerRow<Id>): DangerRow<Id> => it;

/**
 * What work does that can hurt somebody or ruin a face: what each needs and forbids, once for all
 * rules, methods and lines. What a material brings with it stands in the material's own row, what a
 * way to strip brings in the way's.
 */
export const DANGERS = table([
  row({
    id: 'abrades',
    label: 'sands or scuffs dry',
    needs: ['dustMask'],
    forbids: [ON_LEAD],
    source: published('NIOSH REL 1 mg/m³; IARC group 1; 24 CFR 35.140'),
  }),
  row({
    id: 'blows',
    label: 'blows dust about',
    needs: ['dustMask', 'goggles'],
    forbids: [ON_LEAD],
    source: LEAD_SOURCE,
  }),
  row({
    id: 'vacuums',
    label: 'vacuums without a HEPA filter',
    needs: [],
    forbids: [ON_LEAD],
    source: published('40 CFR 745.85, written for housing; taken as the floor'),
  }),
  row({
    id: 'scrapes',
    label: 'scrapes dry',
    needs: [],
    forbids: [ON_LEAD],
    source: LEAD_SOURCE,
  }),
  row({
    id: 'cuts',
    label: 'cuts, planes or rasps dry',
    needs: [],
    forbids: [ON_LEAD],
    source: LEAD_SOURCE,
  }),
  row({
    id: 'drills',
    label: 'drills dry',
    needs: ['goggles'],
    forbids: [ON_LEAD],
    source: LEAD_SOURCE,
  }),
  row({
    id: 'pries',
    label: 'breaks paint at a joint or a nail',
    needs: [],
    forbids: [ON_LEAD],
    source: LEAD_SOURCE,
  }),
  row({
    id: 'steelWool',
    label: 'rubs with steel wool',
    needs: [],
    forbids: [
      ON_LEAD,
      {
        where: { wood: RICH_IN_TANNIN },
        because: 'iron left in wood that is rich in tannin goes black as soon as it is wet',
      },
    ],
    source: PRACTICE,
  }),
  // Wet, or on what holds no old paint: it opens layers, and sets no dust free.
  row({ id: 'rubsWet', label: 'rubs wet', needs: [], forbids: [], source: PRACTICE }),
  row({ id: 'scrapesWet', label: 'scrapes wet', needs: [], forbids: [], source: PRACTICE }),
  row({ id: 'cutsWet', label: 'cuts or drills wet', needs: [], forbids: [], source: PRACTICE }),
  row({ id: 'worksNew', label: 'works new wood', needs: [], forbids: [], source: PRACTICE }),
  row({
    id: 'heats',
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
    id: 'water',
    label: 'wets it with water',
    needs: [],
    forbids: [
      { onDamage: ['liftingVeneer'], because: 'water lifts veneer that is loose already' },
      {
        where: {
          finish: FINISHES.rows.filter((it) => it.nature === 'distemper').map((it) => it.id),
        },
        whileOn: 'finish',
        because: 'paint that powders smears and runs under water',
      },
    ],
    source: PRACTICE,
  }),
  row({
    id: 'oxalic',
    label: 'bleaches it with oxalic acid',
    needs: [],
    forbids: [
      {
        where: { finish: FINISHES.rows.filter((it) => it.film).map((it) => it.id) },
        whileOn: 'finish',
        because: 'oxalic acid reaches bare wood only, and its water blooms a film that stays',
      },
    ],
    source: PRACTICE,
  }),
  row({
    id: 'caustic',
    label: 'wets it with lye',
    needs: [],
    forbids: [
      {
        where: { substrate: THIN_FACE },
        because: 'lye and rinsing loosen veneer and other thin faces',
      },
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
    needs: ['openWindow'],
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
