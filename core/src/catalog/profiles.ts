import { JUDGEMENT, PRACTICE, type SourceMark } from './source';
import { table } from './table';

interface ProfileRow<Id extends string = string> {
  readonly id: Id;
  readonly label: string;
  /** What it looks like, for somebody who chooses. */
  readonly what: string;
  /** Real area over the area of its outline. */
  readonly areaFactor: number;
  /** Sanded by hand: a flat pad would cut the high places and miss the low ones. */
  readonly byHand: boolean;
  /** Hands-on work on its area takes this many times as long as on flat work. */
  readonly slower: number;
  /** The first layer to strip takes this many times as long as on flat work. */
  readonly stripSlower: number;
  /** What scrapes or sands a film off would flatten or gouge it. */
  readonly spares: boolean;
  readonly source: SourceMark;
  readonly factorsSource: SourceMark;
}

const row = <const Id extends string>(
  it: Pick<ProfileRow<Id>, 'id' | 'label' | 'what'> & Partial<ProfileRow<Id>>,
): ProfileRow<Id> => ({
  areaFactor: 1,
  byHand: false,
  slower: 1,
  stripSlower: 1,
  spares: false,
  source: PRACTICE,
  factorsSource: JUDGEMENT,
  ...it,
});

/** How a surface is shaped: it decides its real area, its tools and how long everything takes. */
export const PROFILES = table([
  row({ id: 'flat', label: 'Flat', what: 'A plain board or panel.' }),
  row({
    id: 'framePanel',
    label: 'Frame and panel',
    what: 'Stiles and rails around a set-in or raised panel.',
    areaFactor: 1.15,
    slower: 1.3,
    stripSlower: 1.3,
  }),
  row({
    id: 'moulded',
    label: 'Moulded',
    what: 'Mouldings along it or around it.',
    areaFactor: 1.25,
    byHand: true,
    slower: 1.5,
    stripSlower: 2,
    spares: true,
  }),
  row({
    id: 'turned',
    label: 'Turned',
    what: 'Round, made on a lathe: beads and hollows.',
    areaFactor: 1.1,
    byHand: true,
    slower: 1.6,
    stripSlower: 2,
    spares: true,
  }),
  row({
    id: 'carved',
    label: 'Carved',
    what: 'Leaves, figures, deep lettering.',
    areaFactor: 1.4,
    byHand: true,
    slower: 2.5,
    stripSlower: 5,
    spares: true,
  }),
  row({
    id: 'pierced',
    label: 'Pierced',
    what: 'Fretwork, cane frames, lattice: one sees through it.',
    areaFactor: 1.3,
    byHand: true,
    slower: 2.5,
    stripSlower: 5,
    spares: true,
  }),
  row({
    id: 'curved',
    label: 'Curved',
    what: 'Bowed, serpentine or coved, and smooth.',
    areaFactor: 1.05,
    byHand: true,
    slower: 1.2,
    stripSlower: 1.1,
  }),
]);
export type Profile = (typeof PROFILES.ids)[number];
