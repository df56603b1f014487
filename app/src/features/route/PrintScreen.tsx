import { ticketNumber } from '@obrik/core/ticket';
import type { PieceRecord } from '@obrik/core/piece';
import { routeCard } from '@obrik/core/route';
import { format } from 'date-fns/format';
import { useRouter } from 'expo-router';
import { useMemo } from 'react';
import { shopNow } from '@/device';
import { pdfAddress } from '@/api/api';
import { useCase } from '@/api/useCase';
import { PaperSheet } from '@/ui/paper';

/** The route card for the wall: the whole route with boxes to tick. */
export const PrintScreen = ({ record }: { readonly record: PieceRecord }) => {
  const { piece, number, revision } = record;
  const router = useRouter();
  const { route } = useCase(piece);
  const paper = useMemo(() => {
    const ticket = {
      number: ticketNumber(number),
      revision,
      printed: format(shopNow(), 'd MMM yyyy, HH:mm'),
    };
    return routeCard(piece, route, ticket);
  }, [piece, route, number, revision]);
  return (
    <PaperSheet
      paper={paper}
      pdf={pdfAddress(piece.id, 'route')}
      back={{
        label: 'Back to the route',
        onPress: () => router.navigate(`/pieces/${piece.id}/route`),
      }}
    />
  );
};
