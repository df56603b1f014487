import { PRACTICE, type SourceMark } from './source';
import { table } from './table';

interface SchoolRow<Id extends string = string> {
  readonly id: Id;
  readonly label: string;
  /** The first is the default. */
  readonly ways: readonly {
    readonly id: string;
    readonly label: string;
    readonly because: string;
  }[];
  readonly source: SourceMark;
}

const row = <const Id extends string, const Ways extends SchoolRow['ways']>(
  id: Id,
  label: string,
  ways: Ways,
) => ({ id, label, ways, source: PRACTICE });

/** Where careful people work differently: each with its ways and what speaks for them. */
export const SCHOOLS = table([
  row('prime', 'Primer', [
    {
      id: 'byRisk',
      label: 'By risk',
      because: 'A primer answers a need: bleed, slickness, suction.',
    },
    {
      id: 'always',
      label: 'Always',
      because: 'Primed everywhere, nothing has to be judged, and paint lies even.',
    },
    {
      id: 'selfPriming',
      label: 'Self-priming paint',
      because: 'Over a sound, scuffed film that does not bleed the paint holds by itself.',
    },
  ]),
  row('betweenCoats', 'Between coats', [
    {
      id: 'whenRough',
      label: 'Sand only where rough',
      because: 'Once the first scuff was done, no difference in scratch resistance was found.',
    },
    {
      id: 'always',
      label: 'Sand every coat',
      because: 'Every coat lies smoother, and grips for certain.',
    },
  ]),
  row('scuff', 'Scuff under paint', [
    { id: 'fine', label: 'Fine', because: 'Coarse scratches show through thin paint.' },
    { id: 'coarse', label: 'Coarse', because: 'Deeper scratches hold more.' },
  ]),
  row('takeOff', 'Old finish off', [
    {
      id: 'leastBurden',
      label: 'Least burden',
      because: 'Minutes, money, hazard and damage are weighed for each face.',
    },
    {
      id: 'scrape',
      label: 'Scrape first',
      because: 'Every layer scraped saves two or three coats of stripper.',
    },
    { id: 'gel', label: 'Strip first', because: 'Stripper takes no wood with it.' },
    { id: 'sand', label: 'Sand first', because: 'Fast on flat solid faces, and nothing to rinse.' },
  ]),
  row('hardware', 'Hardware and vermin', [
    {
      id: 'after',
      label: 'Remove after treatment',
      because: 'What lives in it is dealt with before hands go in.',
    },
    {
      id: 'before',
      label: 'Off before evicting',
      because: 'Treatment reaches under the plates and into the holes.',
    },
  ]),
  row('faces', 'Which face first', [
    {
      id: 'bodyFirst',
      label: 'Body first',
      because: 'The top is coated last, and nothing drips on it.',
    },
    { id: 'topFirst', label: 'Top first', because: 'The top gets the longest time to harden.' },
  ]),
  row('drawers', 'Drawers while painting', [
    {
      id: 'out',
      label: 'Out',
      because: 'Edges and openings are reached, nothing sticks together.',
    },
    {
      id: 'in',
      label: 'In',
      because: 'Faces line up and are coated in one go; the gaps are masked.',
    },
  ]),
  row('blocker', 'Blocker under paint', [
    {
      id: 'pigmented',
      label: 'Pigmented shellac',
      because: 'It shows where bleed comes through, and hides the ground.',
    },
    {
      id: 'clear',
      label: 'Clear shellac',
      because: 'The wood shows where edges are rubbed through.',
    },
    {
      id: 'alkyd',
      label: 'Alkyd',
      because: 'It sands like chalk and holds most stains; shellac is kept for knots and dye.',
    },
    {
      id: 'waterborne',
      label: 'Waterborne',
      because: 'No solvent in the room; shellac is kept for what water-based can’t hold.',
    },
  ]),
  row('dustCloth', 'Last wipe before a coat', [
    {
      id: 'damp',
      label: 'Barely damp microfibre',
      because: 'What a waxy tack cloth leaves can crater a waterborne film.',
    },
    {
      id: 'tack',
      label: 'Tack cloth',
      because: 'It lifts the last dust; no harm under oil- and solvent-based coats.',
    },
  ]),
]);
export type School = (typeof SCHOOLS.ids)[number];
export type WayOf<S extends School> = Extract<
  (typeof SCHOOLS.rows)[number],
  { id: S }
>['ways'][number]['id'];
export type Schools = { readonly [S in School]: WayOf<S> };
