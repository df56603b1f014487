import { OLD_FILM_UM, type Finish, type Substrate } from '../../catalog';
import type { SurfaceBeliefs } from '../../inspect';
import { foundLayer, unworkedSurface, type FaceLayer, type SurfaceState } from '../../work';

/** The film that most likely lies below wax. */
export const filmBelowWax = (
  distribution: SurfaceBeliefs['finish']['distribution'],
): Exclude<Finish, 'bare'> =>
  BELOW_WAX.reduce((a, b) => (distribution[b] > distribution[a] ? b : a), BELOW_WAX[0]);

const BELOW_WAX = ['shellac', 'lacquer', 'varnish', 'waterClear', 'factory'] as const;

/** Wax over a film is two layers: what takes the wax off leaves the film. */
const topOf = ({ finish }: SurfaceBeliefs): readonly FaceLayer[] =>
  finish.likeliest === 'waxedFilm'
    ? [...old(filmBelowWax(finish.distribution), OLD_FILM_UM), ...old('wax', OLD_FILM_UM)]
    : old(finish.likeliest, OLD_FILM_UM);

const old = (finish: Finish, um: number): readonly FaceLayer[] =>
  finish === 'bare' ? [] : [foundLayer({ of: 'old', id: finish }, um)];

/** Old layers, bottom up; where the face counts as bare, what was seen of layers is doubted as a whole. */
const oldLayers = (it: SurfaceBeliefs): readonly FaceLayer[] =>
  it.layers.length > 0 && it.finish.likeliest !== 'bare'
    ? [...it.layers]
        .reverse()
        .flatMap((one) =>
          one.layer === 1 && it.finish.likeliest === 'waxedFilm'
            ? topOf(it)
            : old(
                one.layer === 1 ? it.finish.likeliest : one.likeliest,
                one.thicknessUm ?? OLD_FILM_UM,
              ),
        )
    : topOf(it);

/**
 * A surface as it was found: the substrate it is worked as, then its old layers, by what is
 * believed of them.
 */
export const surfaceAsFound = (it: SurfaceBeliefs, substrate: Substrate): SurfaceState =>
  unworkedSurface([
    foundLayer({ of: 'substrate', id: substrate }, it.veneer.usualMm * 1000),
    ...oldLayers(it),
  ]);
