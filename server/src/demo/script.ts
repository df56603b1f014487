import { DAY_MS } from '@obrik/core/units';
import {
  finding,
  hardware,
  newPiece,
  paintLayer,
  pieceDescription,
  type Aim,
  type Finding,
  type LayerFeel,
  type Piece,
  type Scheme,
} from '@obrik/core/piece';
import type { z } from 'zod';

/** Writes a demo piece with dates that lie some days before the demo starts. */
export interface Script {
  /** The outcome of a look or touch. */
  saw(surfaceId: string, testId: string, outcome: string, layer?: number): Script;
  /** A figure that was read. */
  read(surfaceId: string, testId: string, value: number): Script;
  /** A damage; size in mm, place as shares of the surface's first face. */
  found(
    surfaceId: string,
    damage: Finding['damage'],
    count?: number,
    note?: string,
    more?: Partial<Pick<Finding, 'lengthMm' | 'widthMm' | 'depthMm' | 'direction' | 'place'>>,
  ): Script;
  /** Layers of paint, from the top down: colour and feel. */
  layers(surfaceId: string, list: readonly (readonly [string, LayerFeel])[]): Script;
  fitted(it: Omit<z.input<typeof hardware>, 'id'>): Script;
  confirm(
    surfaceId: string,
    variable: Piece['confirmations'][number]['variable'],
    value: string,
  ): Script;
  aim(surfaceIds: readonly string[], scheme: Scheme, stripWish?: Aim['stripWish']): Script;
  end(): Piece;
}

/**
 * Starts a piece of the demo.
 * @param daysAgo when the first look was made; each entry follows a few minutes later
 */
export const script = (
  id: string,
  description: z.input<typeof pieceDescription>,
  now: Date,
  daysAgo: number,
): Script => {
  const piece = newPiece(id, pieceDescription.parse(description));
  let minute = 0;
  let serial = 0;
  const at = () => new Date(now.getTime() - daysAgo * DAY_MS + 4 * 60_000 * minute++).toISOString();
  const nextId = (prefix: string) => `${id}-${prefix}${++serial}`;
  const entry = { value: null, outcome: null, layer: null, by: 'Runa' } as const;
  const self: Script = {
    saw: (surfaceId, testId, outcome, layer) => {
      const added = {
        ...entry,
        id: nextId('o'),
        surfaceId,
        testId,
        outcome,
        layer: layer ?? null,
        at: at(),
      };
      piece.observations.push(added);
      return self;
    },
    read: (surfaceId, testId, value) => {
      piece.observations.push({ ...entry, id: nextId('o'), surfaceId, testId, value, at: at() });
      return self;
    },
    found: (surfaceId, damage, count = 1, note = '', more = {}) => {
      piece.findings.push(
        finding.parse({ id: nextId('f'), surfaceId, damage, count, note, at: at(), ...more }),
      );
      return self;
    },
    layers: (surfaceId, list) => {
      piece.layers.push(
        ...list.map(([colour, feel], index) =>
          paintLayer.parse({ surfaceId, layer: index + 1, colour, feel }),
        ),
      );
      return self;
    },
    fitted: (it) => {
      piece.hardware.push(hardware.parse({ ...it, id: nextId('h') }));
      return self;
    },
    confirm: (surfaceId, variable, value) => {
      piece.confirmations.push({ surfaceId, variable, value, at: at() });
      return self;
    },
    aim: (surfaceIds, scheme, stripWish = 'best') => {
      piece.aims.push(...surfaceIds.map((surfaceId) => ({ surfaceId, scheme, stripWish })));
      return self;
    },
    end: () => piece,
  };
  return self;
};
