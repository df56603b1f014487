import {
  COATINGS,
  OLD_FILM_UM,
  dryFilmUm,
  type Finish,
  type Layer,
  type Substrate,
} from '../catalog';
import { may, type Interface } from '../coating';
import { inspectPiece, type SurfaceBeliefs } from '../inspect';
import { surfacesOf, type Piece, type Shop } from '../piece';
import { contextsOf } from './context';
import type { Operation } from './operation';

/** One layer of a surface, as it lies on the one below. */
export interface StackLayer {
  readonly layer: Layer;
  /** Thickness, µm; 0 for what goes into the wood. */
  readonly um: number;
  /** How it meets what it was laid on; null for what was there before. */
  readonly meets: Interface | null;
  /** What it asks of the face below was done: dulled where it wants that. */
  readonly holds: boolean;
  /** The operation that laid it. */
  readonly operationId: string | null;
}

/** The layers of a surface, bottom up, and whether its face is dulled. */
export interface Stack {
  readonly layers: readonly StackLayer[];
  readonly dulled: boolean;
}

const there = (layer: Layer, um: number): StackLayer => ({
  layer,
  um,
  meets: null,
  holds: true,
  operationId: null,
});

const old = (finish: Finish, um: number): readonly StackLayer[] =>
  finish === 'bare' ? [] : [there({ of: 'old', id: finish }, um)];

/** The stack of a surface as it was found: the substrate it is worked as, then its old layers. */
const stackFound = (it: SurfaceBeliefs, substrate: Substrate): Stack => ({
  layers: [
    there({ of: 'substrate', id: substrate }, it.veneer.usualMm * 1000),
    // Where the face counts as bare, what was seen of layers is doubted as a whole.
    ...(it.layers.length > 0 && it.finish.likeliest !== 'bare'
      ? [...it.layers]
          .reverse()
          .flatMap((one) =>
            old(
              one.layer === 1 ? it.finish.likeliest : one.likeliest,
              one.thicknessUm ?? OLD_FILM_UM,
            ),
          )
      : old(it.finish.likeliest, OLD_FILM_UM)),
  ],
  dulled: false,
});

const isSubstrate = ({ layer }: StackLayer): boolean => layer.of === 'substrate';
const isWax = ({ layer }: StackLayer): boolean => layer.of === 'old' && layer.id === 'wax';

const NEW_VENEER = there({ of: 'substrate', id: 'veneerCore' }, 500);

/** What an operation makes of a stack. */
const workedOn = (stack: Stack, it: Operation): Stack => {
  switch (it.leaves) {
    case 'bare':
      return { layers: stack.layers.filter(isSubstrate), dulled: true };
    case 'dewaxed':
      return { ...stack, layers: stack.layers.filter((one) => !isWax(one)) };
    case 'veneer':
      return {
        layers: [...stack.layers, { ...NEW_VENEER, operationId: it.id }],
        dulled: true,
      };
    case 'dulled':
      return { ...stack, dulled: true };
    case null:
  }
  const under = stack.layers.at(-1);
  if (!it.coating || !under) return stack;
  const meets = may(it.coating, under.layer);
  return {
    layers: [
      ...stack.layers,
      {
        layer: { of: 'coat', id: it.coating },
        um: dryFilmUm(COATINGS.get(it.coating)),
        meets,
        holds: meets.may === 'ok' || (meets.may === 'scuff' && stack.dulled),
        operationId: it.id,
      },
    ],
    dulled: false,
  };
};

/** A surface's stack as found, and after each operation that touches it. */
export interface StackHistory {
  readonly surfaceId: string;
  readonly found: Stack;
  readonly steps: readonly { readonly operationId: string; readonly stack: Stack }[];
}

/**
 * How the stack of every surface grows and shrinks along a route.
 * @param known what is believed of the piece, where that is at hand already
 */
export const stacksAlong = (
  piece: Piece,
  shop: Shop,
  operations: readonly Operation[],
  known: readonly SurfaceBeliefs[] = inspectPiece(piece, shop),
): readonly StackHistory[] => {
  const believed = new Map(known.map((it) => [it.surfaceId, it]));
  const planned = new Map(
    contextsOf(piece, shop, known).map((it) => [it.surface.id, it.substrate.id]),
  );
  return surfacesOf(piece).flatMap(({ id }) => {
    const beliefs = believed.get(id);
    if (!beliefs) return [];
    const found = stackFound(beliefs, planned.get(id) ?? beliefs.substrate.likeliest);
    let stack = found;
    const steps = operations
      .filter((it) => it.surfaceIds.includes(id) && (it.leaves !== null || it.coating !== null))
      .map((it) => {
        stack = workedOn(stack, it);
        return { operationId: it.id, stack };
      });
    return [{ surfaceId: id, found, steps }];
  });
};
