import { z } from 'zod';
import { BLEEDS, FINISHES, LEAD, SUBSTRATES, WOODS, variable, type Variable } from '../../catalog';

/** Evidence that pulls apart, in words and with the observations that disagree. */
export const beliefConflict = z.object({
  variable,
  observationIds: z.array(z.string()).readonly(),
  text: z.string(),
  /** The test that would settle it; null where only a second look or a word does. */
  settledBy: z.string().nullable(),
});
export type TestConflict = z.infer<typeof beliefConflict>;

/** What is believed of one variable of a surface, and what it rests on. */
const beliefOf = <V extends Variable, Values extends z.core.$ZodRecordKey & z.ZodType>(
  of: V,
  values: Values,
) =>
  z.object({
    variable: z.literal(of),
    /** Probabilities of all values; they sum to 1. */
    distribution: z.record(values, z.number()).readonly(),
    likeliest: values,
    /** Probability of the likeliest value. */
    p: z.number(),
    /** What can be said with some certainty: the likeliest value, or the family it belongs to. */
    said: z.object({ label: z.string(), p: z.number() }),
    /** The user vouches for it. */
    confirmed: z.boolean(),
    settled: z.boolean(),
    conflicts: z.array(beliefConflict).readonly(),
    /** Observations that speak for and against the likeliest value. */
    speaksFor: z.array(z.string()).readonly(),
    speaksAgainst: z.array(z.string()).readonly(),
  });

/** A lead result as it counts: for one layer or for all, by one method, on one day. */
export const leadResult = z.object({
  /** Null: all layers at once. */
  layer: z.int().nullable(),
  found: z.boolean(),
  by: z.string(),
  /** The name of whoever made it; empty where nobody said. */
  who: z.string(),
  /** Strong enough to close the question for a child's room. */
  decides: z.boolean(),
  /** The laboratory's figure; for all layers at once it is an average over them. */
  ppm: z.number().nullable(),
  at: z.string(),
});
export type LeadResult = z.infer<typeof leadResult>;

const leadResults = { text: z.string(), results: z.array(leadResult).readonly() };

/**
 * Where the lead question of a surface stands. It is closed only by a recorded result for
 * each layer, never by belief.
 */
export const leadStatus = z.discriminatedUnion('kind', [
  z.object({ kind: z.literal('notAsked'), ...leadResults }),
  z.object({
    kind: z.literal('open'),
    ...leadResults,
    missingLayers: z.array(z.int()).readonly(),
    /** What has to be done next; null where any lead test on a layer does. */
    wants: z.enum(['layer-count', 'lead-laboratory-all', 'lead-xrf', 'chip']).nullable(),
  }),
  z.object({
    kind: z.literal('found'),
    ...leadResults,
    layers: z.array(z.int().nullable()).readonly(),
    /** The surface, painted alike, on which it was found; null where it was found on this one. */
    presumedFrom: z.string().nullable(),
  }),
  z.object({ kind: z.literal('notFound'), ...leadResults, layers: z.int().nullable() }),
]);
export type LeadStatus = z.infer<typeof leadStatus>;

/** Thickness of the wood above the core, mm: the thin tenth of its distribution, and the median. */
export const veneerEstimate = z.object({
  thinMm: z.number(),
  usualMm: z.number(),
  /** Chance that it is too thin to be stripped and sanded. */
  tooThin: z.number(),
  measured: z.boolean(),
});
export type VeneerEstimate = z.infer<typeof veneerEstimate>;

/** What lies below: one recorded layer and what it is likely to be. */
export const layerBelief = z.object({
  layer: z.int(),
  colour: z.string(),
  feel: z.string(),
  thicknessUm: z.number().nullable(),
  likeliest: FINISHES.id,
  p: z.number(),
});
export type LayerBelief = z.infer<typeof layerBelief>;

/** The wood's moisture as read, against where it would rest in the shop's air; % of dry mass. */
export const moisture = z.object({
  percent: z.number(),
  atRest: z.number(),
  damp: z.boolean(),
  text: z.string(),
});
export type Moisture = z.infer<typeof moisture>;

/** All beliefs about one surface. */
export const surfaceBeliefs = z.object({
  surfaceId: z.string(),
  substrate: beliefOf('substrate', SUBSTRATES.id),
  wood: beliefOf('wood', WOODS.id),
  finish: beliefOf('finish', FINISHES.id),
  bleed: beliefOf('bleed', BLEEDS.id),
  lead: beliefOf('lead', LEAD.id),
  leadStatus,
  layers: z.array(layerBelief).readonly(),
  veneer: veneerEstimate,
  moisture: moisture.nullable(),
  conflicts: z.array(beliefConflict).readonly(),
});
export type SurfaceBeliefs = z.infer<typeof surfaceBeliefs>;
export type Belief<V extends Variable = Variable> = SurfaceBeliefs[V];
