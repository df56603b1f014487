import { DAMAGES, FILLS, PAPER_CHOICES, WAITS, type Repair } from '../../catalog';
import { REPAIR_WORDS as WORDS, SAND_WORDS, byLabel } from '../../words';
import { type Lag } from '../../effect';
import { effort, takes, type Effort } from '../../work';

import { acceptedOn, holesIn, repairOf, replacedFittings } from '../finish/repairs';
import { pieceRule, surfaceRule, type Draft, type Rule } from './rule';
import { isDoneToPiece, type Whole } from '../context/whole';
import { onFace, wait } from './common';
import { type SurfaceContext, isDone, isDry, isTouchedIn, isVeneered } from '../context/context';

const waitOf = (it: Repair): Lag | null =>
  it.waitMinutes > 0 ? wait(it.waitMinutes, it.until, it.glue ? 'glue' : 'reaction') : null;

const effortOf = (it: Repair, places: number): Effort => ({
  rate: `repair-${it.id}`,
  fixed: 0,
  each: it.minutes,
  quantity: places,
  unit: 'place',
  times: 1,
});

/** Why a damage matters under what the face shall become. */
const mattersFor = (s: SurfaceContext, it: Repair) => {
  if (it.glue || it.holds) return 'holds';
  if (isTouchedIn(s)) return 'inSpots';
  return s.showsWood ? 'underClear' : 'underPaint';
};

/** Findings that the scheme can't live with and that are not mended yet. */
const toMend = (s: SurfaceContext) =>
  s.findings.flatMap((finding) => {
    const repair = s.now.mended.includes(finding.id) ? undefined : repairOf(s, finding);
    return repair ? [{ finding, repair }] : [];
  });

/** Where fittings are replaced, of faces that are worked. */
const withNewFittings = (whole: Whole): readonly SurfaceContext[] =>
  whole.surfaces.filter((s) => s.worked && replacedFittings(s).length > 0);

/** Each damage that the scheme can't live with is mended. */
export const REPAIR_RULES: readonly Rule[] = [
  surfaceRule({
    id: 'mend-what-would-show',
    phase: 'repair',
    applies: (s) => toMend(s).length > 0,
    because: () => '',
    work: (s) =>
      toMend(s).map(({ finding, repair }): Draft => ({
        method: repair.id,
        occurrence: finding.id,
        setUp: { minutes: repair.minutes, waitMinutes: repair.waitMinutes },
        rank: repair.glue ? 0 : 1,
        title: repair.title,
        because: WORDS.mend.because(
          finding.count,
          DAMAGES.get(finding.damage).label,
          mattersFor(s, repair),
        ),
        effort: effortOf(repair, finding.count),
        consumes: takes(repair.uses, finding.count),
        how: repair.steps,
        traits: { mends: [finding.id] },
        wait: waitOf(repair),
        protection: repair.protection ?? [],
        risks: { repairShows: s.showsWood ? (repair.shows ?? 0) : 0 },
        cautions: repair.caution ? [byLabel(repair.caution)] : [],
      })),
  }),
  surfaceRule({
    id: 'a-new-part-for-one-past-saving',
    phase: 'repair',
    applies: (s) => s.worked && s.aim.newPart !== undefined && !isDone(s, 'replaced'),
    because: () => WORDS.newPart.because,
    work: (s) => {
      const from = s.aim.newPart ?? 'board';
      return [
        {
          rank: -1,
          title: WORDS.newPart.title(s.surface.name, from),
          how: WORDS.newPart.how(from),
          ...onFace(`new-part-${from}`, s),
          traits: { makes: ['replaced'] },
          onOldPart: true,
          wait: wait(WAITS.newPart, 'glueHolds', 'glue'),
        },
      ];
    },
  }),
  pieceRule({
    id: 'old-holes-filled',
    phase: 'repair',
    place: { of: 'parts', id: 'pulls' },
    asks: (whole) => (isDoneToPiece(whole, 'holesFilled') ? [] : withNewFittings(whole)),
    because: () => WORDS.oldHoles.because,
    work: (_, asking) => {
      const [first] = asking;
      const holes = first ? holesIn(replacedFittings(first)) : 0;
      const underClear = asking.some((s) => s.showsWood);
      const fill = underClear ? FILLS.stainable : FILLS.twoPart;
      return {
        method: 'fill-old-holes',
        rank: 1,
        title: WORDS.oldHoles.title(holes),
        effort: effort('hole', holes),
        consumes: takes(fill.uses, holes),
        how: [WORDS.oldHoles.tape, ...fill.steps],
        traits: { makesOfPiece: ['holesFilled'] },
        wait: waitOf(fill),
        risks: { repairShows: underClear ? (fill.shows ?? 0) : 0 },
        cautions: fill.caution ? [byLabel(fill.caution)] : [],
      };
    },
  }),
  surfaceRule({
    id: 'new-skin-on-a-sound-face',
    phase: 'repair',
    applies: (s) => isVeneered(s) && isDry(s) && !s.now.met.includes('veneered'),
    because: () => WORDS.newVeneer.because,
    work: (s) => [
      {
        rank: 2,
        title: WORDS.newVeneer.title,
        how: [
          ...WORDS.newVeneer.how,
          ...acceptedOn(s).map((it) => SAND_WORDS.accepted(it.label, it.because)),
        ],
        ...onFace('lay-veneer', s),
        traits: {
          grits: [PAPER_CHOICES.patch],
          face: 'newVeneer',
          makes: ['veneered'],
        },
        wait: wait(WAITS.newVeneer, 'cementHard', 'solvent'),
      },
    ],
  }),
];
