import { assemble } from '../../piece';
import { PARTS_WORDS as WORDS, SECURE_WORDS } from '../../words';
import { pieceRule, type Rule } from './rule';
import { isDoneToPiece, isInPlace, type Whole } from '../context/whole';
import { ofUnits } from './common';
import { hangsAsDoor, hasPulls, runsWithDrawers } from '../context/context';
import {
  workedFittings,
  countOf,
  drawersToFit,
  doorsIn,
  othersOn,
  fittingsOn,
  countOfFittings,
  hasFittings,
  staysIn,
  hasSplitBack,
} from './fittings';

/** A bed that rules are made for. */
const bedOf = ({ piece }: Whole) => assemble(piece.build).bed;

/** The piece is recorded while it is still together; then everything that comes off or out. */
export const APART_RULES: readonly Rule[] = [
  pieceRule({
    id: 'record-before-it-changes',
    phase: 'record',
    regardless: true,
    place: { of: 'piece' },
    asks: (whole) => (isDoneToPiece(whole, 'photographed') ? [] : workedFittings(whole)),
    because: () => SECURE_WORDS.photographs.because,
    work: () => ({
      rank: 0,
      title: SECURE_WORDS.photographs.title,
      how: SECURE_WORDS.photographs.how,
      ...ofUnits('photograph', 1),
      traits: { makesOfPiece: ['photographed'] },
    }),
  }),
  pieceRule({
    id: 'childs-bed-against-todays-rules',
    phase: 'record',
    regardless: true,
    place: { of: 'piece' },
    asks: (whole) =>
      bedOf(whole) === null || isDoneToPiece(whole, 'bedChecked')
        ? []
        : whole.surfaces.filter((s) => s.aimed),
    because: (whole) => SECURE_WORDS.childsBed.because[bedOf(whole) ?? 'crib'],
    work: (whole) => {
      const { title, how, cautions } = SECURE_WORDS.childsBed;
      const bed = bedOf(whole) ?? 'crib';
      return {
        rank: 1,
        title: title[bed],
        how: how[bed](whole.shop.units),
        ...ofUnits('check-childs-bed', 1),
        traits: { makesOfPiece: ['bedChecked'] },
        cautions,
      };
    },
  }),
  pieceRule({
    id: 'cover-the-room',
    phase: 'dismantle',
    place: { of: 'piece' },
    asks: (whole) =>
      whole.piece.staysInPlace && !isDoneToPiece(whole, 'roomCovered') ? workedFittings(whole) : [],
    because: () => WORDS.coverRoom.because,
    work: (whole) => ({
      rank: -10,
      title: WORDS.coverRoom.title,
      how: WORDS.coverRoom.how(whole.piece.wetRoom),
      ...ofUnits('cover-room', 1),
      traits: { makesOfPiece: ['roomCovered'] },
      cautions: WORDS.coverRoom.cautions,
    }),
  }),
  pieceRule({
    id: 'mask-drawers-that-stay',
    phase: 'block',
    place: { of: 'parts', id: 'drawers' },
    asks: (whole) =>
      staysIn(whole) && !isDoneToPiece(whole, 'drawersMasked')
        ? workedFittings(whole, runsWithDrawers)
        : [],
    because: (whole) => WORDS.maskDrawers.because(drawersToFit(whole)),
    work: () => ({
      rank: -25,
      title: WORDS.maskDrawers.title,
      how: WORDS.maskDrawers.how,
      ...ofUnits('mask-drawers', 1),
      traits: { makesOfPiece: ['drawersMasked'] },
    }),
  }),
  pieceRule({
    id: 'number-the-drawers',
    phase: 'dismantle',
    regardless: true,
    place: { of: 'parts', id: 'drawers' },
    asks: (whole) =>
      !staysIn(whole) && isInPlace(whole, 'drawers') ? workedFittings(whole, runsWithDrawers) : [],
    because: (whole) => WORDS.drawersOut.because(drawersToFit(whole)),
    work: (whole) => ({
      rank: 0,
      title: WORDS.drawersOut.title(drawersToFit(whole)),
      how: WORDS.drawersOut.how,
      ...ofUnits('drawers-out', drawersToFit(whole)),
      traits: { takesOff: 'drawers' },
    }),
  }),
  pieceRule({
    id: 'number-the-doors',
    phase: 'dismantle',
    regardless: true,
    place: { of: 'parts', id: 'doors' },
    asks: (whole) => (isInPlace(whole, 'doors') ? workedFittings(whole, hangsAsDoor) : []),
    because: (whole) => WORDS.doorsOff.because(doorsIn(whole)),
    work: (whole) => ({
      rank: 0,
      title: WORDS.doorsOff.title(doorsIn(whole)),
      how: WORDS.doorsOff.how,
      ...ofUnits('doors-off', doorsIn(whole)),
      traits: { takesOff: 'doors' },
    }),
  }),
  pieceRule({
    id: 'hardware-is-the-inspection',
    phase: 'dismantle',
    regardless: true,
    place: { of: 'parts', id: 'pulls' },
    asks: (whole) => (isInPlace(whole, 'pulls') ? workedFittings(whole, hasFittings(whole)) : []),
    because: () => WORDS.hardwareOff.because,
    work: (whole) => ({
      rank: 1,
      title: WORDS.hardwareOff.title(fittingsOn(whole)),
      how: WORDS.hardwareOff.how(
        othersOn(whole).some((it) => it.kind === 'glass' || it.kind === 'mirror'),
      ),
      ...ofUnits('hardware-off', countOfFittings(whole)),
      traits: { takesOff: 'pulls' },
    }),
  }),
  pieceRule({
    id: 'back-off-if-split',
    phase: 'dismantle',
    regardless: true,
    place: { of: 'parts', id: 'back' },
    asks: (whole) => (isInPlace(whole, 'back') ? whole.surfaces.filter(hasSplitBack) : []),
    because: () => WORDS.backOff.because,
    work: () => ({
      rank: 2,
      title: WORDS.backOff.title,
      how: WORDS.backOff.how,
      ...ofUnits('back-off', 1),
      traits: { takesOff: 'back' },
      onOldPart: true,
    }),
  }),
  pieceRule({
    id: 'fittings-soak-meanwhile',
    phase: 'dismantle',
    regardless: true,
    place: { of: 'parts', id: 'pulls' },
    asks: (whole) =>
      countOf(whole, 'clean') > 0 && !isDoneToPiece(whole, 'fittingsPolished')
        ? workedFittings(whole, hasPulls)
        : [],
    because: (whole) => WORDS.polishFittings.because(countOf(whole, 'clean')),
    work: (whole) => ({
      rank: 3,
      title: WORDS.polishFittings.title(countOf(whole, 'clean')),
      how: WORDS.polishFittings.how,
      ...ofUnits('polish-fittings', countOf(whole, 'clean')),
      traits: { makesOfPiece: ['fittingsPolished'] },
    }),
  }),
  pieceRule({
    id: 'fittings-painted-off-the-piece',
    phase: 'dismantle',
    regardless: true,
    place: { of: 'parts', id: 'pulls' },
    asks: (whole) =>
      countOf(whole, 'repaint') > 0 && !isDoneToPiece(whole, 'fittingsRepainted')
        ? workedFittings(whole, hasPulls)
        : [],
    because: (whole) => WORDS.repaintFittings.because(countOf(whole, 'repaint')),
    work: (whole) => ({
      rank: 3,
      title: WORDS.repaintFittings.title(countOf(whole, 'repaint')),
      how: WORDS.repaintFittings.how,
      ...ofUnits('repaint-fittings', countOf(whole, 'repaint')),
      traits: { makesOfPiece: ['fittingsRepainted'] },
    }),
  }),
];
