import { z } from 'zod';
import { SUBSTRATES, SUPPOSED, type Variable } from '../catalog';
import type { SurfaceBeliefs } from '../inspect';
import type { Confirmation, Observation, Piece } from '../piece';
import { likeliestSubstrate, type Route } from '../route';
import { moneyOfSteps, tollOf } from './toll';
import { GATE_KINDS, type AnswerId } from '../work';
import type { Case } from './case';

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
      kind: z.enum(GATE_KINDS),
      question: z.string(),
      branches: z.array(branch),
    }),
  ),
  /** Steps that are the same whatever the answers are, and wait for none of them. */
  commonIds: z.array(z.string()),
});
export type Branches = z.infer<typeof branches>;

/**
 * A time for what is only supposed: after all that was really seen, so that it has the last word.
 * Supposed things are never stored.
 */
const afterAll = ({ observations, confirmations }: Piece): string => {
  const last = [...observations, ...confirmations].reduce((a, { at }) => (at > a ? at : a), '');
  return last === '' ? new Date(0).toISOString() : new Date(Date.parse(last) + 1).toISOString();
};

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
  at: '',
  by: '',
  ...rest,
});

const known = (surfaceId: string, variable: Variable, value: string): Confirmation => ({
  surfaceId,
  variable,
  value,
  at: '',
});

/** What is seen, or vouched for, where a question is answered so on one surface. */
interface Supposed {
  readonly observations?: readonly Observation[];
  readonly confirmations?: readonly Confirmation[];
}

/** A chip down to the wood answers for every layer, however many there are and whatever was counted. */
const leadResults = (it: SurfaceBeliefs): readonly Observation[] => [
  observed(it.surfaceId, 'lead-laboratory-all', { outcome: 'notFound' }),
];

const bleeds = (kind: string) => (it: SurfaceBeliefs) => ({
  confirmations: [known(it.surfaceId, 'bleed', kind)],
});
const gone = (squares: number) => (it: SurfaceBeliefs) => ({
  observations: [observed(it.surfaceId, 'cross-cut', { value: squares })],
});
const read = (testId: string, figure: (it: SurfaceBeliefs) => number) => (it: SurfaceBeliefs) => ({
  observations: [observed(it.surfaceId, testId, { value: figure(it) })],
});
const veneerOf = (mm: number) => (it: SurfaceBeliefs) => ({
  observations: [observed(it.surfaceId, 'veneer-thickness', { value: mm })],
});
const isWood = (stainable: boolean) => (it: SurfaceBeliefs) => ({
  confirmations: [
    known(it.surfaceId, 'substrate', likeliestSubstrate(it.substrate.distribution, stainable).id),
  ],
});

const SOLID = SUBSTRATES.rows.filter((row) => row.family === 'solid');
const isSolid = (it: SurfaceBeliefs) => ({
  confirmations: [
    known(
      it.surfaceId,
      'substrate',
      SOLID.reduce((a, b) =>
        it.substrate.distribution[b.id] > it.substrate.distribution[a.id] ? b : a,
      ).id,
    ),
  ],
});

/** What each answer supposes; an answer that is missing here leaves the question open. */
export const SUPPOSE: Readonly<Partial<Record<AnswerId, (it: SurfaceBeliefs) => Supposed>>> = {
  leadFound: (it) => ({
    observations: [observed(it.surfaceId, 'lead-swab', { outcome: 'found', layer: 1 })],
  }),
  leadNotFound: (it) => ({ observations: leadResults(it) }),
  wood: isWood(true),
  print: isWood(false),
  veneerEnough: veneerOf(SUPPOSED.veneerEnoughMm),
  veneerLess: veneerOf(SUPPOSED.veneerLessMm),
  noVeneer: isSolid,
  staysWhite: bleeds('none'),
  turnsYellow: bleeds('tannin'),
  turnsPink: bleeds('dye'),
  bondHolds: gone(SUPPOSED.squaresHold),
  bondFair: gone(SUPPOSED.squaresFair),
  bondFails: gone(SUPPOSED.squaresFail),
  dryEnough: read('moisture', (it) => it.moisture?.atRest ?? SUPPOSED.restingMoisture),
  neutral: read('surface-ph', () => SUPPOSED.neutralPh),
};

const suppose = (
  piece: Piece,
  surfaces: readonly SurfaceBeliefs[],
  answer: AnswerId | null,
): Piece | undefined => {
  const supposed = answer && SUPPOSE[answer];
  if (!supposed) return undefined;
  const all = surfaces.map(supposed);
  const at = afterAll(piece);
  const then = <T extends { at: string }>(list: readonly T[]): T[] =>
    list.map((it) => ({ ...it, at }));
  return {
    ...piece,
    observations: [...piece.observations, ...then(all.flatMap((it) => it.observations ?? []))],
    confirmations: [...piece.confirmations, ...then(all.flatMap((it) => it.confirmations ?? []))],
  };
};

/** Tasks as they are done: the same key, in the same way. */
const waysIn = (route: Route): ReadonlyMap<string, string> =>
  new Map(route.tasks.map((it) => [it.key, JSON.stringify([it.method, it.setUp])]));

type Ways = ReadonlyMap<string, string>;

/** Titles of the operations of a route that have something which another has not, or does otherwise. */
const beyond = (route: Route, here: Ways, other: Ways): string[] => [
  ...new Set(
    route.operations
      .filter((it) => !it.gate && it.taskKeys.some((key) => other.get(key) !== here.get(key)))
      .map((it) => it.title),
  ),
];

/** Operations that are in every branch, wait for no gate, and come after such operations only. */
const commonOf = (route: Route, here: Ways, inBranches: readonly Ways[]): string[] => {
  const common = new Set<string>();
  for (const it of route.operations) {
    const everywhere =
      it.gate !== null ||
      inBranches.every((ways) => it.taskKeys.every((key) => ways.get(key) === here.get(key)));
    const ready = it.after.every((one) => common.has(one.operationId));
    if (everywhere && ready && it.holds.length === 0) common.add(it.id);
  }
  return [...common];
};

/**
 * Plans every answer of every open gate in full, one gate at a time, the others left open.
 * @returns for each answer what it changes, and the steps that no answer changes
 */
export const branchesOf = (it: Case): Branches => {
  const { piece, beliefs, route } = it;
  const now = tollOf(it);
  const here = waysIn(route);
  const refusedNow = new Set(route.refusals.map((it) => it.title));
  const inBranches: Ways[] = [];
  const gates = route.operations.flatMap((asked) => {
    if (!asked.gate) return [];
    const surfaces = beliefs.filter((one) => asked.surfaceIds.includes(one.surfaceId));
    // Asking takes its minutes and its kit whatever the answer is.
    const unasked = {
      minutes: now.minutes - asked.minutes,
      money: now.money - moneyOfSteps(it, [asked]),
    };
    const planned = asked.gate.answers.map(({ id, answer, then }): Branch => {
      const supposed = suppose(piece, surfaces, id);
      if (!supposed) {
        return { answer, then, minutes: 0, days: 0, money: 0, adds: [], drops: [], refuses: [] };
      }
      const supposing = it.with({ piece: supposed });
      const other = supposing.route;
      const toll = tollOf(supposing);
      const there = waysIn(other);
      inBranches.push(there);
      return {
        answer,
        then,
        minutes: toll.minutes - unasked.minutes,
        days: toll.days - now.days,
        money: toll.money - unasked.money,
        adds: beyond(other, there, here),
        drops: beyond(route, here, there),
        refuses: other.refusals.map((no) => no.title).filter((title) => !refusedNow.has(title)),
      };
    });
    return [
      {
        operationId: asked.id,
        kind: asked.gate.kind,
        question: asked.gate.question,
        branches: planned,
      },
    ];
  });
  return { gates, commonIds: commonOf(route, here, inBranches) };
};
