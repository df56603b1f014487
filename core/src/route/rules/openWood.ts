import { PAPER_CHOICES, WAITS } from '../../catalog';
import { OPEN_WOOD_WORDS as WORDS } from '../../words';
import { surfaceRule, type Rule } from './rule';
import { drySanding, sandWet } from './abrade';
import { onArea, onFace, papersFor, wait } from './common';
import { stainsOf } from '../finish/coloured';
import {
  type SurfaceContext,
  areaOfFace,
  isDone,
  isDry,
  keepsFilm,
  staysDone,
} from '../context/context';

/** The wood itself is to be made paler; not where water and lye would loosen a thin face. */
const isBleached = (s: SurfaceContext): boolean =>
  s.worked &&
  'bleached' in s.aim.scheme &&
  s.aim.scheme.bleached === true &&
  !s.dampOnly &&
  !keepsFilm(s);

/** Water goes on the bare wood with the first coat of colour. */
const takesWaterStain = (s: SurfaceContext): boolean =>
  s.worked && !keepsFilm(s) && stainsOf(s)[0] === 'waterStain';

const isRaised = (s: SurfaceContext): boolean => takesWaterStain(s) || isBleached(s);

/** What is done to sanded, bare wood before its colour. */
export const OPEN_WOOD_RULES: readonly Rule[] = [
  surfaceRule({
    id: 'bleach-darker-wood',
    phase: 'sand',
    applies: (s) => isBleached(s) && !isDone(s, 'bleached'),
    because: () => WORDS.bleach.because,
    work: (s) => [
      {
        rank: 5,
        title: WORDS.bleach.title,
        how: WORDS.bleach.how,
        ...onFace('bleach', s),
        traits: { makes: ['bleached', 'neutral', 'grainRaised'] },
        wait: wait(WAITS.afterBleach, 'woodDry'),
        cautions: WORDS.bleach.cautions,
        checks: ['paleEnough', 'neutralPh'],
        waitsFor: ['substrate', 'veneer'],
      },
    ],
  }),
  surfaceRule({
    id: 'raise-the-grain-first',
    phase: 'sand',
    applies: (s, asked) =>
      takesWaterStain(s) && !isBleached(s) && !staysDone(s, asked, 'grainRaised'),
    because: () => WORDS.raiseGrain.because,
    work: (s) => [
      {
        rank: 5,
        title: WORDS.raiseGrain.title,
        how: WORDS.raiseGrain.how,
        ...onFace('raise-grain', s),
        traits: { makes: ['grainRaised'] },
        wait: wait(WAITS.afterRaisingGrain, 'dry'),
      },
    ],
  }),
  surfaceRule({
    id: 'cut-raised-grain-back',
    phase: 'sand',
    applies: (s, asked) => isRaised(s) && !staysDone(s, asked, 'raisedGrainCut'),
    because: () => WORDS.cutGrain.because,
    work: (s) => {
      const grit = PAPER_CHOICES.raisedGrain;
      const { effort, consumes } = onArea('dull', s);
      const draft = {
        method: 'cut-grain',
        rank: 6,
        title: WORDS.cutGrain.title(grit),
        how: WORDS.cutGrain.how(grit, !isDry(s)),
        effort,
        consumes: [...papersFor([grit], areaOfFace(s)), ...consumes],
      } as const;
      const traits = { makes: ['raisedGrainCut'] } as const;
      return [
        isDry(s)
          ? drySanding(s, { ...draft, grits: [grit], traits })
          : sandWet({ ...draft, method: 'cut-grain-wet', traits: { ...traits, grits: [grit] } }),
      ];
    },
  }),
];
