import { DAMAGES, PAPER_CHOICES, PLACE_AREA_MM2, SANDING_MODEL, SLOWER } from '../../catalog';
import type { GapCheck } from '../../coating';
import { movesWith } from '../../piece';
import { planLadder, sandingTask } from '../../sanding';
import { REPAIR_WORDS, SAND_WORDS as WORDS } from '../../words';
import { toolFor } from '../finish/faceSanding';
import { leavesFill, placesProud, replacedFittings, sandsStainOut } from '../finish/repairs';
import { pieceRule, surfaceRule, type Rule } from './rule';
import { isDoneToPiece } from '../context/whole';
import { byModel, drySanding, sandWet } from './abrade';
import { by, ofUnits, onArea, onFace, papersFor } from './common';
import {
  type SurfaceContext,
  areaOfFace,
  isDone,
  isDry,
  isTouchedIn,
  openFindings,
  staysDone,
} from '../context/context';
import { gapOf } from '../finish/finishing';

/** What new film does to a part that runs in an opening, where too little would be left. */
const slidesTight = (s: SurfaceContext): GapCheck | undefined => {
  if (movesWith(s.surface) === null) return undefined;
  const check = gapOf(s);
  return check.sandDownUm > 0 ? check : undefined;
};

/** A few places sanded by hand or machine: minutes and papers of a small ladder. */
const placesLadder = (
  places: number,
  task: Readonly<Record<string, unknown>>,
):
  | { readonly grits: readonly number[]; readonly minutes: number; readonly m2: number }
  | undefined => {
  const areaMm2 = PLACE_AREA_MM2.value * places;
  const ladder = planLadder(
    sandingTask.parse({ coarsestGrit: PAPER_CHOICES.coarsest, areaMm2, ...task }),
  );
  return ladder.kind === 'refused'
    ? undefined
    : { grits: ladder.rungs.map((it) => it.grit), minutes: ladder.minutes, m2: areaMm2 / 1e6 };
};

const stainsToSand = (s: SurfaceContext) =>
  openFindings(s, 'ironStained').filter((it) => sandsStainOut(s, it));

/** Places rather than faces: fills flush, stains out, holes drilled, what slides eased. */
export const LEVEL_RULES: readonly Rule[] = [
  surfaceRule({
    id: 'flush-the-fill',
    phase: 'sand',
    applies: (s) => (s.worked || isTouchedIn(s)) && leavesFill(s) && !isDone(s, 'fillFlush'),
    because: () => WORDS.flushFill.because,
    work: (s) => {
      const places = placesProud(s);
      if (!isDry(s)) {
        return [
          sandWet({
            rank: 0,
            title: WORDS.flushFill.titleWet,
            how: WORDS.flushFill.howWet,
            ...ofUnits('flush-fill-wet', (places * PLACE_AREA_MM2.value) / 1e6, SLOWER.wetToBare),
            traits: { makes: ['fillFlush'] },
          }),
        ];
      }
      const { fill } = PAPER_CHOICES;
      const isThin = s.veneerUm !== null;
      const grits = s.showsWood
        ? fill[isThin ? 'thin' : 'solid']
        : fill[isThin ? 'thinUnderPaint' : 'underPaint'];
      const { effort, consumes } = by('flush', places);
      return [
        drySanding(s, {
          method: 'flush-fill',
          setUp: { grits: grits.join('-') },
          rank: 0,
          title: WORDS.flushFill.title(grits),
          effort,
          consumes: [...papersFor(grits, (places * PLACE_AREA_MM2.value) / 1e6), ...consumes],
          how: WORDS.flushFill.how(grits),
          grits,
          traits: { makes: ['fillFlush'] },
        }),
      ];
    },
  }),
  surfaceRule({
    id: 'dark-stain-sanded-out-of-solid-wood',
    phase: 'sand',
    applies: (s) => isDry(s) && stainsToSand(s).length > 0,
    because: () => WORDS.darkStain.because,
    work: (s) => {
      const stains = stainsToSand(s);
      const it = placesLadder(
        stains.reduce((sum, one) => sum + one.count, 0),
        {
          defectUm: SANDING_MODEL.defects.darkStain,
          targetGrit: PAPER_CHOICES.darkStain,
          jankaLbf: s.wood.jankaLbf,
          tool: toolFor(s),
        },
      );
      return it
        ? [
            drySanding(s, {
              method: 'sand-out-stain',
              setUp: { grits: it.grits.join('-') },
              rank: 0,
              title: WORDS.darkStain.title(it.grits),
              effort: byModel(it.minutes),
              consumes: papersFor(it.grits, it.m2),
              how: WORDS.darkStain.how(it.grits),
              grits: it.grits,
              traits: { makes: ['stainSandedOut'], mends: stains.map((one) => one.id) },
              risks: { repairShows: DAMAGES.get('darkRing').underClear?.shows ?? 0 },
              insteadOf: [WORDS.darkStain.notBleach],
            }),
          ]
        : [];
    },
  }),
  pieceRule({
    id: 'new-holes-before-the-coats',
    phase: 'sand',
    place: { of: 'parts', id: 'pulls' },
    asks: (whole) =>
      isDoneToPiece(whole, 'holesDrilled')
        ? []
        : whole.surfaces.filter((s) => s.worked && replacedFittings(s).length > 0),
    because: () => REPAIR_WORDS.newHoles.because,
    work: (_, asking) => {
      const [first] = asking as readonly [SurfaceContext];
      const count = replacedFittings(first).reduce((sum, it) => sum + it.count, 0);
      const wet = asking.some((s) => !isDry(s));
      const draft = {
        rank: 4,
        title: REPAIR_WORDS.newHoles.title(count),
        how: REPAIR_WORDS.newHoles.how(wet),
        ...ofUnits(wet ? 'drill-new-holes-wet' : 'drill-new-holes', count, wet ? SLOWER.wet : 1),
        traits: { makesOfPiece: ['holesDrilled'] },
      } as const;
      return wet
        ? sandWet({ ...draft, traits: { ...draft.traits, grits: [] } })
        : drySanding(first, { ...draft, grits: [] });
    },
  }),
  surfaceRule({
    id: 'sliding-parts-still-run',
    phase: 'sand',
    applies: (s, asked) =>
      s.worked && slidesTight(s) !== undefined && !staysDone(s, asked, 'eased'),
    because: (s) => {
      const it = slidesTight(s);
      return WORDS.easeEdges.because(it?.closesUm ?? 0, it?.leftUm ?? 0);
    },
    work: (s) => {
      const grits = [PAPER_CHOICES.ease];
      const { effort, consumes } = onArea('scuff', s);
      const sandDownUm = slidesTight(s)?.sandDownUm ?? 0;
      if (!isDry(s)) {
        return [
          sandWet({
            setUp: { sandDownUm },
            rank: 4,
            title: WORDS.easeEdges.titleWet,
            ...onFace('ease-edges-wet', s),
            how: WORDS.easeEdges.how(PAPER_CHOICES.ease, sandDownUm, s.shop.units, true),
            traits: { makes: ['eased'], grits: [PAPER_CHOICES.ease] },
          }),
        ];
      }
      return [
        drySanding(s, {
          method: 'ease-edges',
          setUp: { sandDownUm },
          rank: 3,
          title: WORDS.easeEdges.title,
          effort,
          consumes: [...papersFor(grits, areaOfFace(s)), ...consumes],
          how: WORDS.easeEdges.how(PAPER_CHOICES.ease, sandDownUm, s.shop.units, false),
          grits,
          traits: { makes: ['eased'] },
        }),
      ];
    },
  }),
];
