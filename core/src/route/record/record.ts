import { z } from 'zod';
import { shop } from '../../piece';
import type { DeepReadonly } from '../../effect';
import { operation, reason, refusal, type Route } from '../order/operation';

/**
 * A route as it was when somebody kept it, and what it was planned for. What is stored carries the
 * version of its form; older ones are read by the migrations beside it, one step a version, and
 * stay readable as they were.
 */
export const KEPT_ROUTE = 'com.obrik.kept-route' as const;
export const KEPT_ROUTE_VERSION = 2;

/** What a kept route shows: steps to read; tasks and graph are planned anew where they are needed. */
export const keptOperation = operation.omit({ consumes: true, checks: true }).extend({
  /** Empty in routes that were kept before work was told by tasks. */
  taskKeys: z.array(z.string()),
  reasons: z.array(reason),
});
export const keptSteps = z.object({
  operations: z.array(keptOperation),
  refusals: z.array(refusal),
  unaimedSurfaceIds: z.array(z.string()),
  minutes: z.number(),
  waitMinutes: z.number(),
  materials: z.array(z.string()),
});
export type KeptSteps = DeepReadonly<z.infer<typeof keptSteps>>;

/** The current form. */
export const keptForm = z.object({
  type: z.literal(KEPT_ROUTE),
  version: z.literal(KEPT_ROUTE_VERSION),
  shop,
  route: keptSteps,
});
export type KeptForm = z.infer<typeof keptForm>;

/** One step from a version to the next. */
interface Migration {
  readonly id: string;
  readonly from: number;
  readonly up: (old: Readonly<Record<string, unknown>>) => Readonly<Record<string, unknown>>;
}

const asList = (it: unknown): readonly Readonly<Record<string, unknown>>[] =>
  Array.isArray(it) ? (it as Readonly<Record<string, unknown>>[]) : [];

/** What was added to an operation while its form had no version yet: defaults of those days. */
const LATER_FIELDS = {
  sandThrough: null,
  coating: null,
  litres: null,
  sprayed: false,
  risks: [],
  gate: null,
} as const;

/** Version 1 had no mark: steps by merge keys, one surface to a refusal. */
export const MIGRATIONS: readonly Migration[] = [
  {
    id: `${KEPT_ROUTE}/2-tasks`,
    from: 1,
    up: (old) => {
      const kept = (old.route ?? {}) as Readonly<Record<string, unknown>>;
      return {
        type: KEPT_ROUTE,
        version: 2,
        shop: old.shop,
        route: {
          ...kept,
          operations: asList(kept.operations).map((it) => ({
            ...LATER_FIELDS,
            ...it,
            taskKeys: [],
            holds: [],
          })),
          refusals: asList(kept.refusals).map(({ surfaceId, ...it }) => ({
            ...it,
            surfaceIds: [surfaceId],
          })),
        },
      };
    },
  },
];

const versionOf = (it: Readonly<Record<string, unknown>>): number =>
  typeof it.version === 'number' ? it.version : 1;

/**
 * Reads a kept route of any version.
 * @param stored what was stored: the current form, or an older one
 * @throws ZodError where it is none of them; Error where it is newer than this program
 */
export const readKept = (stored: unknown): KeptForm => {
  let it = (stored ?? {}) as Readonly<Record<string, unknown>>;
  if (versionOf(it) > KEPT_ROUTE_VERSION) {
    throw new Error(
      `This route was kept by a newer Obrik (version ${versionOf(it)}, this one reads up to ${KEPT_ROUTE_VERSION}). Update Obrik to read it; nothing is lost.`,
    );
  }
  for (const step of MIGRATIONS) {
    if (versionOf(it) === step.from) it = step.up(it);
  }
  return keptForm.parse(it);
};

/** A route in the form in which it is kept. */
export const keep = (planned: Route, withShop: z.infer<typeof shop>): KeptForm =>
  keptForm.parse({ type: KEPT_ROUTE, version: KEPT_ROUTE_VERSION, shop: withShop, route: planned });
