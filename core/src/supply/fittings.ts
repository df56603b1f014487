import { newOnesOf, type Hardware, type Piece } from '../piece';

/** Fittings that have to be bought: all of a set that is replaced, else what is missing of it. */
export interface FittingToBuy {
  readonly pieceId: string;
  readonly hardwareId: string;
  readonly kind: Hardware['kind'];
  readonly name: string;
  readonly count: number;
  readonly holeSpacingMm: number | null;
  readonly because: 'replaced' | 'missing';
  /** Of all of them together, minor units; null where nobody has said what one costs. */
  readonly price: number | null;
  /** They are bought. */
  readonly got: boolean;
}

/** What the lists of fittings ask to be bought. A set that is reused elsewhere is not bought again. */
export const fittingsToBuy = (
  pieces: readonly Pick<Piece, 'id' | 'hardware'>[],
): readonly FittingToBuy[] =>
  pieces.flatMap(({ id, hardware }) =>
    hardware.flatMap((it): FittingToBuy[] => {
      const replaced = it.disposition === 'replace';
      const count = newOnesOf(it);
      if (count === 0) return [];
      return [
        {
          pieceId: id,
          hardwareId: it.id,
          kind: it.kind,
          name: it.name,
          count,
          // Of the new ones, where that is known.
          holeSpacingMm:
            replaced && it.replacement ? it.replacement.holeSpacingMm : it.holeSpacingMm,
          because: replaced ? 'replaced' : 'missing',
          price: it.priceEach === null ? null : it.priceEach * count,
          got: it.got,
        },
      ];
    }),
  );
