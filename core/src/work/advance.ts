import { COATINGS, NEW_VENEER_UM, OLD_FILM_UM, dryFilmUm } from '../catalog';
import { may } from '../coating';
import type { Condition, Effect, Coat, FaceAfter } from '../effect';
import { isOldWax, isSubstrate, type FaceLayer, type PieceState, type SurfaceState } from './state';
import { placeName } from './task';

/** A layer that was there before. */
export const foundLayer = (layer: FaceLayer['layer'], um: number = OLD_FILM_UM): FaceLayer => ({
  layer,
  um,
  meets: null,
  holds: true,
  coat: null,
  taskKey: null,
});

/** Work that has to be done anew once the face is laid bare. */
export const LOST_WITH_THE_FILM: readonly Condition[] = [
  'sanded',
  'eased',
  'grainRaised',
  'raisedGrainCut',
];

const faced = (it: SurfaceState, face: FaceAfter | null, taskKey: string): SurfaceState => {
  switch (face) {
    case 'bare':
      return {
        ...it,
        layers: it.layers.filter(isSubstrate),
        dulled: true,
        recoatWindowClosed: false,
        sandedTo: null,
        met: it.met.filter((one) => !LOST_WITH_THE_FILM.includes(one)),
      };
    // What was laid since it was found is off again; the old layers stay.
    case 'newOff':
      return {
        ...it,
        layers: it.layers.filter((one) => one.layer.of !== 'coat'),
        dulled: false,
        recoatWindowClosed: false,
        sandedTo: null,
      };
    case 'dewaxed':
      return { ...it, layers: it.layers.filter((one) => !isOldWax(one)) };
    case 'newVeneer':
      return {
        ...it,
        layers: [
          ...it.layers,
          { ...foundLayer({ of: 'substrate', id: 'veneerCore' }, NEW_VENEER_UM.value), taskKey },
        ],
        dulled: true,
        recoatWindowClosed: false,
      };
    case 'dulled':
      return { ...it, dulled: true, recoatWindowClosed: false };
    case null:
      return it;
  }
};

const coated = (it: SurfaceState, coat: Coat, taskKey: string): SurfaceState => {
  const under = it.layers.at(-1);
  if (!under) return it;
  const meets = may(coat.coating, under.layer);
  const layer: FaceLayer = {
    layer: { of: 'coat', id: coat.coating },
    um: dryFilmUm(COATINGS.get(coat.coating)),
    meets,
    holds: !it.recoatWindowClosed && (meets.may === 'ok' || (meets.may === 'scuff' && it.dulled)),
    coat,
    taskKey,
  };
  return {
    ...it,
    layers: [...it.layers, layer],
    dulled: false,
    recoatWindowClosed: false,
    sandedTo: null,
  };
};

const plus = <T>(list: readonly T[], more: readonly T[]): readonly T[] =>
  more.length === 0 ? list : [...new Set([...list, ...more])];

const surfaceAfter = (before: SurfaceState, { key, traits, wait }: Effect): SurfaceState => {
  const laid = traits.lays ? coated(before, traits.lays, key) : before;
  const it = faced(laid, traits.face, key);
  return {
    ...it,
    dusty: traits.dedusts ? false : it.dusty || traits.makesDust,
    alkaline: traits.makes.includes('neutral') ? false : it.alkaline || traits.wets === 'caustic',
    sandedTo: traits.grits.at(-1) ?? it.sandedTo,
    met: plus(it.met, traits.makes),
    mended: plus(it.mended, traits.mends),
    waits: wait,
  };
};

/**
 * What a piece is like after a task: the one model of what work does. Behind the core sample,
 * what may go over what, film build, what is still missing, and what is off the piece.
 * @returns a new state; the old one is left as it was
 */
export const advance = (state: PieceState, task: Effect): PieceState => {
  const { traits, surfaceIds, place } = task;
  const surfaces = { ...state.surfaces };
  for (const id of surfaceIds) {
    const before = surfaces[id];
    if (before) surfaces[id] = surfaceAfter(before, task);
  }
  return {
    surfaces,
    parts: {
      ...state.parts,
      ...(traits.takesOff ? { [traits.takesOff]: 'off' } : {}),
      ...(traits.putsOn ? { [traits.putsOn]: 'back' } : {}),
    },
    met: plus(state.met, traits.makesOfPiece),
    inHand: {
      batchKey: task.batchKey,
      place: placeName(place),
      materials: task.consumes.map((it) => it.material),
    },
  };
};
