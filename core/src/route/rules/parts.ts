import { ANCHOR_FROM_MM, TIPS_FROM_MM } from '../../catalog';
import { templateOf, type Hardware } from '../../piece';
import { PARTS_WORDS as WORDS, SECURE_WORDS } from '../../words';
import {
  areaOfFace,
  hasPulls,
  hangsAsDoor,
  isSuspect,
  openFindings,
  runsWithDrawers,
  type SurfaceContext,
} from '../context';
import type { Part } from '../../work';
import { pieceRule, type Rule } from '../rule';
import { comesBack, isDoneToPiece, isInPlace, type Whole } from '../whole';
import { by } from './common';

/** Surfaces that are worked and are of a kind. */
const worked = (
  whole: Whole,
  kind: (s: SurfaceContext) => boolean = () => true,
): readonly SurfaceContext[] => whole.surfaces.filter((s) => s.worked && kind(s));

const countOf = ({ piece }: Whole, disposition: Hardware['disposition']): number =>
  piece.hardware
    .filter((it) => it.disposition === disposition)
    .reduce((sum, it) => sum + it.count, 0);

const drawersIn = ({ surfaces }: Whole): number => surfaces[0]?.loose.drawers ?? 0;
const doorsIn = ({ surfaces }: Whole): number => surfaces[0]?.loose.doors ?? 0;
const pullsOn = ({ surfaces }: Whole): number => surfaces[0]?.loose.pulls ?? 0;
/** Fittings beside pulls that stand in the way: casters, locks, plates, brackets. */
const OTHERS: readonly Hardware['kind'][] = [
  'lock',
  'escutcheon',
  'caster',
  'bracket',
  'stop',
  'lid',
  'glass',
  'mirror',
  'other',
];
const othersOn = ({ piece }: Whole): readonly Hardware[] =>
  piece.hardware.filter((it) => OTHERS.includes(it.kind));

/** What comes off with the pulls: "8 pulls, 4 casters and 1 lock". */
const fittingsOn = (whole: Whole): readonly { readonly kind: string; readonly count: number }[] => [
  ...(pullsOn(whole) > 0 ? [{ kind: 'pull', count: pullsOn(whole) }] : []),
  ...othersOn(whole).map(({ kind, count }) => ({
    kind: kind === 'other' ? 'other fitting' : kind,
    count,
  })),
];
const countOfFittings = (whole: Whole): number =>
  fittingsOn(whole).reduce((sum, it) => sum + it.count, 0);

/** Every pull is replaced, and nothing else comes back on. */
const areAllNew = ({ piece }: Whole): boolean =>
  piece.hardware.length > 0 && piece.hardware.every((it) => it.disposition === 'replace');

/** A surface that fittings sit on; any, where only such are listed as sit on no face in particular. */
const hasFittings =
  (whole: Whole) =>
  (s: SurfaceContext): boolean =>
    hasPulls(s) || (othersOn(whole).length > 0 && !whole.surfaces.some(hasPulls));

const staysIn = ({ shop }: Whole): boolean => shop.schools.drawers === 'in';

/** Of parts that come back: the surfaces that they belong to, those first that are worked. */
const backOnTo = (
  whole: Whole,
  part: Part,
  kind: (s: SurfaceContext) => boolean,
): readonly SurfaceContext[] => {
  if (!comesBack(whole, part)) return [];
  const all = whole.surfaces.filter(kind);
  const aimed = all.filter((s) => s.worked);
  return aimed.length > 0 ? aimed : all;
};

const hasSplitBack = (s: SurfaceContext): boolean =>
  !s.forAFirm && openFindings(s, 'splitBack').length > 0;
/** A split back was found there, mended by now or not. */
const hadSplitBack = (s: SurfaceContext): boolean =>
  s.findings.some((it) => it.damage === 'splitBack');

/** The piece is recorded while it is still together; then everything that comes off or out. */
export const APART_RULES: readonly Rule[] = [
  pieceRule({
    id: 'record-before-it-changes',
    phase: 'record',
    regardless: true,
    place: { of: 'piece' },
    asks: (whole) => (isDoneToPiece(whole, 'photographed') ? [] : worked(whole)),
    because: () => SECURE_WORDS.photographs.because,
    work: () => ({
      method: 'photograph',
      rank: 0,
      title: SECURE_WORDS.photographs.title,
      how: SECURE_WORDS.photographs.how,
      ...by('photograph', 1),
      traits: { makesOfPiece: ['photographed'] },
    }),
  }),
  pieceRule({
    id: 'mask-drawers-that-stay',
    phase: 'block',
    place: { of: 'parts', id: 'drawers' },
    asks: (whole) =>
      staysIn(whole) && !isDoneToPiece(whole, 'drawersMasked')
        ? worked(whole, runsWithDrawers)
        : [],
    because: (whole) => WORDS.maskDrawers.because(drawersIn(whole)),
    work: () => ({
      method: 'mask-drawers',
      rank: -25,
      title: WORDS.maskDrawers.title,
      how: WORDS.maskDrawers.how,
      ...by('drawerMap', 1),
      traits: { makesOfPiece: ['drawersMasked'] },
    }),
  }),
  pieceRule({
    id: 'number-the-drawers',
    phase: 'dismantle',
    regardless: true,
    place: { of: 'parts', id: 'drawers' },
    asks: (whole) =>
      !staysIn(whole) && isInPlace(whole, 'drawers') ? worked(whole, runsWithDrawers) : [],
    because: (whole) => WORDS.drawersOut.because(drawersIn(whole)),
    work: (whole) => ({
      method: 'drawers-out',
      rank: 0,
      title: WORDS.drawersOut.title(drawersIn(whole)),
      how: WORDS.drawersOut.how,
      ...by('drawerOut', drawersIn(whole)),
      traits: { takesOff: 'drawers' },
    }),
  }),
  pieceRule({
    id: 'number-the-doors',
    phase: 'dismantle',
    regardless: true,
    place: { of: 'parts', id: 'doors' },
    asks: (whole) => (isInPlace(whole, 'doors') ? worked(whole, hangsAsDoor) : []),
    because: (whole) => WORDS.doorsOff.because(doorsIn(whole)),
    work: (whole) => ({
      method: 'doors-off',
      rank: 0,
      title: WORDS.doorsOff.title(doorsIn(whole)),
      how: WORDS.doorsOff.how,
      ...by('doorOff', doorsIn(whole)),
      traits: { takesOff: 'doors' },
    }),
  }),
  pieceRule({
    id: 'hardware-is-the-inspection',
    phase: 'dismantle',
    regardless: true,
    place: { of: 'parts', id: 'pulls' },
    asks: (whole) => (isInPlace(whole, 'pulls') ? worked(whole, hasFittings(whole)) : []),
    because: () => WORDS.hardwareOff.because,
    work: (whole) => ({
      method: 'hardware-off',
      rank: 1,
      title: WORDS.hardwareOff.title(fittingsOn(whole)),
      how: WORDS.hardwareOff.how(
        whole.surfaces.some((s) => hasPulls(s) && isSuspect(s)),
        othersOn(whole).some((it) => it.kind === 'glass' || it.kind === 'mirror'),
      ),
      ...by('pullOff', countOfFittings(whole)),
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
      method: 'back-off',
      rank: 2,
      title: WORDS.backOff.title,
      how: WORDS.backOff.how,
      ...by('backOff', 1),
      traits: { opensLayers: true, takesOff: 'back' },
      protection: ['goggles'],
    }),
  }),
  pieceRule({
    id: 'fittings-soak-meanwhile',
    phase: 'dismantle',
    regardless: true,
    place: { of: 'parts', id: 'pulls' },
    asks: (whole) =>
      countOf(whole, 'clean') > 0 && !isDoneToPiece(whole, 'fittingsPolished')
        ? worked(whole, hasPulls)
        : [],
    because: (whole) => WORDS.polishFittings.because(countOf(whole, 'clean')),
    work: (whole) => ({
      method: 'polish-fittings',
      rank: 3,
      title: WORDS.polishFittings.title(countOf(whole, 'clean')),
      how: WORDS.polishFittings.how,
      ...by('polish', countOf(whole, 'clean')),
      traits: { opensLayers: true, makesOfPiece: ['fittingsPolished'] },
      protection: ['workGloves', 'goggles'],
    }),
  }),
  pieceRule({
    id: 'fittings-painted-off-the-piece',
    phase: 'dismantle',
    regardless: true,
    place: { of: 'parts', id: 'pulls' },
    asks: (whole) =>
      countOf(whole, 'repaint') > 0 && !isDoneToPiece(whole, 'fittingsRepainted')
        ? worked(whole, hasPulls)
        : [],
    because: (whole) => WORDS.repaintFittings.because(countOf(whole, 'repaint')),
    work: (whole) => ({
      method: 'repaint-fittings',
      rank: 3,
      title: WORDS.repaintFittings.title(countOf(whole, 'repaint')),
      how: WORDS.repaintFittings.how,
      ...by('repaint', countOf(whole, 'repaint')),
      traits: { opensLayers: true, makesOfPiece: ['fittingsRepainted'] },
      protection: ['workGloves'],
    }),
  }),
];

/** From which height on it could fall on somebody, mm. */
const tipsFrom = ({ piece }: Whole): number =>
  templateOf(piece.templateId).storesClothes || piece.childsRoom
    ? TIPS_FROM_MM.value
    : ANCHOR_FROM_MM.value;

const heightOf = ({ piece }: Whole): number => piece.measures.height ?? 0;

/** Everything that came off goes back on, and the piece is made fit to stand and run. */
export const TOGETHER_RULES: readonly Rule[] = [
  pieceRule({
    id: 'wax-what-slides',
    phase: 'reassemble',
    regardless: true,
    place: { of: 'parts', id: 'drawers' },
    asks: (whole) => backOnTo(whole, 'drawers', runsWithDrawers),
    because: (whole) => WORDS.drawersIn.because(drawersIn(whole)),
    work: (whole) => ({
      method: 'drawers-in',
      rank: 0,
      title: WORDS.drawersIn.title,
      how: WORDS.drawersIn.how,
      ...by('drawerIn', drawersIn(whole)),
      traits: { putsOn: 'drawers' },
      checks: [{ id: 'runsFreely', question: WORDS.drawersIn.check }],
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
      method: 'doors-on',
      rank: 1,
      title: WORDS.doorsOn.title,
      how: WORDS.doorsOn.how,
      ...by('doorOn', doorsIn(whole)),
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
      method: 'hardware-on',
      rank: 2,
      title: WORDS.hardwareOn.title(fittingsOn(whole), areAllNew(whole)),
      how: WORDS.hardwareOn.how(
        othersOn(whole).some((it) => it.kind === 'glass' || it.kind === 'mirror'),
      ),
      ...by('pullOn', countOfFittings(whole)),
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
      method: 'back-on',
      rank: 0,
      title: WORDS.backOn.title,
      how: WORDS.backOn.how,
      ...by('backOn', 1),
      traits: { putsOn: 'back' },
      protection: ['goggles'],
    }),
  }),
  pieceRule({
    id: 'bumpers-keep-film-apart',
    phase: 'reassemble',
    place: { of: 'piece' },
    asks: (whole) =>
      isDoneToPiece(whole, 'bumpersSet')
        ? []
        : worked(whole, (s) => hangsAsDoor(s) || runsWithDrawers(s)),
    because: () => WORDS.bumpers.because,
    work: () => ({
      method: 'bumpers',
      rank: 3,
      title: WORDS.bumpers.title,
      how: WORDS.bumpers.how,
      ...by('bumpers', 1),
      traits: { makesOfPiece: ['bumpersSet'] },
    }),
  }),
  pieceRule({
    id: 'seen-from-a-distance',
    phase: 'reassemble',
    place: { of: 'piece' },
    asks: (whole) => (isDoneToPiece(whole, 'touchedUp') ? [] : worked(whole)),
    because: () => WORDS.touchUp.because,
    work: (_, asking) => ({
      method: 'touch-up',
      rank: 5,
      title: WORDS.touchUp.title,
      how: WORDS.touchUp.how,
      ...by(
        'touchUp',
        asking.reduce((sum, s) => sum + areaOfFace(s), 0),
      ),
      traits: { makesOfPiece: ['touchedUp'] },
    }),
  }),
  pieceRule({
    id: 'tall-stands-anchored',
    phase: 'reassemble',
    place: { of: 'piece' },
    asks: (whole) =>
      !templateOf(whole.piece.templateId).forChild &&
      heightOf(whole) >= tipsFrom(whole) &&
      !isDoneToPiece(whole, 'anchorReady')
        ? worked(whole)
        : [],
    because: (whole) => WORDS.anchor.because(tipsFrom(whole) === TIPS_FROM_MM.value),
    work: () => ({
      method: 'anchor',
      rank: 4,
      title: WORDS.anchor.title,
      how: WORDS.anchor.how,
      ...by('anchor', 1),
      traits: { makesOfPiece: ['anchorReady'] },
      cautions: WORDS.anchor.cautions,
    }),
  }),
];
