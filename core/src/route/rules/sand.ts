import { PAPER_CHOICES, SLOWER, WAITS } from '../../catalog';
import { chanceOfSandingThrough, type Ladder } from '../../sanding';
import { SAND_WORDS as WORDS, SCHEME_WORDS, UNNAMED } from '../../words';
import type { Task } from '../../work';
import { ladderFor, thinnerThan, toolFor } from '../finish/faceSanding';
import { acceptedOn } from '../finish/repairs';
import { surfaceRule, type Draft, type Rule } from './rule';
import { byModel, drySanding, sandWet } from './abrade';
import { clogsBare, onArea, onFace, papersFor, wait } from './common';
import {
  type SurfaceContext,
  areaOfFace,
  bearsAlcohol,
  behind,
  finishName,
  isDone,
  isDry,
  isTouchedIn,
  isVeneered,
  keepsFilm,
  renewsClear,
  staysDone,
} from '../context/context';

/** Chance that a ladder takes more than there is of the veneer, in the field and at edges. */
const sandThrough = (s: SurfaceContext, ladder: Ladder): Task['sandThrough'] =>
  s.veneerUm === null
    ? null
    : {
        field: chanceOfSandingThrough(ladder.removedUm, thinnerThan(s), 'field'),
        edge: chanceOfSandingThrough(ladder.removedUm, thinnerThan(s), 'edge'),
      };

/** Papers that dull what stays, by how smooth it is and by the shop's school. */
const scuffGrits = (s: SurfaceContext): readonly number[] => {
  const { substrate, finish, shop } = s;
  const { fine, coarse, smooth, slick, clear } = PAPER_CHOICES.scuff;
  if (renewsClear(s)) return clear;
  if (!substrate.wood) return slick;
  if (finish.glossy) return smooth;
  return shop.schools.scuff === 'coarse' ? coarse : fine;
};

const acceptedWords = (s: SurfaceContext): readonly string[] =>
  acceptedOn(s).map((it) => WORDS.accepted(it.label, it.because));

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
      consumes: [...papersFor(grits, areaOfFace(s), 'film'), ...consumes],
      how: [
        ...(renewsClear(s)
          ? WORDS.scuff.howRenewed(grits)
          : WORDS.scuff.how(grits, s.shop.units, times === 2)),
        ...acceptedWords(s),
      ],
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
      consumes: papersFor(grits, areaOfFace(s), clogsBare(s)),
      ladder,
      sandThrough: through,
      risks: { sandThrough: through?.edge ?? 0, noWood: s.showsWood ? s.chanceUnstainable : 0 },
      traits: { face: 'bare', makes: ['sanded'] },
      how: [
        ...WORDS.ladder.how(
          {
            grits,
            byHand: tool === 'hand',
            underPaint: s.aim.scheme.kind === 'painted',
            removedUm: ladder.removedUm,
            veneerLeftUm: ladder.veneerLeftUm,
          },
          s.shop.units,
        ),
        ...acceptedWords(s),
      ],
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
    sandWet({
      setUp: { toBare },
      rank: 3,
      title: WORDS.wetSand.title(toBare),
      how: [...WORDS.wetSand.how, ...acceptedWords(s)],
      ...onFace('wet-sand', s, toBare ? SLOWER.wetToBare : 1),
      traits: { face: toBare || !keepsFilm(s) ? 'bare' : 'dulled', makes: ['sanded'] },
      insteadOf: [WORDS.wetSand.notDry],
    }),
  ];
};

/** Bare wood, from which alcohol lifts the dust and softens nothing. */
const isWashedOff = (s: SurfaceContext): boolean => !keepsFilm(s) && bearsAlcohol(s);

/** Ladders on bare wood, scuffs on a film that stays, wet work where there is lead. */
export const SAND_RULES: readonly Rule[] = [
  surfaceRule({
    id: 'ladder-to-the-next-coat',
    phase: 'sand',
    applies: (s, asked) =>
      s.worked &&
      isDry(s) &&
      !keepsFilm(s) &&
      !isVeneered(s) &&
      s.substrate.wood &&
      !staysDone(s, asked, 'sanded'),
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
        ? WORDS.scuff.becauseRenewed(s.finish.id === 'waxedFilm' ? UNNAMED.film : finishName(s))
        : WORDS.scuff.because(
            s.substrate.wood ? WORDS.scuff.film(finishName(s)) : s.substrate.label,
          ),
    evidence: (s) => [...behind(s.beliefs.finish), ...behind(s.beliefs.substrate)],
    work: scuffWork,
  }),
  surfaceRule({
    id: 'new-veneer-by-hand',
    phase: 'sand',
    applies: (s, asked) => isVeneered(s) && !staysDone(s, asked, 'sanded'),
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
    id: 'lead-means-wet',
    phase: 'sand',
    applies: (s, asked) =>
      s.worked && !isDry(s) && !isVeneered(s) && !staysDone(s, asked, 'sanded'),
    because: (s) => WORDS.wetSand.because(s.beliefs.leadStatus.text),
    evidence: (s) => s.beliefs.lead.speaksFor,
    work: wetWork,
  }),
  surfaceRule({
    id: 'dust-off-before-coats',
    phase: 'sand',
    general: true,
    applies: (s, asked) =>
      (s.worked || isTouchedIn(s)) &&
      (s.now.dusty || asked.some(({ traits }) => traits.makesDust && !traits.dedusts)),
    because: () => WORDS.dedust.because,
    work: (s) => [
      {
        rank: 9,
        title: WORDS.dedust.title,
        how: WORDS.dedust.how(isWashedOff(s), s.shop.schools.dustCloth),
        ...onFace(
          isWashedOff(s) ? 'dedust' : 'dedust-damp',
          s,
          s.shop.tools.includes('extractor') ? 1 : SLOWER.dedustWithoutExtractor,
        ),
        checks: ['poresClean'],
        wait: isWashedOff(s)
          ? wait(WAITS.afterDedusting, 'alcoholOff', 'alcohol')
          : wait(WAITS.afterDedusting, 'dry'),
        // The dust of sanding that waits is not there yet.
        waitsFor: ['lead'],
      },
    ],
  }),
];
