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
  type Container,
  type Material,
  type Unit,
} from '../catalog';
import { facesOf, surfaceNames, type OwnNeed, type Piece } from '../piece';
import type { Operation, Route } from '../route';
import type { Consumed } from '../effect';
import type { Task } from '../work';
import { cutVeneer, type CuttingPlan, type VeneerPart } from './cutting';
import { wornAt } from './worn';

/** How a coat's quantity comes about: area ÷ (coverage × transfer). */
export interface FilmWorkings {
  readonly m2: number;
  readonly m2PerLitre: number;
  /** Share that gets from tool to face. */
  readonly transfer: number;
}

/** Where a need comes from: one step of one piece. */
export interface NeedFrom {
  readonly pieceId: string;
  readonly operationId: string;
  readonly title: string;
  /** As planned on the face, losses of transfer counted in. */
  readonly quantity: number;
  /** What stays in tray, brush or gun, and what is wanted to dip in at all. */
  readonly lost: number;
  /** Of a coat that leaves a film. */
  readonly film: FilmWorkings | null;
}

/** How much of a material is needed, with its workings. */
export interface MaterialNeed {
  readonly material: Material;
  /** Of a coat that has one: two colours are two things to buy. */
  readonly colour: string | null;
  readonly unit: Unit;
  /** What is to be had: as reckoned, or as somebody said. */
  readonly quantity: number;
  /** As reckoned from the routes. */
  readonly reckoned: number;
  readonly from: readonly NeedFrom[];
  /** How veneer is cut; null for all else. */
  readonly cut: CuttingPlan | null;
  /** Where not every container will do: the sheets that the parts were laid out on. */
  readonly only: readonly Container[] | null;
}

/** A piece with the route that is still to be done on it. */
export interface PlannedPiece {
  readonly piece: Pick<Piece, 'id' | 'build' | 'ownNeeds'>;
  readonly route: Route;
}

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

/** The rectangles that are laid with new veneer: the drawn faces of the surface, grain along the longer side. */
const veneerParts = (
  piece: PlannedPiece['piece'],
  tasks: readonly Task[],
): readonly VeneerPart[] => {
  const nameOf = surfaceNames(piece);
  const laid = new Set(
    tasks.filter((it) => it.traits.face === 'newVeneer').flatMap((it) => it.surfaceIds),
  );
  return facesOf(piece)
    .filter((it) => it.surfaceId !== null && laid.has(it.surfaceId))
    .map(({ surfaceId, width, height }) => ({
      name: nameOf(surfaceId ?? ''),
      widthMm: Math.min(width, height),
      lengthMm: Math.max(width, height),
    }));
};

/** Edge band beyond the edges that it covers: cut long, trimmed flush. */
const BAND_MORE = 1.1;

/** @param isDrawn is a step done on faces that are drawn, so that its veneer can be cut to measure? */
const asCut = (
  need: MaterialNeed,
  parts: readonly VeneerPart[],
  isDrawn: (it: MaterialNeed['from'][number]) => boolean,
): readonly MaterialNeed[] => {
  const cut = cutVeneer(parts);
  const { format, sheets, tooLarge } = cut;
  const edges = parts.reduce((sum, it) => sum + 2 * (it.widthMm + it.lengthMm), 0) / MM_PER_M;
  const joined = tooLarge.reduce((sum, it) => sum + (it.widthMm * it.lengthMm) / 1e6, 0);
  // Of a face that is drawn nowhere only the area is known.
  const byArea = need.from.reduce((sum, it) => sum + (isDrawn(it) ? 0 : it.quantity), 0);
  const quantity = (sheets.length + Math.ceil((joined + byArea) / format.size)) * format.size;
  const banded = need.from.filter(isDrawn);
  const band = edges * BAND_MORE;
  return [
    { ...need, quantity, reckoned: quantity, cut, only: [format] },
    {
      material: 'edgeBand',
      colour: null,
      unit: MATERIALS.get('edgeBand').unit,
      quantity: band,
      reckoned: band,
      from: banded.map((it) => ({
        ...it,
        quantity: band / banded.length,
        lost: 0,
        film: null,
      })),
      cut: null,
      only: null,
    },
  ];
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
