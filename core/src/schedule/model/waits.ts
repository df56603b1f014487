import { COATINGS, COAT_SHARES, DRYING, type Coating } from '../../catalog';
import { curePaceOf, paceOf, progressIn, type AirCourse, type DryingProgress } from '../../climate';
import type { Space } from '../../piece';
import type { Effect, Lag } from '../../effect';
import { dryingIn, safeWindow } from '../../drying';
import type { Job, JobLink, Wait } from './problem';

/** How waits go on: as each kind of drying, or as hardening on. */
export const PACES = [...DRYING.ids, 'cure'] as const;
type Pace = (typeof PACES)[number];
const placeOfPace = (it: Pace): number => PACES.indexOf(it);

const paceOfLag = (it: Pick<Lag, 'mechanism' | 'filmUm'>): number | null => {
  const drying = dryingIn(it);
  return drying === null ? null : placeOfPace(drying);
};

export const minWait = (it: Lag): Wait => ({ minutes: it.min, pace: paceOfLag(it) });
/** Until a window counts as closed, at the pace at which a film hardens on. */
export const maxWait = (it: Lag): Wait | null => {
  const minutes = safeWindow(it);
  return minutes === null ? null : { minutes, pace: placeOfPace('cure') };
};

export const coatingOf = ({ traits }: Pick<Effect, 'traits'>): Coating | null =>
  traits.lays?.coating ?? null;

/** How long a coat is a prey to dust. */
export const wetOf = (it: Pick<Effect, 'traits'>): Wait | null => {
  const coating = coatingOf(it);
  if (coating === null) return null;
  const { mechanism, recoatMinutes } = COATINGS.get(coating);
  return {
    minutes: recoatMinutes * COAT_SHARES.touchDry[mechanism],
    pace: placeOfPace(mechanism),
  };
};

/** How long clamps stay on. */
export const heldOf = (it: Pick<Effect, 'wait'>): Wait | null =>
  it.wait?.mechanism === 'glue' ? minWait(it.wait) : null;

/** How long clamps or racks are taken: until the glue holds, or the next coat may go on. */
export const heldOnRacks = (it: Pick<Effect, 'traits' | 'wait'>): Wait | null =>
  heldOf(it) ?? (it.wait && it.traits.lays ? minWait(it.wait) : null);

/** How drying goes on in each space, for the paces that something asks for. */
export const progressOf = (
  jobs: readonly Job[],
  links: readonly JobLink[],
  airs: readonly AirCourse[],
  spaces: readonly Space[],
): readonly (readonly (DryingProgress | null)[])[] => {
  const asked = new Set(
    [
      ...links.flatMap((it) => [it.min, it.max]),
      ...jobs.flatMap((it) => [it.wet, it.holds]),
    ].flatMap((it) => it?.pace ?? []),
  );
  return PACES.map((pace, place) =>
    airs.map((air, space) => {
      if (!asked.has(place)) return null;
      if (pace === 'cure') return progressIn(air, curePaceOf);
      const movement = spaces[space]?.movement ?? 'still';
      return progressIn(air, (it) => paceOf(pace, it, { movement, film: 1, hardener: 1 }));
    }),
  );
};
