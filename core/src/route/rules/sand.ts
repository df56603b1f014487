import {
  DAMAGES,
  GAPS,
  PAPER_CHOICES,
  PLACE_AREA_MM2,
  SANDING_MODEL,
  SLOWER,
  WAITS,
} from '../../catalog';
import { checkGap, type GapCheck } from '../../coating';
import { chanceOfSandingThrough, planLadder, sandingTask, type Ladder } from '../../sanding';
import { movesWith } from '../../piece';
import { REPAIR_WORDS, SAND_WORDS as WORDS, SCHEME_WORDS } from '../../words';
import { effort, type Effort, type Task } from '../../work';
import {
  areaOfFace,
  bearsAlcohol,
  finishName,
  behind,
  has,
  isDone,
  isDry,
  isVeneered,
  keepsFilm,
  openFindings,
  renewsClear,
  type SurfaceContext,
} from '../context';
import { ladderFor, thinnerThan, toolFor } from '../faceSanding';
import { filmOf } from '../finishing';
import { leavesFill, placesProud, replacedFittings, sandsStainOut } from '../repairs';
import { pieceRule, surfaceRule, type Draft, type Rule } from '../rule';
import { isDoneToPiece } from '../whole';
import { by, onArea, papersFor, wait } from './common';

/** What new film does to a part that runs in an opening, where too little would be left. */
const slidesTight = (s: SurfaceContext): GapCheck | undefined => {
  if (movesWith(s.surface) === null) return undefined;
  const gap = has(s, 'catchingDrawer') ? GAPS.catches : GAPS.runs;
  const check = checkGap(gap, filmOf(s), 2, GAPS.keep);
  return check.sandDownUm > 0 ? check : undefined;
};

/** Dry sanding: dust, and what keeps it out of lungs and room. */
const drySanding = (
  s: SurfaceContext,
  it: Draft & { readonly grits: readonly number[] },
): Draft => {
  const { grits, ...draft } = it;
  return {
    ...draft,
    traits: { opensLayers: true, makesDust: true, grits, ...draft.traits },
    protection: [
      'p100Filter',
      s.shop.tools.includes('extractor') ? 'extraction' : 'outdoorsOrShut',
      'hearing',
    ],
    cautions: [WORDS.DUST],
  };
};

/** Wet sanding by hand, where lead lies below: no dust, and the slurry wiped up and bagged. */
const sandWet = (it: Draft): Draft => ({
  ...it,
  traits: {
    opensLayers: true,
    dedusts: true,
    wets: 'water',
    grits: [PAPER_CHOICES.wet],
    ...it.traits,
  },
  wait: wait(WAITS.afterWetSanding, 'dryOvernight'),
  cautions: WORDS.wetSand.cautions,
});

/** Effort by the sanding model's own minutes. */
const byModel = (minutes: number): Effort => effort('ladder', minutes);

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

/** Chance that a ladder takes more than there is of the veneer, in the field and at edges. */
const sandThrough = (s: SurfaceContext, ladder: Ladder): Task['sandThrough'] =>
  s.veneerUm === null
    ? null
    : {
        field: chanceOfSandingThrough(ladder.removedUm, thinnerThan(s), 'field'),
        edge: chanceOfSandingThrough(ladder.removedUm, thinnerThan(s), 'edge'),
      };

/** Papers that dull what stays, by how smooth it is and by the shop's school. */
const scuffGrits = ({ substrate, finish, shop, aim }: SurfaceContext): readonly number[] => {
  const { fine, coarse, smooth, slick, clear } = PAPER_CHOICES.scuff;
  if (aim.scheme.kind === 'clear') return clear;
  if (!substrate.wood) return slick;
  if (finish.glossy) return smooth;
  return shop.schools.scuff === 'coarse' ? coarse : fine;
};

/** Dulls the film that stays, so that the next coat grips. */
const scuffWork = (s: SurfaceContext): readonly Draft[] => {
  const grits = scuffGrits(s);
  // A cross-cut that held only fairly asks for more than one light pass.
  const times = s.bond === 'fair' ? 2 : 1;
  const { effort, consumes } = onArea('scuff', s, times);
  return [
    drySanding(s, {
      method: 'scuff',
      setUp: { grits: grits.join('-'), times },
      rank: 2,
      title: WORDS.scuff.title(grits, times === 2),
      effort,
      consumes: [...papersFor(grits, areaOfFace(s)), ...consumes],
      how: WORDS.scuff.how(grits, s.shop.units, times === 2),
      grits,
      traits: { face: 'dulled', makes: ['sanded'] },
    }),
  ];
};

/** The ladder on bare wood, with the chance of sanding through. */
const ladderWork = (s: SurfaceContext): readonly Draft[] => {
  const ladder = ladderFor(s);
  // Too thin for a ladder: paint is content with a scuff; where wood shows, it is refused.
  if (ladder.kind === 'refused') return s.showsWood ? [] : scuffWork(s);
  const grits = ladder.rungs.map((it) => it.grit);
  const tool = toolFor(s);
  const through = sandThrough(s, ladder);
  return [
    drySanding(s, {
      method: 'sand-ladder',
      setUp: { tool, grits: grits.join('-') },
      rank: 1,
      title: WORDS.ladder.title(grits, tool === 'hand'),
      effort: byModel(ladder.minutes),
      consumes: papersFor(grits, areaOfFace(s)),
      ladder,
      sandThrough: through,
      risks: { sandThrough: through?.edge ?? 0, noWood: s.showsWood ? s.chanceUnstainable : 0 },
      traits: { face: 'bare', makes: ['sanded'] },
      how: WORDS.ladder.how(
        {
          grits,
          byHand: tool === 'hand',
          underPaint: s.aim.scheme.kind === 'painted',
          removedUm: ladder.removedUm,
          veneerLeftUm: ladder.veneerLeftUm,
        },
        s.shop.units,
      ),
      grits,
      waitsFor: ['substrate', 'veneer'],
      insteadOf: [WORDS.ladder.fewerPapers],
    }),
  ];
};

/** Wet sanding by hand, contained: what lead leaves. */
const wetWork = (s: SurfaceContext): readonly Draft[] => {
  const toBare = s.showsWood;
  return [
    {
      method: 'wet-sand',
      setUp: { toBare },
      rank: 3,
      title: WORDS.wetSand.title(toBare),
      how: WORDS.wetSand.how,
      ...onArea('wetScuff', s, toBare ? SLOWER.wetToBare : 1),
      traits: {
        opensLayers: true,
        dedusts: true,
        wets: 'water',
        grits: [PAPER_CHOICES.wet],
        face: toBare || !keepsFilm(s) ? 'bare' : 'dulled',
        makes: ['sanded'],
      },
      wait: wait(WAITS.afterWetSanding, 'dryOvernight'),
      protection: ['p100Respirator', 'overall', 'nitrileGloves'],
      cautions: WORDS.wetSand.cautions,
      insteadOf: [WORDS.wetSand.notDry],
    },
  ];
};

/** Bare wood, from which alcohol lifts the dust and softens nothing. */
const isWashedOff = (s: SurfaceContext): boolean => !keepsFilm(s) && bearsAlcohol(s);

const stainsToSand = (s: SurfaceContext) =>
  openFindings(s, 'darkRing').filter((it) => sandsStainOut(s, it));

/** Ladders on bare wood, scuffs on a film that stays, wet work where there is lead. */
export const SAND_RULES: readonly Rule[] = [
  surfaceRule({
    id: 'flush-the-fill',
    phase: 'sand',
    applies: (s) => s.worked && leavesFill(s) && !isDone(s, 'fillFlush'),
    because: () => WORDS.flushFill.because,
    work: (s) => {
      const places = placesProud(s);
      if (!isDry(s)) {
        return [
          sandWet({
            method: 'flush-fill-wet',
            rank: 0,
            title: WORDS.flushFill.titleWet,
            how: WORDS.flushFill.howWet,
            ...by('wetScuff', (places * PLACE_AREA_MM2.value) / 1e6, SLOWER.wetToBare),
            traits: { makes: ['fillFlush'] },
          }),
        ];
      }
      const { fill } = PAPER_CHOICES;
      const grits = s.showsWood ? (s.veneerUm === null ? fill.solid : fill.thin) : fill.underPaint;
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
        method: wet ? 'drill-new-holes-wet' : 'drill-new-holes',
        rank: 4,
        title: REPAIR_WORDS.newHoles.title(count),
        how: REPAIR_WORDS.newHoles.how(wet),
        ...by('drill', count, wet ? SLOWER.wet : 1),
        traits: { makesOfPiece: ['holesDrilled'] },
      } as const;
      return wet
        ? sandWet({ ...draft, traits: { ...draft.traits, grits: [] } })
        : drySanding(first, { ...draft, grits: [] });
    },
  }),
  surfaceRule({
    id: 'ladder-to-the-next-coat',
    phase: 'sand',
    applies: (s) =>
      s.worked &&
      isDry(s) &&
      !keepsFilm(s) &&
      !isVeneered(s) &&
      s.substrate.wood &&
      !isDone(s, 'sanded'),
    because: (s) =>
      WORDS.ladder.because(
        s.substrate.label,
        SCHEME_WORDS[s.aim.scheme.kind],
        s.aim.scheme.kind === 'stained' && s.veneerUm !== null,
      ),
    evidence: (s) => [...behind(s.beliefs.substrate), ...behind(s.beliefs.wood)],
    work: ladderWork,
  }),
  surfaceRule({
    id: 'scuff-what-stays',
    phase: 'sand',
    applies: (s) => s.worked && isDry(s) && keepsFilm(s) && !isDone(s, 'sanded'),
    because: (s) =>
      renewsClear(s)
        ? WORDS.scuff.becauseRenewed(finishName(s))
        : WORDS.scuff.because(
            s.substrate.wood ? WORDS.scuff.film(finishName(s)) : s.substrate.label,
          ),
    evidence: (s) => [...behind(s.beliefs.finish), ...behind(s.beliefs.substrate)],
    work: scuffWork,
  }),
  surfaceRule({
    id: 'new-veneer-by-hand',
    phase: 'sand',
    applies: (s) => isVeneered(s) && !isDone(s, 'sanded'),
    because: () => WORDS.sandVeneer.because,
    work: (s) => {
      const grits = [PAPER_CHOICES.veneer];
      const { effort, consumes } = onArea('scuff', s);
      return [
        drySanding(s, {
          method: 'sand-veneer',
          rank: 1,
          title: WORDS.sandVeneer.title,
          effort,
          consumes: [...papersFor(grits, areaOfFace(s)), ...consumes],
          how: WORDS.sandVeneer.how,
          grits,
          traits: { makes: ['sanded'] },
        }),
      ];
    },
  }),
  surfaceRule({
    id: 'sliding-parts-still-run',
    phase: 'sand',
    applies: (s) => s.worked && slidesTight(s) !== undefined && !isDone(s, 'eased'),
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
            method: 'ease-edges-wet',
            setUp: { sandDownUm },
            rank: 4,
            title: WORDS.easeEdges.titleWet,
            ...onArea('wetScuff', s),
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
  surfaceRule({
    id: 'lead-means-wet',
    phase: 'sand',
    applies: (s) => s.worked && !isDry(s) && !isVeneered(s) && !isDone(s, 'sanded'),
    because: (s) => WORDS.wetSand.because(s.beliefs.leadStatus.text),
    evidence: (s) => s.beliefs.lead.speaksFor,
    work: wetWork,
  }),
  surfaceRule({
    id: 'dust-off-before-coats',
    phase: 'sand',
    general: true,
    applies: (s, asked) =>
      s.worked && (s.now.dusty || asked.some(({ traits }) => traits.makesDust && !traits.dedusts)),
    because: () => WORDS.dedust.because,
    work: (s) => [
      {
        method: 'dedust',
        rank: 9,
        title: WORDS.dedust.title,
        how: WORDS.dedust.how(isWashedOff(s), s.shop.schools.dustCloth),
        setUp: { alcohol: isWashedOff(s) },
        ...onArea(
          isWashedOff(s) ? 'dedust' : 'dedustDamp',
          s,
          s.shop.tools.includes('extractor') ? 1 : SLOWER.dedustWithoutExtractor,
        ),
        traits: { dedusts: true, wets: isWashedOff(s) ? 'alcohol' : 'water' },
        wait: isWashedOff(s)
          ? wait(WAITS.afterDedusting, 'alcoholOff', 'alcohol')
          : wait(WAITS.afterDedusting, 'dry'),
        protection: ['dustMask'],
        // The dust of sanding that waits is not there yet.
        waitsFor: ['lead'],
      },
    ],
  }),
];
