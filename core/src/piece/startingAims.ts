import type { Piece } from './piece';
import { surfacesOf } from './piece';
import { isFaceOnTop, visibilityOf } from './roles';
import type { Aim, Scheme } from './scheme';

/** What people usually want of a whole piece; each surface may be given another finish afterwards. */
export type StartingWay = 'paint' | 'wood' | 'woodTop' | 'freshen';

type Painted = Extract<Scheme, { kind: 'painted' }>;
const PAINTED: Painted = {
  kind: 'painted',
  shade: 'pale',
  paint: 'cabinetEnamel',
  topcoat: 'waterborne',
  sheen: 'G4',
};
const CLEAR: Scheme = { kind: 'clear', topcoat: 'waterborne', sheen: 'G4' };
const FRESHENED: Scheme = { kind: 'freshened' };
const LEFT: Scheme = { kind: 'leave' };

/**
 * An aim for every surface, to start from: what is out of sight (back, inside, drawer boxes) stays
 * as it is, the rest becomes what was chosen. Common practice, no source.
 * @param paint colour of what is painted, and its shade
 */
export const startingAims = (
  it: Pick<Piece, 'build'>,
  start: StartingWay,
  paint: Partial<Pick<Painted, 'colour' | 'shade'>> = {},
): readonly Aim[] =>
  surfacesOf(it).map((surface): Aim => {
    const painted: Scheme = { ...PAINTED, ...paint };
    const shown: Readonly<Record<StartingWay, Scheme>> = {
      paint: painted,
      wood: CLEAR,
      woodTop: isFaceOnTop(surface) ? CLEAR : painted,
      freshen: FRESHENED,
    };
    const scheme = visibilityOf(surface) === 'low' ? LEFT : shown[start];
    return { surfaceId: surface.id, scheme, stripWish: 'best' };
  });
