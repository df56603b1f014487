import { ticketNumber } from '@obrik/core/ticket';
import type { PieceRecord } from '@obrik/core/piece';
import { careSheetPaper } from '@obrik/core/route';
import { format } from 'date-fns/format';
import { useRouter } from 'expo-router';
import { useMemo } from 'react';
import { shopNow } from '@/device';
import { pdfAddress } from '@/api/api';
import { useCase } from '@/api/useCase';
import { PaperSheet } from '@/ui/paper';

/** The care sheet: what the owner gets with the piece. */
export const CareScreen = ({ record }: { readonly record: PieceRecord }) => {
  const { piece, number, revision } = record;
  const router = useRouter();
  const { careSheet } = useCase(piece);
  const paper = useMemo(() => {
    const ticket = {
      number: ticketNumber(number),
      revision,
      printed: format(shopNow(), 'd MMM yyyy'),
    };
    return careSheetPaper(piece, careSheet, ticket, (iso) => format(new Date(iso), 'd MMM yyyy'));
  }, [piece, careSheet, number, revision]);
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
