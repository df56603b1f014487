import { PRACTICE, type SourceMark } from './source';
import { table } from './table';

interface ProtectionRow<Id extends string = string> {
  readonly id: Id;
  readonly label: string;
  /** Where it is worn, these need not be worn too. */
  readonly covers: readonly string[];
  readonly source: SourceMark;
}
const row = <const Id extends string>(
  id: Id,
  label: string,
  covers: readonly string[] = [],
): ProtectionRow<Id> => ({
  id,
  label,
  covers,
  source: PRACTICE,
});

/** What is worn, and what keeps the air and the room harmless while work is done. */
export const PROTECTIONS = table([
  row('dustMask', 'Dust mask'),
  row('p100Filter', 'P100 filter', ['dustMask']),
  row('p100Respirator', 'P100 respirator', ['dustMask', 'p100Filter']),
  row('vapourCartridges', 'Organic-vapour cartridges'),
  row('vapourAndParticle', 'Organic-vapour cartridges with particulate filter', [
    'vapourCartridges',
    'dustMask',
  ]),
  row('nitrileGloves', 'Nitrile gloves'),
  row('rubberGloves', 'Rubber gloves'),
  row('longRubberGloves', 'Long rubber gloves'),
  row('solventGloves', 'Gloves matched to the solvent'),
  row('workGloves', 'Work gloves'),
  row('goggles', 'Goggles'),
  row('apron', 'Apron'),
  row('overall', 'Disposable overall'),
  row('hearing', 'Hearing protection'),
  row('extraction', 'Extraction'),
  row('hepaExtraction', 'P100 / HEPA extraction', ['extraction']),
  row('outdoorsOrShut', 'Outdoors, or the door shut'),
  row('outdoors', 'Outdoors, no flame', ['openWindow', 'ventilation', 'noFlame']),
  row('ventilation', 'Ventilation'),
  row('openWindow', 'Open window, no flame', ['ventilation', 'noFlame']),
  row('noFlame', 'No flame'),
]);
export type Protection = (typeof PROTECTIONS.ids)[number];

/** What is to be worn together: each once, and nothing that something else covers. */
export const wornTogether = (list: readonly Protection[]): readonly Protection[] => {
  const covered = new Set(list.flatMap((it) => PROTECTIONS.get(it).covers));
  return [...new Set(list)].filter((it) => !covered.has(it));
};
