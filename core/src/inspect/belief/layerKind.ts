import { LAYER_FINISHES, REPORTING_SLIP, type Finish } from '../../catalog';
import type { PaintLayer } from '../../piece';
import { MAKES } from './space';

/** A layer without a colour of its own. */
const isClear = (colour: string): boolean => /^(clear|amber|varnish|none)$/i.test(colour.trim());

/** What a recorded layer may be: a film if it is clear, a paint if it has a colour. */
export const layerMayBe = ({ colour }: Pick<PaintLayer, 'colour'>): readonly Finish[] =>
  LAYER_FINISHES[isClear(colour) ? 'clear' : 'coloured'];

/**
 * Weighs makes by the top layer that was recorded: who saw white paint did not see bare wood, but
 * for the slip that any record may be.
 */
export const weighByLayer = (makes: Float64Array, top: PaintLayer | undefined): void => {
  if (!top) return;
  const possible = layerMayBe(top);
  MAKES.forEach(({ finish }, m) => {
    if (!possible.includes(finish)) makes[m] = (makes[m] as number) * REPORTING_SLIP;
  });
};
