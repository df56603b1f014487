import { PRACTICE, type SourceMark } from '../source';
import { table } from '../table';

interface TimerRow<Id extends string = string> {
  readonly id: Id;
  readonly label: string;
  readonly minutes: number;
  /** After so many minutes it is late; null where nothing presses. */
  readonly lateAfter: number | null;
  /** When it rings: what to look for. */
  readonly rings: string;
  /** When it is late: what to do now. */
  readonly late: string;
  readonly source: SourceMark;
}

const row = <const Id extends string>(
  id: Id,
  label: string,
  minutes: number,
  lateAfter: number | null,
  rings: string,
  late: string,
): TimerRow<Id> => ({ id, label, minutes, lateAfter, rings, late, source: PRACTICE });

/** Times that are kept at the bench; the label wins over each. */
export const TIMERS = table([
  row(
    'gelDwell',
    'Stripper at work',
    25,
    45,
    'Scratch a corner: wrinkled and soft, it comes off now. Not yet: cover it, ten minutes more.',
    'It dries on. Wet it again with fresh stripper, cover it with film, wait ten minutes, then scrape.',
  ),
  row(
    'mildDwell',
    'Mild stripper at work',
    60,
    240,
    'Scratch a corner. Soft through: scrape. Hard below: cover it again, look every half hour.',
    'Dried on: spray it with water or fresh stripper, cover it, half an hour more.',
  ),
  row(
    'lyeDwell',
    'Caustic foam at work',
    20,
    25,
    'Scrub it now, rinse hard, dry at once.',
    'Rinse now, whatever is still on: lye darkens the wood and opens glue.',
  ),
  row(
    'stainWipe',
    'Stain soaks in',
    4,
    8,
    'Wipe it off across, then along the grain, with a clean cloth.',
    'Sticky by now: wet it with fresh stain, that loosens it, and wipe at once.',
  ),
  row(
    'oilSoak',
    'Oil soaks in',
    20,
    30,
    'Wipe off everything that stands on the face; the cloth goes flat outdoors or under water.',
    'Tacky by now: fresh oil on a pad loosens it; wipe dry. What stays goes gummy for good.',
  ),
  row(
    'waxHaze',
    'Wax hazes',
    15,
    40,
    'Hazy: buff it, turning the cloth often.',
    'Hard by now: a little fresh wax softens it; buff at once.',
  ),
  row(
    'fillerPot',
    'Filler in the pot',
    5,
    8,
    'It thickens: finish this place, and mix no more into it.',
    'Throw it away. Lumps tear the fill; mix a new, smaller batch.',
  ),
  row(
    'fillerCarve',
    'Filler turns to rubber',
    12,
    20,
    'Carve the excess off now with a sharp blade, before it turns to stone.',
    'Hard by now: P80 on a block, then P120.',
  ),
  row(
    'twoPartPot',
    'Two-part mix in the pot',
    60,
    90,
    'Finish what is open; mix a new one for the rest.',
    'It thickens in the cup and does not bond any more: throw it away, clean the tools now.',
  ),
  row(
    'contactFlash',
    'Contact cement dries',
    15,
    60,
    'Dry to the back of the hand on both faces: lay it, no second try.',
    'It has lost its grab: one more thin coat on both faces.',
  ),
  row(
    'glueOpen',
    'Glue is open',
    8,
    12,
    'Clamps on by now.',
    'A skin has formed: off with it, clean both faces, fresh glue.',
  ),
  row(
    'residueSoak',
    'Remover soaks in',
    10,
    null,
    'Scrape with plastic; then degrease the oil off.',
    '',
  ),
]);
export type TimerId = (typeof TIMERS.ids)[number];
