import { FEEL_SAYS, FINISHES, inspectionTest } from '../../catalog';
import type { PaintLayer } from '../../piece';
import { layerMayBe } from './layerKind';
import { saysOf, type TestResult } from './likelihood';
import type { SurfacePosterior } from './posterior';
import type { LayerBelief } from './result';
import { marginalsOfMakes } from './space';

/** What the feel of a layer says, as if a flake of it had been bent. */
const feelSays = (layer: PaintLayer): readonly TestResult[] => {
  const test = inspectionTest('paint-flake');
  if (layer.feel === 'unknown' || test?.kind !== 'choice') return [];
  const result = test.outcomes.findIndex((it) => it.id === FEEL_SAYS[layer.feel as 'hard']);
  return result < 0 ? [] : [{ test, result }];
};

/**
 * What each recorded layer is likely to be, top down. A clear layer is a film and a coloured one
 * a paint, expected as often as on any surface of this age; its feel and the solvent tests made on
 * it count, and no test made on another layer does.
 */
export const layersOf = (
  layers: readonly PaintLayer[],
  { surface, evidence, onLayers, prior }: SurfacePosterior,
): readonly LayerBelief[] => {
  if (layers.length === 0) return [];
  const shares = marginalsOfMakes(prior).finish;
  return [...layers]
    .sort((a, b) => a.layer - b.layer)
    .map((layer) => {
      const made =
        layer.layer === 1
          ? evidence.filter((it) => it.test.kind !== 'layer')
          : onLayers.filter((it) => it.observation.layer === layer.layer);
      const voices = [...feelSays(layer), ...made].flatMap(
        (it) => saysOf('finish', it, surface.part)?.chances ?? [],
      );
      const possible = layerMayBe(layer);
      const weights = FINISHES.ids.map((id, at) =>
        possible.includes(id)
          ? voices.reduce((product, chances) => product * (chances[at] ?? 1), shares[at] ?? 0)
          : 0,
      );
      const sum = weights.reduce((a, b) => a + b, 0);
      const best = weights.indexOf(Math.max(...weights));
      return {
        layer: layer.layer,
        colour: layer.colour,
        feel: layer.feel,
        thicknessUm: layer.thicknessUm,
        likeliest: FINISHES.ids[best] ?? FINISHES.ids[0],
        p: sum > 0 ? (weights[best] ?? 0) / sum : 0,
      };
    });
};
