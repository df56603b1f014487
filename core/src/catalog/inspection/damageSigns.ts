import type { Damage } from '../damages';
import { JUDGEMENT } from '../source';
import { PRINTED, VENEER } from '../state';
import { given, look, otherwise } from './shape';

/** Damages that tell what a face is made of, in the order of the outcomes below. */
const TELLING = ['missingVeneer', 'liftingVeneer', 'delaminated', 'liftingFoil'] as const;

/**
 * What damage tells of a face: veneer can be missing only where there is veneer. It is on the list of
 * damages and not of tests; its likelihoods are weighed like those of a look.
 */
export const DAMAGE_SIGN = look({
  id: 'damage-found',
  title: 'Damage found on it',
  how: ['It is on the list of damages.'],
  misleads: 'A chip in thick paint can look like missing veneer.',
  source: JUDGEMENT,
  outcomes: [
    { id: 'missingVeneer', label: 'Veneer is missing', sketch: 'edge-line' },
    { id: 'liftingVeneer', label: 'Veneer lifts', sketch: 'edge-line' },
    { id: 'delaminated', label: 'Plies come apart', sketch: 'edge-plies' },
    { id: 'liftingFoil', label: 'Foil or edge band lifts', sketch: 'edge-seam' },
    { id: 'none', label: 'None of these', sketch: 'figure-plain' },
  ],
  informs: [
    given({ substrate: VENEER }, 0.08, 0.1, 0.005, 0.002, 0.813),
    given({ substrate: ['plywood'] }, 0.01, 0.012, 0.08, 0.002, 0.896),
    given({ substrate: PRINTED }, 0.003, 0.003, 0.004, 0.12, 0.87),
    otherwise(0.001, 0.001, 0.001, 0.002, 0.995),
  ],
});

/** Does a damage tell what its face is made of? */
export const isTelling = (damage: Damage): boolean =>
  (TELLING as readonly Damage[]).includes(damage);
