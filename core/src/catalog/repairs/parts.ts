import { line } from '../line';
import { atHand, use } from '../rates';
import type { Repair } from './repair';

// What is cut, let in or set beside.

export const levelRunner: Repair = {
  id: 'level-runner',
  title: 'Level the runner',
  uses: [
    use('shims', 1, 'fills'),
    use('woodGlue', 0.005, 'glues'),
    use('pasteWax', 0.005, 'coats'),
  ],
  steps: [
    'Run the drawer with chalk on its edges: the rubbed places show where it catches, the groove in the runner where it has sunk.',
    line(
      'Plane the groove flat.',
      ['cuts'],
      line(
        'Take the groove flat with wet-or-dry paper on a narrow block, kept wet; wipe, let it dry.',
        ['rubsWet'],
      ),
    ),
    'Glue a hardwood shim of about 2 mm in it, flush with the unworn end; clamp or pins set deep.',
    'It should run without a rattle and stop by itself. Wax at the end, after all coats.',
  ],
  minutes: 10,
  waitMinutes: 240,
  until: 'glueHolds',
  glue: true,
};

export const guideStrips: Repair = {
  id: 'guide-strips',
  title: 'Set guide strips beside the drawer',
  uses: [use('shims', 2, 'fills'), use('woodGlue', 0.005, 'glues')],
  steps: [
    'Push the drawer to one side and measure the gap at front and back.',
    'Glue a strip of hardwood half that thick along each side of the runner; clamp until it holds.',
    'It should run with a hair of play on both sides; wax at the end, after all coats.',
  ],
  minutes: 15,
  waitMinutes: 240,
  until: 'glueHolds',
  glue: true,
};

export const newBack: Repair = {
  id: 'new-back',
  holds: true,
  title: 'Cut a new back',
  uses: [use('thinPlywood', 1, 'covers')],
  steps: [
    'The old back is the pattern. Measure the opening too, and both diagonals: if they differ, the carcass is pulled square before the back is cut.',
    line(
      'Cut it 1–2 mm smaller all round from plywood as thick as the rebate allows; the grain upright, as the old one.',
      ['worksNew'],
    ),
    'Break the edges, dry-fit it, mark top and face, set it aside: it goes on last.',
  ],
  minutes: 40,
  waitMinutes: 0,
  until: 'dry',
};

export const woodPatch: Repair = {
  id: 'wood-patch',
  title: 'Let in a piece of the same wood',
  shows: 0.4,
  uses: [use('matchingWood', 1, 'fills'), use('woodGlue', 0.01, 'glues')],
  steps: [
    line(
      'Cut the break back to a clean, straight bed with a chisel, its ends slanting, not square: a slanting joint hides.',
      ['cuts'],
      line(
        'Mist the break and pare it back to a clean, straight bed, its ends slanting, not square; keep it damp, catch the chips on the sheet.',
        ['cutsWet'],
      ),
    ),
    'A piece of the same wood, grain and rings running on, a little larger all round; rub its bed with pencil and pare until the marks touch everywhere.',
    'Glue, tape or clamp over paper, a day.',
    line(
      'Trim with a plane from the old wood towards the patch, then paper; tone is matched with the finish.',
      ['cuts', 'abrades'],
      line(
        'Level it with wet-or-dry paper on a block, kept wet, from the old wood towards the patch; tone is matched with the finish.',
        ['rubsWet'],
      ),
    ),
  ],
  minutes: 45,
  waitMinutes: 1440,
  until: 'glueLoads',
  glue: true,
};

export const veneerPatch: Repair = {
  id: 'veneer-patch',
  title: 'Patch the missing veneer',
  shows: 0.6,
  uses: [
    use('matchingVeneer', 0.01, 'covers'),
    use('woodGlue', 0.01, 'glues'),
    atHand('caulAndClamps'),
  ],
  steps: [
    'Cut a boat-shaped patch with the grain running on, a little larger than the hole.',
    line(
      'Lay it on, score round it with a fresh blade, trim the hole to it: it should drop in without light at the edges.',
      ['cuts'],
      line(
        'Lay it on, score round it with a fresh blade, damp the rim and trim the hole to it: it should drop in without light at the edges. Wipe the trimmings up.',
        ['cutsWet'],
      ),
    ),
    'Glue, paper over it, caul and clamps overnight.',
    line(
      'Level with a scraper, never across the joint.',
      ['scrapes'],
      line('Level with wet-or-dry paper, kept wet, never across the joint.', ['rubsWet']),
    ),
  ],
  minutes: 40,
  waitMinutes: 720,
  until: 'overnight',
  caution: 'A patch on a high-visibility face shows under stain.',
  glue: true,
};
