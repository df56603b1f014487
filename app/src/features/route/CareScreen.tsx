import { ticketNumber, type PieceRecord } from '@obrik/core/piece';
import { careSheetOf, careSheetPaper } from '@obrik/core/route';
import { format } from 'date-fns';
import { useRouter } from 'expo-router';
import { useMemo } from 'react';
import { pdfAddress } from '@/api/api';
import { useShop } from '@/api/usePiece';
import { PaperSheet } from '@/ui/paper';

/** The care sheet: what the owner gets with the piece. */
export const CareScreen = ({ record }: { readonly record: PieceRecord }) => {
  const { piece, number, revision } = record;
  const router = useRouter();
  const shop = useShop();
  const paper = useMemo(() => {
    const ticket = {
      number: ticketNumber(number),
      revision,
      printed: format(new Date(), 'd MMM yyyy'),
    };
    return careSheetPaper(piece, careSheetOf(piece, shop), ticket);
  }, [piece, shop, number, revision]);
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
