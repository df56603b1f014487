import { TIPS_BY_RATIO, TIPS_FROM_MM } from '../../catalog';
import { assemble, visibilityOf } from '../../piece';
import { PARTS_WORDS as WORDS } from '../../words';
import { pieceRule, type Rule } from './rule';
import { isDoneToPiece, type Whole } from '../context/whole';
import { ofUnits } from './common';
import { areaOfFace, hangsAsDoor, isTouched, runsWithDrawers } from '../context/context';
import {
  workedFittings,
  drawersToFit,
  doorsIn,
  othersOn,
  fittingsOn,
  countOfFittings,
  areAllNew,
  hasFittings,
  backOnTo,
  hadSplitBack,
} from './fittings';

/** It could fall on somebody: by its height, how high it is for its depth, and who climbs it. */
const mayTip = ({ piece, surfaces }: Whole): boolean => {
  const { size, tips } = assemble(piece.build);
  if (!tips || size.height < TIPS_FROM_MM.value) return false;
  // Fixed to the wall by its pipes.
  if (piece.wetRoom && piece.staysInPlace) return false;
  const opens = surfaces.some((s) => runsWithDrawers(s) || hangsAsDoor(s));
  const ratio = TIPS_BY_RATIO[opens ? 'open' : 'shut'];
  return piece.build.storesClothes || piece.childsRoom || size.height >= ratio * size.depth;
};

/** Everything that came off goes back on, and the piece is made fit to stand and run. */
export const TOGETHER_RULES: readonly Rule[] = [
  pieceRule({
    id: 'wax-what-slides',
    phase: 'reassemble',
    regardless: true,
    place: { of: 'parts', id: 'drawers' },
    asks: (whole) => backOnTo(whole, 'drawers', runsWithDrawers),
    because: (whole) => WORDS.drawersIn.because(drawersToFit(whole)),
    work: (whole) => ({
      rank: 0,
      title: WORDS.drawersIn.title,
      how: WORDS.drawersIn.how,
      ...ofUnits('drawers-in', drawersToFit(whole)),
      traits: { putsOn: 'drawers' },
      checks: ['runsFreely'],
    }),
  }),
  pieceRule({
    id: 'hinge-to-frame-first',
    phase: 'reassemble',
    regardless: true,
    place: { of: 'parts', id: 'doors' },
    asks: (whole) => backOnTo(whole, 'doors', hangsAsDoor),
    because: (whole) => WORDS.doorsOn.because(doorsIn(whole)),
    work: (whole) => ({
      rank: 1,
      title: WORDS.doorsOn.title,
      how: WORDS.doorsOn.how,
      ...ofUnits('doors-on', doorsIn(whole)),
      traits: { putsOn: 'doors' },
    }),
  }),
  pieceRule({
    id: 'hardware-on-hard-film',
    phase: 'reassemble',
    regardless: true,
    place: { of: 'parts', id: 'pulls' },
    asks: (whole) => backOnTo(whole, 'pulls', hasFittings(whole)),
    because: () => WORDS.hardwareOn.because,
    work: (whole) => ({
      rank: 2,
      title: WORDS.hardwareOn.title(fittingsOn(whole), areAllNew(whole)),
      how: WORDS.hardwareOn.how(
        othersOn(whole).some((it) => it.kind === 'glass' || it.kind === 'mirror'),
      ),
      ...ofUnits('hardware-on', countOfFittings(whole)),
      traits: { putsOn: 'pulls' },
    }),
  }),
  pieceRule({
    id: 'back-on-again',
    phase: 'reassemble',
    regardless: true,
    place: { of: 'parts', id: 'back' },
    asks: (whole) => backOnTo(whole, 'back', hadSplitBack),
    because: () => WORDS.backOn.because,
    work: () => ({
      rank: 0,
      title: WORDS.backOn.title,
      how: WORDS.backOn.how,
      ...ofUnits('back-on', 1),
      traits: { putsOn: 'back' },
    }),
  }),
  pieceRule({
    id: 'bumpers-keep-film-apart',
    phase: 'reassemble',
    place: { of: 'piece' },
    asks: (whole) =>
      isDoneToPiece(whole, 'bumpersSet')
        ? []
        : workedFittings(whole, (s) => hangsAsDoor(s) || runsWithDrawers(s)),
    because: () => WORDS.bumpers.because,
    work: () => ({
      rank: 3,
      title: WORDS.bumpers.title,
      how: WORDS.bumpers.how,
      ...ofUnits('bumpers', 1),
      traits: { makesOfPiece: ['bumpersSet'] },
    }),
  }),
  pieceRule({
    id: 'seen-from-a-distance',
    phase: 'reassemble',
    place: { of: 'piece' },
    asks: (whole) => (isDoneToPiece(whole, 'touchedUp') ? [] : workedFittings(whole)),
    because: () => WORDS.touchUp.because,
    work: (_, asking) => ({
      rank: 5,
      title: WORDS.touchUp.title,
      how: WORDS.touchUp.how,
      ...ofUnits(
        'touch-up',
        asking.reduce((sum, s) => sum + areaOfFace(s), 0),
      ),
      traits: { makesOfPiece: ['touchedUp'] },
      checks: ['edgeCrisp'],
    }),
  }),
  pieceRule({
    id: 'edges-sealed-where-water-stands',
    phase: 'reassemble',
    place: { of: 'piece' },
    asks: (whole) =>
      whole.piece.wetRoom && !isDoneToPiece(whole, 'edgesSealed')
        ? workedFittings(whole).filter((s) => visibilityOf(s.surface) !== 'low')
        : [],
    because: () => WORDS.sealEdges.because,
    work: () => ({
      rank: 4,
      occurrence: '1',
      title: WORDS.sealEdges.title,
      how: WORDS.sealEdges.how,
      ...ofUnits('seal-edges', 1),
      traits: { makesOfPiece: ['edgesSealed'] },
    }),
  }),
  pieceRule({
    id: 'tall-stands-anchored',
    phase: 'reassemble',
    place: { of: 'piece' },
    asks: (whole) =>
      mayTip(whole) && !isDoneToPiece(whole, 'anchorReady') ? whole.surfaces.filter(isTouched) : [],
    because: ({ piece, shop }) =>
      WORDS.anchor.because(assemble(piece.build).size, piece.build.storesClothes, shop.units),
    work: () => ({
      rank: 4,
      title: WORDS.anchor.title,
      how: WORDS.anchor.how,
      ...ofUnits('anchor', 1),
      traits: { makesOfPiece: ['anchorReady'] },
      cautions: WORDS.anchor.cautions,
    }),
  }),
];
