import type { PieceRecord } from '@obrik/core/piece';
import { careSheetOf } from '@obrik/core/route';
import { format } from 'date-fns';
import { useRouter } from 'expo-router';
import { useMemo } from 'react';
import { View } from 'react-native';
import { useShop } from '@/api/usePiece';
import { ticketNumber } from '@/features/pieces/summary';
import { INK, KEPT, Line, Paper } from '@/ui/paper';

/** The care sheet: what the owner gets with the piece. */
export const CareScreen = ({ record }: { readonly record: PieceRecord }) => {
  const { piece, number } = record;
  const router = useRouter();
  const shop = useShop();
  const sheet = useMemo(() => careSheetOf(piece, shop), [piece, shop]);
  return (
    <Paper
      back={{
        label: 'Back to the route',
        onPress: () => router.navigate(`/pieces/${piece.id}/route`),
      }}
    >
      <Line bold size={26} level={1}>
        Care sheet · {piece.name}
      </Line>
      <Line colour={INK.ink2}>
        {ticketNumber(number)}, as planned on {format(new Date(), 'd MMM yyyy')}. Last coat laid on:
        ____________
      </Line>
      <Line bold size={16} level={2}>
        HOW TO TREAT IT
      </Line>
      {sheet.rules.map((it) => (
        <Line key={it}>{it}</Line>
      ))}
      <Line bold size={16} level={2}>
        WHAT IS ON IT
      </Line>
      {sheet.surfaces.map((it) => (
        <View
          key={it.name}
          {...KEPT}
          style={{ borderTopWidth: 1, borderTopColor: INK.line, paddingTop: 6 }}
        >
          <Line bold>{it.name}</Line>
          <Line>
            {it.coats.length > 0
              ? `From the bottom: ${it.coats.join('; ')}. Hard ${it.cureDays} days after the last coat.`
              : 'No new coat.'}
          </Line>
          <Line colour={INK.ink2}>Lead: {it.lead}</Line>
        </View>
      ))}
      <Line colour={INK.ink2}>
        The labels of the products used have the last word. Keep this sheet with the piece: whoever
        strips it next will be glad of it.
      </Line>
    </Paper>
  );
};
