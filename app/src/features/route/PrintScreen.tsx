import type { PieceRecord } from '@obrik/core/piece';
import { routeCard, ticketFor } from '@obrik/core/route';
import { useRouter } from 'expo-router';
import { useMemo } from 'react';
import { shopNow } from '@/device';
import { pdfAddress } from '@/api/api';
import { useCase } from '@/api/useCase';
import { useShop } from '@/api/usePiece';
import { PaperSheet } from '@/ui/paper';

/** The route card for the wall: the whole route with boxes to tick. */
export const PrintScreen = ({ record }: { readonly record: PieceRecord }) => {
  const shop = useShop();
  const { piece, number, revision } = record;
  const router = useRouter();
  const { route } = useCase(piece);
  const paper = useMemo(() => {
    const ticket = ticketFor({ number, revision }, shop, shopNow());
    return routeCard(piece, route, ticket);
  }, [piece, route, number, revision, shop]);
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
