import { method, type MethodRow } from './method';

/** Mending opens what lies on the face, if only a place of it. */
const repair = <const Id extends string>(
  it: Pick<MethodRow<Id>, 'id'> & Partial<MethodRow<Id>>,
): MethodRow<Id> =>
  method({ ...it, opensLayers: true, protection: ['nitrileGloves', ...(it.protection ?? [])] });

const FILLING = ['blows', 'scrapes', 'abrades', 'rubsWet', 'scrapesWet'] as const;
const GLUING = ['vacuums', 'blows', 'scrapes', 'cuts', 'pries', 'abrades', 'worksNew'] as const;
const WET = ['scrapesWet', 'cutsWet', 'rubsWet'] as const;

/** How damage is mended, new parts and new veneer. */
export const REPAIR_METHODS = [
  repair({ id: 'steam', does: ['heats'], heat: true, wet: 'water' }),
  repair({ id: 'two-part-filler', does: FILLING }),
  repair({ id: 'stainable-filler', does: FILLING }),
  repair({ id: 'fill-scratch', does: FILLING }),
  repair({ id: 'scrape-burn', does: FILLING }),
  repair({ id: 'plane-swelling', does: [...FILLING, 'cuts'] }),
  repair({ id: 'harden-board', does: [...FILLING, 'cuts', 'cutsWet'] }),
  repair({ id: 'glazing-putty', does: FILLING }),
  repair({ id: 'epoxy-putty', does: ['cuts', 'drills', ...WET] }),
  repair({ id: 'glue-crack', does: GLUING }),
  repair({ id: 'glue-and-fill-crack', does: [...GLUING, ...WET] }),
  repair({ id: 'slip-in-crack', does: [...GLUING, ...WET] }),
  repair({ id: 'glue-veneer', does: [...GLUING, ...WET] }),
  repair({ id: 'glue-plies', does: [...GLUING, ...WET] }),
  repair({ id: 'glue-joint', does: [...GLUING, ...WET] }),
  repair({ id: 'glue-dovetail', does: [...GLUING, ...WET] }),
  repair({ id: 'glue-handle', does: GLUING }),
  repair({ id: 'glue-foil', does: [...GLUING, ...WET] }),
  repair({ id: 'iron-band', does: [...GLUING, ...WET] }),
  repair({ id: 'level-runner', does: [...GLUING, ...WET] }),
  repair({ id: 'guide-strips', does: GLUING }),
  repair({ id: 'wood-patch', does: [...GLUING, ...WET] }),
  repair({ id: 'veneer-patch', does: [...GLUING, ...WET] }),
  repair({ id: 'new-back', does: ['worksNew'] }),
  repair({ id: 'ring-out', does: ['rubsWet'] }),
  repair({ id: 'wax-stick' }),
  repair({ id: 'wash-silicone', does: ['rubsWet'] }),
  repair({ id: 'oxalic-acid', does: ['oxalic', 'water'], wet: 'water' }),
  repair({ id: 'grain-filler', does: FILLING }),
  repair({ id: 'sand-fuzz-out', does: ['abrades', 'rubsWet'] }),
  repair({ id: 'fill-old-holes', does: FILLING, handbook: 'damage-smallHole' }),
  repair({
    id: 'new-part-solid',
    does: ['pries', 'worksNew', 'cutsWet'],
    rate: 'newPartSolid',
    protection: ['goggles', 'dustMask', 'hearing'],
  }),
  repair({
    id: 'new-part-plywood',
    does: ['pries', 'worksNew', 'cutsWet'],
    rate: 'newPartSheet',
    protection: ['goggles', 'dustMask', 'hearing'],
  }),
  repair({
    id: 'new-part-board',
    does: ['pries', 'worksNew', 'cutsWet'],
    rate: 'newPartBoard',
    protection: ['goggles', 'dustMask', 'hearing'],
  }),
  repair({
    id: 'lay-veneer',
    does: ['scrapes', 'abrades', 'vacuums', 'worksNew'],
    dust: true,
    dedusts: true,
    people: 2,
    rate: 'veneer',
  }),
] as const;
/** Ways of mending that a repair names. */
export type RepairMethod = (typeof REPAIR_METHODS)[number]['id'];
