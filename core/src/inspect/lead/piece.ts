import { SUBSTRATES } from '../../catalog';
import { surfaceNames, type Piece, type Shop } from '../../piece';
import { LOOK_WORDS } from '../../words';
import { chanceOfPaint } from '../belief/priors';
import type { LeadStatus } from '../belief/result';
import { isPaintedAlike, type Painted } from './alike';
import { placesOf, type LeadPlace } from './places';
import { leadStatusOf, type LeadQuestion } from './status';

const { lead: WORDS } = LOOK_WORDS;

/** A surface with what is believed of it: chances of substrates and finishes in the catalog's order. */
export interface LeadSurface {
  readonly surface: { readonly id: string; readonly name: string };
  readonly marginals: {
    readonly substrate: ArrayLike<number>;
    readonly finish: ArrayLike<number>;
  };
}

type Asked = Omit<LeadQuestion, 'observations'> & {
  readonly surfaceId: string;
  readonly places: readonly LeadPlace[];
};

const chanceOfWood = (substrate: ArrayLike<number>): number =>
  SUBSTRATES.rows.reduce(
    (sum, row, at) => sum + (row.wood || row.family === 'board' ? (substrate[at] as number) : 0),
    0,
  );

const asked = (piece: Piece, shop: Shop, { surface, marginals }: LeadSurface): Asked => ({
  piece,
  shop,
  surfaceId: surface.id,
  surfaceName: surface.name,
  places: placesOf(piece, surface.id),
  recordedLayers: piece.layers.filter((it) => it.surfaceId === surface.id).length,
  paint: chanceOfPaint(marginals.finish),
  wood: chanceOfWood(marginals.substrate),
});

/** Which of several statuses is the one of them all. */
const GRAVEST: readonly LeadStatus['kind'][] = ['found', 'open', 'notFound', 'notAsked'];

/** The status of a surface is the gravest of its places. */
const statusOn = (it: Asked): LeadStatus => {
  const each = it.places.map((place) => ({
    place,
    status: leadStatusOf({ ...it, observations: place.observations }),
  }));
  const [first] = each;
  if (!first)
    throw new Error(`Surface "${it.surfaceId}" has no place. A surface is its own place.`);
  const { place, status } = each.reduce((a, b) =>
    GRAVEST.indexOf(b.status.kind) < GRAVEST.indexOf(a.status.kind) ? b : a,
  );
  if (place === first.place) return status;
  // A part that was merged has its name in the build as it was before.
  const nameOf = surfaceNames({ build: { ...it.piece.build, merges: [] } });
  return { ...status, text: WORDS.inPart(nameOf(place.id), status.text) };
};

/** Of a place what was made on it alone: what a sample elsewhere says of it is left out. */
const ownAlone = (it: Asked): Asked => ({
  ...it,
  whateverYear: true,
  places: it.places.map((place) => ({
    ...place,
    observations: place.observations.filter((one) => one.surfaceId === it.surfaceId),
  })),
});

/** Is it still open by its own samples, though lead was found on what is painted alike? */
const isUntested = (it: Asked): boolean => statusOn(ownAlone(it)).kind === 'open';

const paintedOf = ({ surfaceId, paint }: Asked): Painted => ({ surfaceId, paint });
/** Where lead was found there is paint, whatever else is believed. */
const surelyPainted = ({ surfaceId }: Asked): Painted => ({ surfaceId, paint: 1 });

/**
 * The lead status of every surface of a piece, by its id: the one answer for screens, gates, rules,
 * papers and bench. Lead that was found on one is presumed on all that is painted alike, until
 * samples of their own show otherwise.
 */
export const leadStatusesOf = (
  piece: Piece,
  shop: Shop,
  surfaces: readonly LeadSurface[],
): ReadonlyMap<string, LeadStatus> => {
  const all = surfaces.map((it) => asked(piece, shop, it));
  const statuses = new Map(all.map((it) => [it.surfaceId, statusOn(it)]));
  const found = all.filter((it) => statuses.get(it.surfaceId)?.kind === 'found');
  if (found.length === 0) return statuses;
  for (const it of all) {
    const own = statuses.get(it.surfaceId);
    if (!own || own.kind === 'found') continue;
    const from = found.find((one) => isPaintedAlike(piece, surelyPainted(one), paintedOf(it)));
    if (!from || !isUntested(it)) continue;
    statuses.set(it.surfaceId, {
      kind: 'found',
      results: own.results,
      layers: [],
      presumedFrom: from.surfaceId,
      text: WORDS.presumed(from.surfaceName),
    });
  }
  return statuses;
};
