import { z } from 'zod';
import { toll, tollOf, type Case, type Toll } from '../case';
import {
  DISCOVERIES,
  LAST_RESORTS,
  REMEDIES,
  SUBSTRATES,
  type Only,
  type Remedy,
} from '../catalog';
import { showsOldWood, type Piece } from '../piece';
import { applyChange, pieceChange, type PieceChange } from '../ledger';
import { refusal, type Refusal } from '../route';
import type { DeepReadonly } from '../effect';
import { changesFor } from './decide';
import type { Found } from './found';
import { differenceSchema, isSameRoute, routeDifference } from './difference';

/** One way to go on after something turned up, and what it takes against the route as it was. */
export const remedyOption = z.object({
  remedy: REMEDIES.id,
  changes: z.array(pieceChange),
  difference: differenceSchema,
  /** More than before; negative where it is less. Money in minor units, by placeholder prices. */
  more: toll.pick({ minutes: true, days: true, money: true }),
  /** Bad outcomes that grow by it, or that it brings. */
  risks: toll.shape.risks,
  /** Why it can't be done on these surfaces; empty where it can. */
  refusals: z.array(refusal),
  /** Offered only since no other way is left. */
  isLastResort: z.boolean(),
});
export interface RemedyChoice extends DeepReadonly<Omit<z.infer<typeof remedyOption>, 'changes'>> {
  readonly changes: readonly PieceChange[];
  /** The piece as it would be. */
  readonly piece: Piece;
}

/** The piece after some changes; undefined where one of them is refused. */
export const afterChanges = (piece: Piece, changes: readonly PieceChange[]): Piece | undefined => {
  let now: Piece = piece;
  for (const it of changes) {
    const after = applyChange(now, it);
    if (!after.ok) return undefined;
    now = after.value;
  }
  return now;
};

/** A risk is worth a word where it is at least so much likelier than before. */
const MORE_RISK = 0.02;

const grownRisks = (before: Toll, after: Toll): Toll['risks'] =>
  after.risks.filter((it) => {
    const then = before.risks.find((one) => one.kind === it.kind)?.chance ?? 0;
    return it.chance - then >= MORE_RISK;
  });

/**
 * Every way to go on after something turned up, with the new route of each against the one as it
 * is, in the order in which the trade would try them. Where the planner refuses all of them, the two
 * that do the least harm are offered, with what they do not do.
 */
export const optionsFor = (now: Case, it: Found): readonly RemedyChoice[] => {
  const { piece } = now;
  const before = tollOf(now);
  const weigh = (remedy: Remedy, isLastResort: boolean): RemedyChoice[] => {
    const standing = { piece, state: now.state, tasks: now.route.tasks };
    const changes = changesFor(it, remedy, standing);
    const after = afterChanges(piece, changes);
    if (!after) return [];
    const then = now.with({ piece: after });
    const cost = tollOf(then);
    return [
      {
        remedy,
        changes,
        piece: after,
        difference: routeDifference(now.route, then.route, piece.done),
        more: {
          minutes: cost.minutes - before.minutes,
          days: cost.days - before.days,
          money: cost.money - before.money,
        },
        risks: grownRisks(before, cost),
        refusals: blocking(then, it.surfaceIds),
        isLastResort,
      },
    ];
  };
  const { remedies } = DISCOVERIES.get(it.kind);
  const weighed = remedies
    .filter((one) => makesSense(now, it.surfaceIds, REMEDIES.get(one).only))
    .flatMap((it) => weigh(it, false))
    .filter(
      ({ remedy, ...it }) =>
        REMEDIES.get(remedy).changesNothing || LAST_RESORTS.includes(remedy) || changesWork(it),
    );
  const ways = weighed.filter((it) => {
    const { spares } = REMEDIES.get(it.remedy);
    const thorough = weighed.find((one) => one.remedy === spares);
    return !thorough || it.more.minutes < thorough.more.minutes;
  });
  const isLeft = ways.some((it) => it.refusals.length === 0 && !LAST_RESORTS.includes(it.remedy));
  const last = isLeft ? [] : LAST_RESORTS.filter((it) => !remedies.includes(it));
  return [...ways, ...last.flatMap((it) => weigh(it, true))];
};

/** Another route, or the same later: what changes neither is no way to go on. */
const changesWork = ({
  difference,
  changes,
}: Pick<RemedyChoice, 'difference' | 'changes'>): boolean =>
  !isSameRoute(difference) || changes.some((it) => it.kind === 'putOff');

/** Does a remedy fit what its surfaces are, and shall become? */
const makesSense = (now: Case, surfaceIds: readonly string[], only: Only | null): boolean => {
  if (only === null) return true;
  const own = now.beliefs.filter((it) => surfaceIds.includes(it.surfaceId));
  const isThin = own.some((it) => SUBSTRATES.get(it.substrate.likeliest).thinFace);
  const schemes = now.piece.aims
    .filter((it) => surfaceIds.includes(it.surfaceId))
    .map((it) => it.scheme);
  switch (only) {
    case 'veneer':
      return isThin;
    case 'woodShows':
      return schemes.some(showsOldWood);
    case 'painted':
      return schemes.some((it) => it.kind === 'painted');
  }
};

const blocking = ({ refusals }: Case, surfaceIds: readonly string[]): readonly Refusal[] =>
  refusals.filter((it) => it.blocks && it.surfaceIds.some((id) => surfaceIds.includes(id)));
