import { COATINGS, DAMAGES, DECISIONS, leavesFilm } from '../../catalog';
import { topcoatCoating } from '../../coating';
import { isCoated, standsFor, visibilityOf, type DoneWork } from '../../piece';
import { planLadder, sandingTask } from '../../sanding';
import { REFUSAL_WORDS as WORDS, about } from '../../words';
import { ladderFor } from './faceSanding';
import { forbiddenWish } from './stripChoice';
import { finishesInOne } from './coloured';
import {
  type SurfaceContext,
  behind,
  has,
  holdsLead,
  isUnstainable,
  keepsFilm,
  leadObservations,
  observationsOf,
  wearOn,
  shows,
} from '../context/context';
import { coatsOf, topcoatOf, topcoatVerdictOf } from './finishing';
import { chanceSlick } from './primed';

/** What is refused on one surface: why, and the way out. */
interface Verdict {
  /** Made of the names of all surfaces that it holds for. */
  readonly title: (names: readonly string[]) => string;
  readonly because: string;
  readonly waysOut: readonly string[];
  readonly observationIds: readonly string[];
}

/** A named reason to say no, with the way out. */
interface RefusalRule {
  readonly id: string;
  /** No work towards the aim is planned while it stands. */
  readonly blocks: boolean;
  readonly judge: (s: SurfaceContext) => Verdict | undefined;
}

/** What was found where, on the whole piece. */
const leadTextsOf = (s: SurfaceContext): string =>
  s
    .others()
    .filter(holdsLead)
    .map((it) => about([it.surface.name], it.beliefs.leadStatus.text))
    .join(' ');

/** The name of the topcoat that was wished for. */
const wishedTopcoat = ({ aim: { scheme } }: SurfaceContext): string =>
  isCoated(scheme) && scheme.topcoat !== 'none'
    ? COATINGS.get(topcoatCoating(scheme.topcoat)).label
    : '';

/** Work on a surface of which nobody can tell here what it did; under way it has done nothing yet. */
export const unreadOn = ({ piece, surface }: SurfaceContext): readonly DoneWork[] =>
  piece.done.filter(
    (it) =>
      it.endedAt !== null &&
      it.effect.form === 'unread' &&
      it.surfaceIds.some((id) => standsFor(piece.build, id) === surface.id),
  );

export const REFUSAL_RULES: readonly RefusalRule[] = [
  {
    id: 'work-on-record-unread',
    // Planned as if it had done nothing, it would be done twice, and over what it left.
    blocks: true,
    judge: (s) => {
      const unread = unreadOn(s);
      return unread.length === 0
        ? undefined
        : {
            title: WORDS.unread.title,
            because: WORDS.unread.because(unread.map((it) => it.title || it.taskKey)),
            waysOut: WORDS.unread.waysOut,
            observationIds: [],
          };
    },
  },
  {
    id: 'lead-childs-room',
    blocks: true,
    judge: (s) =>
      s.forAFirm && s.aim.scheme.kind !== 'leave'
        ? {
            title: WORDS.childsRoom.title,
            because: WORDS.childsRoom.because(leadTextsOf(s)),
            waysOut: WORDS.childsRoom.waysOut,
            observationIds: s.others().filter(holdsLead).flatMap(leadObservations),
          }
        : undefined,
  },
  {
    id: 'lead-stays-on-a-childs-piece',
    // Nothing is planned there anyway; it is told, so that nobody takes leaving it for a way to use it.
    blocks: false,
    judge: (s) =>
      s.forAFirm && s.aim.scheme.kind === 'leave' && holdsLead(s)
        ? {
            title: WORDS.childsRoom.titleLeft,
            because: WORDS.childsRoom.because(leadTextsOf(s)),
            waysOut: WORDS.childsRoom.waysOut,
            observationIds: leadObservations(s),
          }
        : undefined,
  },
  {
    id: 'no-stain-on-print',
    blocks: true,
    judge: (s) =>
      s.showsWood && isUnstainable(s)
        ? {
            title: (names) => WORDS.noWood.title(names, s.aim.scheme.kind === 'stained'),
            because: WORDS.noWood.because(s.substrate.label),
            waysOut: WORDS.noWood.waysOut,
            observationIds: behind(s.beliefs.substrate),
          }
        : undefined,
  },
  {
    id: 'veneer-too-thin',
    blocks: true,
    judge: (s) => {
      if (!s.showsWood || keepsFilm(s) || s.lead === 'found') return undefined;
      const ladder = ladderFor(s);
      return ladder.kind === 'refused' && ladder.rule === 'veneer-too-thin'
        ? {
            title: WORDS.tooThin.title,
            because: ladder.because,
            waysOut: ladder.waysOut,
            observationIds: [
              ...observationsOf(s, 'veneer-thickness'),
              ...behind(s.beliefs.substrate),
            ],
          }
        : undefined;
    },
  },
  {
    id: 'patch-peeled',
    blocks: true,
    judge: (s) =>
      s.aim.scheme.kind === 'painted' && !s.substrate.wood && s.bond === 'fails'
        ? {
            title: WORDS.patchPeeled.title,
            because: WORDS.patchPeeled.because,
            waysOut: WORDS.patchPeeled.waysOut,
            observationIds: observationsOf(s, 'cross-cut'),
          }
        : undefined,
  },
  {
    id: 'no-veneer-here',
    blocks: true,
    judge: (s) => {
      if (s.aim.scheme.kind !== 'veneered') return undefined;
      const because =
        s.lead === 'found'
          ? WORDS.noVeneer.becauseLead(s.beliefs.leadStatus.text)
          : s.surface.part === 'stick'
            ? WORDS.noVeneer.becauseStick
            : undefined;
      return because === undefined
        ? undefined
        : {
            title: WORDS.noVeneer.title,
            because,
            waysOut: WORDS.noVeneer.waysOut,
            observationIds: leadObservations(s),
          };
    },
  },
  {
    id: 'no-rubbing-through-lead',
    blocks: false,
    judge: (s) =>
      s.worked &&
      s.lead === 'found' &&
      s.aim.scheme.kind === 'painted' &&
      s.aim.scheme.effect === 'distressed'
        ? {
            title: WORDS.noDistress.title,
            because: WORDS.noDistress.because(s.beliefs.leadStatus.text),
            waysOut: WORDS.noDistress.waysOut,
            observationIds: leadObservations(s),
          }
        : undefined,
  },
  {
    id: 'no-dry-sanding-of-suspect-paint',
    blocks: false,
    judge: (s) => {
      const wish = forbiddenWish(s);
      if (!s.strips || !wish || (s.lead !== 'open' && s.lead !== 'found')) return undefined;
      const verdict = planLadder(sandingTask.parse({ defectUm: 0, targetGrit: 120, lead: s.lead }));
      return {
        title: (names) => WORDS.suspectPaint.title(names, wish.way.label),
        because: WORDS.suspectPaint.because(
          verdict.kind === 'refused' ? verdict.because : '',
          wish.way.title,
          wish.because,
        ),
        waysOut: verdict.kind === 'refused' ? verdict.waysOut : WORDS.suspectPaint.waysOut,
        observationIds: leadObservations(s),
      };
    },
  },
  {
    id: 'strip-way-not-here',
    blocks: false,
    judge: (s) => {
      const wish = forbiddenWish(s);
      return s.strips && wish && s.lead !== 'open' && s.lead !== 'found'
        ? {
            title: (names) => WORDS.stripWay.title(names, wish.way.label),
            because: WORDS.stripWay.because(wish.way.title, wish.because),
            waysOut: WORDS.stripWay.waysOut,
            observationIds: behind(s.beliefs.substrate),
          }
        : undefined;
    },
  },
  {
    id: 'patch-will-show',
    blocks: false,
    judge: (s) =>
      s.showsWood && shows(s, 'veneerMissing') && visibilityOf(s.surface) === 'high'
        ? {
            title: WORDS.patchShows.title,
            because: WORDS.patchShows.because,
            waysOut: WORDS.patchShows.waysOut,
            observationIds: [],
          }
        : undefined,
  },
  ...(['jointGap', 'swollenBoard', 'crumblingBoard'] as const).map((damage): RefusalRule => ({
    id: `${damage}-stays-under-clear`,
    blocks: false,
    judge: (s) => {
      if (!s.worked || !s.showsWood || !has(s, damage)) return undefined;
      const { because, waysOut } = WORDS.staysAsFound[damage === 'jointGap' ? damage : 'board'];
      return {
        title: (names) => WORDS.staysAsFound.title(names, DAMAGES.get(damage).label),
        because,
        waysOut,
        observationIds: [],
      };
    },
  })),
  {
    id: 'wax-where-water-stands',
    blocks: false,
    judge: (s) =>
      s.worked &&
      'topcoat' in s.aim.scheme &&
      (s.aim.scheme.topcoat === 'wax' || s.aim.scheme.topcoat === 'shellac') &&
      (s.aim.scheme.wear ?? wearOn(s)) === 'high'
        ? { ...WORDS.weakTop[s.aim.scheme.topcoat], observationIds: [] }
        : undefined,
  },
  {
    id: 'chalk-paint-stays-open',
    blocks: false,
    judge: (s) =>
      s.worked &&
      s.aim.scheme.kind === 'painted' &&
      s.aim.scheme.paint === 'mineralPaint' &&
      s.aim.scheme.topcoat === 'none' &&
      (s.aim.scheme.wear ?? wearOn(s)) !== 'low'
        ? { ...WORDS.openChalk, observationIds: [] }
        : undefined,
  },
  {
    id: 'no-bleach-on-a-thin-face',
    blocks: false,
    judge: (s) =>
      s.worked && 'bleached' in s.aim.scheme && s.aim.scheme.bleached === true && s.dampOnly
        ? { ...WORDS.noBleach, observationIds: behind(s.beliefs.substrate) }
        : undefined,
  },
  {
    id: 'pores-stay-open',
    blocks: false,
    judge: (s) =>
      s.worked &&
      finishesInOne(s.aim.scheme) &&
      'grain' in s.aim.scheme &&
      s.aim.scheme.grain === 'filled' &&
      s.wood.openPored
        ? { ...WORDS.openPores, observationIds: behind(s.beliefs.wood) }
        : undefined,
  },
  {
    id: 'gun-not-here',
    blocks: false,
    judge: (s) => {
      if (!s.worked || s.aim.applicator !== 'gun') return undefined;
      const film = coatsOf(s).filter((it) => leavesFilm(COATINGS.get(it)));
      const brushed = [...new Set(film.filter((it) => !COATINGS.get(it).sprayable))];
      const noGun = !s.shop.tools.includes('sprayer');
      if (!noGun && brushed.length === 0) return undefined;
      return {
        title: WORDS.noGun.title,
        because: noGun
          ? WORDS.noGun.becauseNone
          : WORDS.noGun.becauseOf(brushed.map((it) => COATINGS.get(it).label)),
        waysOut: noGun ? WORDS.noGun.waysOutNone : WORDS.noGun.waysOutOf,
        observationIds: [],
      };
    },
  },
  {
    id: 'wall-paint-on-a-slick-face',
    blocks: false,
    judge: (s) =>
      s.worked &&
      s.aim.scheme.kind === 'painted' &&
      s.aim.scheme.paint === 'wallPaint' &&
      chanceSlick(s) >= DECISIONS.likelyForTesting.value
        ? { ...WORDS.wallPaint, observationIds: behind(s.beliefs.substrate) }
        : undefined,
  },
  {
    id: 'topcoat-that-would-fail',
    blocks: false,
    judge: (s) => {
      const verdict = topcoatVerdictOf(s);
      return verdict?.may === 'never'
        ? {
            title: (names) => WORDS.topcoat.title(names, wishedTopcoat(s)),
            because: WORDS.topcoat.because(
              verdict.because,
              COATINGS.get(topcoatOf(s)?.coating ?? 'waterClear').label,
            ),
            waysOut: verdict.waysOut,
            observationIds: [],
          }
        : undefined;
    },
  },
];
