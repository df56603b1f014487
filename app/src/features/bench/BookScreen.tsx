import { ticketFor } from '@obrik/core/route';
import { pieceBook } from '@obrik/core/run';
import type { PieceRecord } from '@obrik/core/piece';
import { useRouter } from 'expo-router';
import { useMemo } from 'react';
import { pdfAddress } from '@/api/api';
import { useCase } from '@/api/useCase';
import { useShop } from '@/api/usePiece';
import { shopNow } from '@/device';
import { Photo } from '@/features/shared/Photo';
import { PaperSheet } from '@/ui/paper';

/** The book of a piece: what was done and found, for whoever works on it next. */
export const BookScreen = ({ record }: { readonly record: PieceRecord }) => {
  const { piece, number, revision } = record;
  const router = useRouter();
  const shop = useShop();
  const own = useCase(piece);
  const paper = useMemo(
    () => pieceBook(own, ticketFor({ number, revision }, shop, shopNow())),
    [own, shop, number, revision],
  );
  return (
    <PaperSheet
      paper={paper}
      pdf={pdfAddress(piece.id, 'book')}
      photo={(photoId, label) => (
        <Photo photoId={photoId} label={label} width="100%" height={190} whole />
      )}
      back={{
        label: 'Back to the bench',
        onPress: () => router.navigate(`/pieces/${piece.id}/bench`),
      }}
    />
  );
};
