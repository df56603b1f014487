import type { PieceRecord } from '@obrik/core/piece';
import { careSheetPaper, ticketFor } from '@obrik/core/route';
import { useRouter } from 'expo-router';
import { useMemo } from 'react';
import { shopNow } from '@/device';
import { pdfAddress } from '@/api/api';
import { useCase } from '@/api/useCase';
import { useShop } from '@/api/usePiece';
import { PaperSheet } from '@/ui/paper';

/** The care sheet: what the owner gets with the piece. */
export const CareScreen = ({ record }: { readonly record: PieceRecord }) => {
  const shop = useShop();
  const { piece, number, revision } = record;
  const router = useRouter();
  const { careSheet } = useCase(piece);
  const paper = useMemo(() => {
    const ticket = ticketFor({ number, revision }, shop, shopNow());
    return careSheetPaper(piece, careSheet, ticket);
  }, [piece, careSheet, number, revision, shop]);
  return (
    <PaperSheet
      paper={paper}
      pdf={pdfAddress(piece.id, 'care-sheet')}
      back={{
        label: 'Back to the route',
        onPress: () => router.navigate(`/pieces/${piece.id}/route`),
      }}
    />
  );
};
