import { inspectionTest } from '../../catalog';
import type { Observation } from '../../piece';

/** What is known of how many layers of paint there are. */
export interface LayerCount {
  /** No fewer than these: seen at chips, recorded one by one, or tested. */
  readonly atLeast: number;
  /** Counted at a cut down to the wood; null where nobody made one. */
  readonly counted: number | null;
  /** Counts, or a count and what was seen, that can't all be true. */
  readonly disagree: boolean;
}

const figuresOf = (observations: readonly Observation[], testId: string): readonly number[] =>
  observations.flatMap((it) => (it.testId === testId && it.value !== null ? [it.value] : []));

/** Layers on which something was tested: there are no fewer. */
const testedLayers = (observations: readonly Observation[]): readonly number[] =>
  observations.flatMap((it) =>
    inspectionTest(it.testId)?.kind === 'layer' && it.layer !== null ? [it.layer] : [],
  );

/**
 * How many layers of paint there are, from what was recorded on a surface. Only a cut down to the
 * wood counts them; colours seen at chips, layers recorded and layers tested say that there are no
 * fewer.
 * @param recorded layers of paint recorded one by one
 */
export const layerCountOf = (
  observations: readonly Observation[],
  recorded: number,
): LayerCount => {
  const counts = figuresOf(observations, 'layer-count');
  const seen = figuresOf(observations, 'colours-seen');
  const atLeast = Math.max(0, recorded, ...seen, ...testedLayers(observations));
  const counted = counts.length > 0 ? Math.max(...counts) : null;
  return {
    atLeast,
    counted,
    disagree: counted !== null && (counted < atLeast || counts.some((it) => it !== counted)),
  };
};

/** The most layers that anything speaks of; null where nothing does. */
export const knownLayers = (
  observations: readonly Observation[],
  recorded: number,
): number | null => {
  const { atLeast, counted } = layerCountOf(observations, recorded);
  return counted === null && atLeast === 0 ? null : Math.max(atLeast, counted ?? 0);
};
