import { OLD_FILM_UM, type Finish, type Substrate } from '../catalog';
import type { SurfaceBeliefs } from '../inspect';
import { foundLayer, type FaceLayer, type PieceState, type SurfaceState } from '../work';

const old = (finish: Finish, um: number): readonly FaceLayer[] =>
  finish === 'bare' ? [] : [foundLayer({ of: 'old', id: finish }, um)];

/** Old layers, bottom up; where the face counts as bare, what was seen of layers is doubted as a whole. */
const oldLayers = ({ layers, finish }: SurfaceBeliefs): readonly FaceLayer[] =>
  layers.length > 0 && finish.likeliest !== 'bare'
    ? [...layers]
        .reverse()
        .flatMap((one) =>
          old(one.layer === 1 ? finish.likeliest : one.likeliest, one.thicknessUm ?? OLD_FILM_UM),
        )
    : old(finish.likeliest, OLD_FILM_UM);

/**
 * A surface as it was found: the substrate it is worked as, then its old layers, by what is
 * believed of them.
 */
export const surfaceAsFound = (it: SurfaceBeliefs, substrate: Substrate): SurfaceState => ({
  layers: [
    foundLayer({ of: 'substrate', id: substrate }, it.veneer.usualMm * 1000),
    ...oldLayers(it),
  ],
  dulled: false,
  dusty: false,
  alkaline: false,
  sandedTo: null,
  met: [],
  mended: [],
  waits: null,
});

/** A piece nobody has worked on yet. */
export const pieceAsFound = (surfaces: Readonly<Record<string, SurfaceState>>): PieceState => ({
  surfaces,
  parts: {},
  met: [],
  inHand: null,
});
