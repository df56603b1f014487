import { caseOf, type Case } from '@obrik/core/case';
import type { Piece } from '@obrik/core/piece';
import { useShop } from './usePiece';

/** The one view of a piece in this shop that all screens share. */
export const useCase = (piece: Piece): Case => caseOf(piece, useShop());
