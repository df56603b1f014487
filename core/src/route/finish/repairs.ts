import {
  AT_THE_EDGE,
  CRACKS,
  DAMAGES,
  FILLS,
  FILL_DEPTHS,
  HOLES_PER_FITTING,
  SHEET_FROM_MM2,
  STAINABLE_WAITS,
  type Repair,
} from '../../catalog';
import { movesHoles, type Finding, type Hardware } from '../../piece';
import { REPAIR_WORDS } from '../../words';
import {
  type SurfaceContext,
  forbiddenBy,
  hasPulls,
  isDry,
  isTouchedIn,
  keepsFilm,
  isVeneered,
  openFindings,
  showsSign,
} from '../context/context';
import { lineChoiceOf } from '../rules/lines';

/** Putty where it is shallow, epoxy where filler would sag, filler in rounds between. */
const fillerByDepth = (filler: Repair, depthMm: number): Repair => {
  if (depthMm <= FILL_DEPTHS.putty) return FILLS.putty;
  if (depthMm > FILL_DEPTHS.twoPart) return FILLS.epoxy;
  const rounds = Math.ceil(depthMm / FILL_DEPTHS.round);
  return {
    ...filler,
    minutes: filler.minutes * rounds,
    waitMinutes: filler.waitMinutes * rounds,
    title: rounds > 1 ? REPAIR_WORDS.mend.rounds(filler.title, rounds) : filler.title,
  };
};

const stainableByDepth = (filler: Repair, depthMm: number): Repair => ({
  ...filler,
  waitMinutes: STAINABLE_WAITS.find((it) => depthMm <= it.upToMm)?.minutes ?? filler.waitMinutes,
});

/** At the rim of the face, where a deep fill breaks away. */
const isAtTheEdge = ({ place }: Finding): boolean =>
  place !== null && Math.min(place.x, place.y, 1 - place.x, 1 - place.y) < AT_THE_EDGE.share;

/** A repair as the depth of the damage wants it; as it usually is where nobody measured. */
const byDepth = (repair: Repair, finding: Finding): Repair => {
  const { depthMm } = finding;
  if (depthMm === null) return repair;
  // Deep at the rim: modelled with an armature under paint, a piece of wood let in under clear.
  if (isAtTheEdge(finding) && depthMm > FILL_DEPTHS.round && repair.byDepth) {
    return repair.byDepth === 'filler' ? FILLS.epoxy : FILLS.woodPatch;
  }
  switch (repair.byDepth) {
    case 'filler':
      return fillerByDepth(repair, depthMm);
    case 'stainable':
      return stainableByDepth(repair, depthMm);
    case undefined:
      return repair;
  }
};

/** A repair as the width of a crack or the area of what is missing wants it, where somebody measured. */
const bySize = (repair: Repair, { lengthMm, widthMm }: Finding): Repair => {
  const mm2 = (lengthMm ?? 0) * (widthMm ?? 0);
  switch (repair.bySize) {
    case 'crack':
      if (widthMm === null || widthMm <= CRACKS.hairlineMm) return repair;
      return widthMm <= CRACKS.fillMm ? FILLS.glueAndFill : FILLS.slip;
    case 'sheet':
      return mm2 > SHEET_FROM_MM2.value ? FILLS.sheet : repair;
    case undefined:
      return repair;
  }
};

/** A dark stain in solid wood is sanded out; in a thin face it is bleached. */
export const sandsStainOut = (s: SurfaceContext, finding: Finding): boolean =>
  s.worked && s.showsWood && isDry(s) && showsSign(finding, 'ironStained') && s.veneerUm === null;

/** Why a repair must not be done on a face as it will be then; undefined where it may. */
const ruinedBy = (s: SurfaceContext, { steps }: Repair): string | undefined => {
  const on = {
    faces: [s],
    filmOn: !s.strips,
    ofPiece: false,
    onOldPart: false,
    waitsForLead: false,
  };
  return steps
    .map((it) => lineChoiceOf(it, on))
    .flatMap((it) => (it.kind === 'refused' ? [it.because] : []))[0];
};

/** The repair that a finding wants under the surface's scheme; undefined where it wants none, or bears none. */
export const repairOf = (s: SurfaceContext, finding: Finding): Repair | undefined => {
  const wanted = wantedRepair(s, finding);
  return wanted && ruinedBy(s, wanted) === undefined ? wanted : undefined;
};

const wantedRepair = (s: SurfaceContext, finding: Finding): Repair | undefined => {
  const damage = DAMAGES.get(finding.damage);
  const wanted = s.worked || isTouchedIn(s) || (damage.whateverTheAim === true && !s.forAFirm);
  if (!wanted || sandsStainOut(s, finding)) return undefined;
  const underClear = isTouchedIn(s) ? !s.finish.paint : s.showsWood;
  if (isTouchedIn(s) && underClear && damage.inSpots) return damage.inSpots;
  const repair: Repair | undefined = underClear ? damage.underClear : damage.underPaint;
  if (repair?.onFilm && s.strips) return undefined;
  if (repair?.deeperThanMm && !((finding.depthMm ?? 0) > repair.deeperThanMm)) return undefined;
  const bearsNoHeat = repair?.heats === true && forbiddenBy('heats', s, !s.strips) !== undefined;
  const fitting = bearsNoHeat ? FILLS.stainable : repair;
  return fitting && byDepth(bySize(fitting, finding), finding);
};

/** Findings that nothing is done about by themselves, with the reason: none is dropped in silence. */
export const acceptedOn = (
  s: SurfaceContext,
): readonly { readonly label: string; readonly because: string }[] =>
  openFindings(s).flatMap((finding) => {
    const { accepted, label } = DAMAGES.get(finding.damage);
    const wanted = wantedRepair(s, finding);
    const ruined = wanted && ruinedBy(s, wanted);
    if (ruined !== undefined) return [{ label, because: ruined }];
    if (!accepted || wanted || sandsStainOut(s, finding)) return [];
    const because = isVeneered(s)
      ? accepted.underVeneer
      : s.strips
        ? accepted.stripped
        : s.showsWood
          ? accepted.underClear
          : keepsFilm(s)
            ? accepted.underPaint
            : (accepted.noFilm ?? accepted.underPaint);
    return because ? [{ label, because }] : [];
  });

/** Fittings whose new ones sit on other holes: the old are filled, new ones drilled. */
export const replacedFittings = (s: SurfaceContext): readonly Hardware[] =>
  hasPulls(s) ? s.piece.hardware.filter(movesHoles) : [];

/** Screw holes that fittings leave in the face. */
export const holesIn = (list: readonly Hardware[]): number =>
  list.reduce(
    (sum, it) => sum + it.count * HOLES_PER_FITTING[it.kind === 'knob' ? 'knob' : 'other'],
    0,
  );

/** Repairs that leave something proud, to be sanded flush. */
export const leavesFill = (s: SurfaceContext): boolean => placesProud(s) > 0;

/** How many places stand proud: filled damage, and old fittings, whose holes are flushed together. */
export const placesProud = (s: SurfaceContext): number =>
  s.findings
    .filter((it) => repairOf(s, it)?.proud === true)
    .reduce((sum, it) => sum + it.count, 0) +
  replacedFittings(s).reduce((sum, it) => sum + it.count, 0);
