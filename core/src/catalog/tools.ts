import { PRACTICE } from './source';
import { table } from './table';

const row = <const Id extends string>(it: {
  readonly id: Id;
  readonly label: string;
  /** As it is said in a sentence. */
  readonly phrase: string;
  /** A shop has it where nobody says otherwise. */
  readonly usual: boolean;
  readonly withIt: string;
  readonly without: string;
}) => ({ ...it, source: PRACTICE });

/** Tools that change how work is planned; what every bench has is not asked for. */
export const TOOLS = table([
  row({
    id: 'sander',
    label: 'Random-orbit sander',
    phrase: 'a random-orbit sander',
    usual: true,
    withIt: 'Flats are sanded by machine, edges by hand.',
    without: 'All sanding is by hand: slower, and kinder to edges.',
  }),
  row({
    id: 'extractor',
    label: 'HEPA extractor',
    phrase: 'a HEPA extractor',
    usual: true,
    withIt: 'Dust is caught where it is made.',
    without: 'No sanding machine on painted faces; outdoors, and dedusting takes twice as long.',
  }),
  row({
    id: 'sprayer',
    label: 'Spray gun',
    phrase: 'a spray gun',
    usual: false,
    withIt: 'Waterborne primer, paint and clear are sprayed on big pieces.',
    without: 'Every coat is brushed or rolled.',
  }),
  row({
    id: 'heatGun',
    label: 'Heat gun',
    phrase: 'a heat gun',
    usual: true,
    withIt: 'Heat is one of the ways to strip, away from lead and veneer.',
    without: 'Heat is no way to strip here.',
  }),
]);
export type Tool = (typeof TOOLS.ids)[number];
