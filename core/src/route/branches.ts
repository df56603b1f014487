import { z } from 'zod';
import type { Variable } from '../catalog';
import { inspectPiece, type SurfaceBeliefs } from '../inspect';
import type { Confirmation, Observation, Piece, Shop } from '../piece';
import { tollOf } from './compare';
import { likeliestSubstrate } from './context';
import { gate, type AnswerId, type Operation, type Route } from './operation';
import { planRoute } from './plan';

/** What the route becomes if a gate is answered so. */
export const branch = z.object({
  answer: z.string(),
  then: z.string(),
  /** Change against the route as planned. */
  minutes: z.number(),
  days: z.int(),
  money: z.int(),
  /** Titles of steps that come in and drop out. */
  adds: z.array(z.string()),
  drops: z.array(z.string()),
  /** What would be refused then. */
  refuses: z.array(z.string()),
});
export type Branch = z.infer<typeof branch>;

/** The open questions of a route with a branch for each answer, and what does not depend on them. */
export const branches = z.object({
  gates: z.array(
    z.object({
      operationId: z.string(),
      kind: gate.shape.kind,
      question: z.string(),
      branches: z.array(branch),
    }),
  ),
  /** Steps that are the same whatever the answers are, and wait for none of them. */
  commonIds: z.array(z.string()),
});
export type Branches = z.infer<typeof branches>;

/** A time for what is only supposed; supposed things are never stored. */
const SUPPOSED_AT = '2000-01-01T00:00:00.000Z';

const observed = (
  surfaceId: string,
  testId: string,
  rest: Partial<Pick<Observation, 'outcome' | 'value' | 'layer'>>,
): Observation => ({
  id: `supposed-${surfaceId}-${testId}-${rest.layer ?? 0}`,
  surfaceId,
  testId,
  outcome: null,
  value: null,
  layer: null,
  at: SUPPOSED_AT,
  by: '',
  ...rest,
});

const known = (surfaceId: string, variable: Variable, value: string): Confirmation => ({
  surfaceId,
  variable,
  value,
  at: SUPPOSED_AT,
});

/** What is seen, or vouched for, where a question is answered so on one surface. */
interface Supposed {
  readonly observations?: readonly Observation[];
  readonly confirmations?: readonly Confirmation[];
}

const leadResults = (it: SurfaceBeliefs): readonly Observation[] => {
  const { leadStatus } = it;
  const missing =
    leadStatus.kind === 'open' && leadStatus.missingLayers.length > 0
      ? leadStatus.missingLayers
      : [1];
  const test = leadStatus.kind === 'open' ? (leadStatus.wants ?? 'lead-swab') : 'lead-swab';
  return [
    observed(it.surfaceId, 'layer-count', { value: Math.max(...missing) }),
    ...missing.map((layer) => observed(it.surfaceId, test, { outcome: 'not-found', layer })),
  ];
};

const bleeds = (kind: string) => (it: SurfaceBeliefs) => ({
  confirmations: [known(it.surfaceId, 'bleed', kind)],
});
const gone = (squares: number) => (it: SurfaceBeliefs) => ({
  observations: [observed(it.surfaceId, 'cross-cut', { value: squares })],
});
const veneerOf = (mm: number) => (it: SurfaceBeliefs) => ({
  observations: [observed(it.surfaceId, 'veneer-thickness', { value: mm })],
});
const isWood = (stainable: boolean) => (it: SurfaceBeliefs) => ({
  confirmations: [
    known(it.surfaceId, 'substrate', likeliestSubstrate(it.substrate.distribution, stainable).id),
  ],
});

/** What each answer supposes; an answer that is missing here leaves the question open. */
const SUPPOSE: Readonly<Partial<Record<AnswerId, (it: SurfaceBeliefs) => Supposed>>> = {
  leadFound: (it) => ({
    observations: [observed(it.surfaceId, 'lead-swab', { outcome: 'found', layer: 1 })],
  }),
  leadNotFound: (it) => ({ observations: leadResults(it) }),
  wood: isWood(true),
  print: isWood(false),
  veneerEnough: veneerOf(1),
  veneerLess: veneerOf(0.3),
  staysWhite: bleeds('none'),
  turnsYellow: bleeds('tannin'),
  turnsPink: bleeds('dye'),
  bondHolds: gone(0),
  bondFails: gone(15),
};

const suppose = (
  piece: Piece,
  surfaces: readonly SurfaceBeliefs[],
  answer: AnswerId | null,
): Piece | undefined => {
  const supposed = answer && SUPPOSE[answer];
  if (!supposed) return undefined;
  const all = surfaces.map(supposed);
  return {
    ...piece,
    observations: [...piece.observations, ...all.flatMap((it) => it.observations ?? [])],
    confirmations: [...piece.confirmations, ...all.flatMap((it) => it.confirmations ?? [])],
  };
};

/** An operation as it is on one surface: the same title, the same work. */
const keysOf = (it: Operation): readonly string[] =>
  it.surfaceIds.map((surfaceId) => `${it.method}/${it.title}/${surfaceId}`);
const keysIn = (route: Route): ReadonlySet<string> => new Set(route.operations.flatMap(keysOf));

/** Titles of the operations of a route that have something on a surface that another has not. */
const beyond = (route: Route, other: ReadonlySet<string>): string[] => [
  ...new Set(
    route.operations
      .filter((it) => !it.gate && keysOf(it).some((key) => !other.has(key)))
      .map((it) => it.title),
  ),
];

/** Operations that are in every branch, wait for no gate, and come after such operations only. */
const commonOf = (route: Route, inBranches: readonly ReadonlySet<string>[]): string[] => {
  const common = new Set<string>();
  for (const it of route.operations) {
    const everywhere =
      it.gate !== null || inBranches.every((keys) => keysOf(it).every((key) => keys.has(key)));
    const ready = it.after.every((one) => common.has(one.operationId));
    if (everywhere && ready && it.heldBy.length === 0) common.add(it.id);
  }
  return [...common];
};

/**
 * Plans every answer of every open gate in full, one gate at a time, the others left open.
 * @returns for each answer what it changes, and the steps that no answer changes
 */
export const branchesOf = (piece: Piece, shop: Shop): Branches => {
  const beliefs = inspectPiece(piece, shop);
  const route = planRoute(piece, shop, beliefs);
  const now = tollOf(piece, shop, route);
  const here = keysIn(route);
  const refusedNow = new Set(route.refusals.map((it) => it.title));
  const inBranches: ReadonlySet<string>[] = [];
  const gates = route.operations.flatMap((it) => {
    if (!it.gate) return [];
    const surfaces = beliefs.filter((one) => it.surfaceIds.includes(one.surfaceId));
    const planned = it.gate.answers.map(({ id, answer, then }): Branch => {
      const supposed = suppose(piece, surfaces, id);
      if (!supposed) {
        return { answer, then, minutes: 0, days: 0, money: 0, adds: [], drops: [], refuses: [] };
      }
      const other = planRoute(supposed, shop);
      const toll = tollOf(supposed, shop, other);
      const there = keysIn(other);
      inBranches.push(there);
      return {
        answer,
        then,
        // Asking takes its minutes whatever the answer is.
        minutes: toll.minutes - (now.minutes - it.minutes),
        days: toll.days - now.days,
        money: toll.money - now.money,
        adds: beyond(other, here),
        drops: beyond(route, there),
        refuses: other.refusals.map((no) => no.title).filter((title) => !refusedNow.has(title)),
      };
    });
    return [
      { operationId: it.id, kind: it.gate.kind, question: it.gate.question, branches: planned },
    ];
  });
  return { gates, commonIds: commonOf(route, inBranches) };
};
