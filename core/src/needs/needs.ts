import {
  COATINGS,
  COAT_LOSSES,
  DISCS_PER_SHEET,
  MATERIALS,
  METHODS,
  SLEEVES_A_COAT,
  TRANSFER,
  discsFor,
  leavesFilm,
  type Coating,
  type Material,
} from '../catalog';
import { facesOf, type OwnNeed } from '../piece';
import type { Operation } from '../route';
import type { Consumed } from '../effect';
import type { Task } from '../work';
import type { VeneerPart } from './cutting';
import type { FilmWorkings, MaterialNeed, PlannedPiece } from './need';
import { asCut, veneerParts } from './veneer';
import { wornAt } from './worn';

/** What a coat takes beside the film, litres: what stays behind, and at least enough to dip in. */
const lossOf = (quantity: number, sprayed: boolean): number => {
  const { stays, least } = COAT_LOSSES[sprayed ? 'sprayed' : 'brushed'];
  return Math.max(stays, least - quantity);
};

const UM_PER_M = 1000;
const MM_PER_M = 1000;

const filmOf = (coating: Coating, litres: number, sprayed: boolean): FilmWorkings | null => {
  const row = COATINGS.get(coating);
  if (!leavesFilm(row)) return null;
  const transfer = TRANSFER[sprayed ? 'sprayed' : 'brushed'];
  // A litre on a square metre is a millimetre of wet film.
  const m2PerLitre = UM_PER_M / row.wetUm;
  return { m2: litres * m2PerLitre * transfer, m2PerLitre, transfer };
};

/** A key that a map can have: material and colour. */
export const needKey = (material: Material, colour: string | null): string =>
  `${material}/${colour ?? ''}`;

/** So much of a material, in its colour. */
export interface Taken {
  readonly material: Material;
  readonly colour: string | null;
  readonly quantity: number;
}

/** Tape beyond the border that it covers: ends that overlap at each corner. */
const TAPE_MORE = 1.1;

/** Length of the outlines of some surfaces as they are drawn, m; undefined where none of them is. */
const outlineOf = (
  piece: PlannedPiece['piece'],
  surfaceIds: readonly string[],
): number | undefined => {
  const faces = facesOf(piece).filter(
    (it) => it.surfaceId !== null && surfaceIds.includes(it.surfaceId),
  );
  return faces.length === 0
    ? undefined
    : faces.reduce((sum, it) => sum + 2 * (it.width + it.height), 0) / MM_PER_M;
};

/** By machine a paper is a disc; tape goes by the length of the border, as it is drawn. */
const asUsed = (
  piece: PlannedPiece['piece'],
  it: Consumed,
  { setUp, method, surfaceIds }: Task,
): Pick<Consumed, 'material' | 'quantity'> => {
  const disc = setUp.tool === 'machine' ? discsFor(it.material) : undefined;
  if (disc) return { material: disc, quantity: it.quantity * DISCS_PER_SHEET };
  const outline =
    it.why === 'masks' && it.unit === 'm' && METHODS.get(method).tapes
      ? outlineOf(piece, surfaceIds)
      : undefined;
  return outline === undefined
    ? { material: it.material, quantity: it.quantity }
    : { material: it.material, quantity: outline * TAPE_MORE };
};

/** Adds up what is taken, by material and colour. Equipment that is there again afterwards is left out. */
const addedUp = (list: readonly Taken[]): readonly Taken[] => {
  const sums = new Map<string, Taken>();
  for (const it of list) {
    if (MATERIALS.get(it.material).kept || it.quantity <= 0) continue;
    const key = needKey(it.material, it.colour);
    sums.set(key, { ...it, quantity: (sums.get(key)?.quantity ?? 0) + it.quantity });
  }
  return [...sums.values()];
};

/**
 * What some tasks take, by material and colour, as it is bought: discs where there is a machine, tape
 * by the border. The list is made of it, and the bench asks for the same.
 */
export const takenBy = (piece: PlannedPiece['piece'], tasks: readonly Task[]): readonly Taken[] =>
  addedUp(
    tasks.flatMap((it) =>
      it.consumes.map((one): Taken => ({
        ...asUsed(piece, one, it),
        colour: one.why === 'coats' ? (it.traits.lays?.colour ?? null) : null,
      })),
    ),
  );

/** What one step wears out beside that: gloves, filters, roller sleeves. */
const wornOutAt = (operation: Operation, tasks: readonly Task[]): readonly Taken[] => {
  const worn = wornAt(tasks, operation.minutes).map((it): Taken => ({ ...it, colour: null }));
  const { coating, sprayed } = operation;
  if (!coating || sprayed || !leavesFilm(COATINGS.get(coating))) return worn;
  const isWashable = COATINGS.get(coating).mechanism === 'water';
  const quantity = SLEEVES_A_COAT[isWashable ? 'washable' : 'other'];
  return [...worn, { material: 'rollerSleeves', colour: null, quantity }];
};

/** How somebody's word changes a reckoning: as a share of it. */
const shareSaid = (own: readonly OwnNeed[], { material, colour }: Taken): number => {
  const it = own.find((one) => one.material === material && one.colour === colour);
  return it ? it.said / it.reckoned : 1;
};

/**
 * What the routes of some pieces still need, by material and colour: Σ of what each step takes and
 * wears out, and for every coat what it takes beside the film. Veneer in whole sheets, as it is cut.
 * Where somebody said how much a piece takes, that holds in proportion.
 */
export const needsOf = (plans: readonly PlannedPiece[]): readonly MaterialNeed[] => {
  const needs = new Map<string, MaterialNeed>();
  const parts: VeneerPart[] = [];
  const drawn = new Set<string>();
  const placeOf = (pieceId: string, operationId: string): string => `${pieceId}/${operationId}`;
  for (const { piece, route } of plans) {
    const byKey = new Map(route.tasks.map((it) => [it.key, it]));
    for (const operation of route.operations) {
      const tasks = operation.taskKeys.flatMap((key) => byKey.get(key) ?? []);
      const own = veneerParts(piece, tasks);
      parts.push(...own);
      if (own.length > 0) drawn.add(placeOf(piece.id, operation.id));
      for (const sum of addedUp([...takenBy(piece, tasks), ...wornOutAt(operation, tasks)])) {
        const { material, colour, quantity } = sum;
        const isCoat = material === operation.coating;
        const lost = isCoat ? lossOf(quantity, operation.sprayed) : 0;
        const film =
          isCoat && operation.coating
            ? filmOf(operation.coating, quantity, operation.sprayed)
            : null;
        const key = needKey(material, colour);
        const old = needs.get(key);
        needs.set(key, {
          material,
          colour,
          unit: MATERIALS.get(material).unit,
          quantity: (old?.quantity ?? 0) + (quantity + lost) * shareSaid(piece.ownNeeds, sum),
          reckoned: (old?.reckoned ?? 0) + quantity + lost,
          from: [
            ...(old?.from ?? []),
            {
              pieceId: piece.id,
              operationId: operation.id,
              title: operation.title,
              quantity,
              lost,
              film,
            },
          ],
          cut: null,
          only: null,
        });
      }
    }
  }
  return [...needs.values()].flatMap((it) =>
    it.material === 'veneerSheet' && parts.length > 0
      ? asCut(it, parts, (one) => drawn.has(placeOf(one.pieceId, one.operationId)))
      : [it],
  );
};
