import { pieceBook } from '@obrik/core/run';
import type { DoneWork, PieceRecord } from '@obrik/core/piece';
import { airDuring } from '@obrik/core/schedule';
import { ticketNumber } from '@obrik/core/ticket';
import { CLOCK_WORDS } from '@obrik/core/words';
import { format } from 'date-fns/format';
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
  const { piece, number } = record;
  const router = useRouter();
  const shop = useShop();
  const own = useCase(piece);
  const paper = useMemo(() => {
    const airOf = (it: DoneWork) => {
      const air = airDuring(shop, it);
      return air && CLOCK_WORDS.figures(air.celsius, air.humidity, shop.units);
    };
    return pieceBook(own, {
      number: ticketNumber(number),
      printed: format(shopNow(), 'd MMM yyyy'),
      units: shop.units,
      when: (iso) => format(new Date(iso), 'd MMM yyyy, HH:mm'),
      airOf,
    });
  }, [own, shop, number]);
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
