import type { PieceLedger } from '@obrik/core/ledger';
import { ticketNumber, yearsInWords } from '@obrik/core/ticket';
import { useLocalSearchParams, useRouter } from 'expo-router';
import { View } from 'react-native';
import { useHistoryQuery } from '@/api/api';
import { useShop } from '@/api/usePiece';
import { shopNow } from '@/device';
import { useTimes } from '@/features/shared/useTimes';
import { INK, KEPT, PrintedLine, Paper } from '@/ui/paper';
import { historyLines, type HistoryFilter } from './historyLines';

/** The history on paper: who put what on record, when, and from which device. */
export const HistorySheetScreen = ({ record }: { readonly record: PieceLedger }) => {
  const times = useTimes();
  const { piece, number } = record;
  const router = useRouter();
  const { shown = 'all' } = useLocalSearchParams<{ shown?: HistoryFilter }>();
  const { units } = useShop();
  const lines = historyLines(
    record,
    useHistoryQuery(piece.id).data ?? [],
    shown,
    units,
    times.clock,
  );
  return (
    <Paper
      back={{
        label: 'Back to the history',
        onPress: () => router.navigate(`/pieces/${piece.id}/history`),
      }}
    >
      <PrintedLine bold size={26} level={1}>
        {ticketNumber(number)} · {piece.name}: history
      </PrintedLine>
      <PrintedLine colour={INK.ink2}>
        {yearsInWords(piece)}. {lines.length} entries, the newest first. Printed{' '}
        {times.clock.dayAndTime(shopNow())}.
      </PrintedLine>
      {lines.map(({ id, words, origin, revoked: takenBack, idle }) => (
        <View
          key={id}
          {...KEPT}
          style={{ borderTopWidth: 1, borderTopColor: INK.line, paddingTop: 4 }}
        >
          <PrintedLine bold={!takenBack} colour={takenBack ? INK.ink2 : INK.ink}>
            {words}
            {takenBack ? ' (taken back)' : ''}
          </PrintedLine>
          <PrintedLine size={13} colour={INK.ink2}>
            {origin}
            {idle ? `. Without effect: ${idle}` : ''}
          </PrintedLine>
        </View>
      ))}
    </Paper>
  );
};
