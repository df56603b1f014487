import type { PieceRecord } from '@obrik/core/piece';
import { useRouter } from 'expo-router';
import Printer from 'lucide-react-native/icons/printer';
import { View } from 'react-native';
import { useKeepRouteMutation, useKeptRoutesQuery } from '@/api/api';
import { failureOf } from '@/api/failure';
import { useTimes } from '@/features/shared/useTimes';
import { noticed } from '@/state/notice';
import { useAppDispatch } from '@/state/store';
import { MainButton, PlainButton, Small } from '@/ui/controls';
import { usePalette } from '@/ui/theme';

/** Keeps the route as it stands, so that later changes can be told from it; and prints it. */
export const KeepRoute = ({ record }: { readonly record: PieceRecord }) => {
  const times = useTimes();
  const palette = usePalette();
  const router = useRouter();
  const dispatch = useAppDispatch();
  const { piece, revision } = record;
  const { data: kept } = useKeptRoutesQuery(piece.id);
  const [keep, { isLoading }] = useKeepRouteMutation();
  const newest = kept?.[0];
  const isCurrent = newest?.pieceRevision === revision;
  const press = async () => {
    const result = await keep({ pieceId: piece.id, revision });
    dispatch(
      noticed(
        result.error
          ? { text: failureOf(result.error).text, tone: 'vermilion' }
          : { text: 'Route saved.', tone: 'plain' },
      ),
    );
  };
  return (
    <View style={{ gap: 8 }}>
      {newest ? (
        <Small>
          Kept on {times.clock.dayAndTime(new Date(newest.plannedAt))}
          {isCurrent ? '; nothing has changed since.' : '; the piece has changed since.'}
        </Small>
      ) : null}
      <View style={{ flexDirection: 'row', gap: 8 }}>
        <MainButton
          style={{ flex: 1 }}
          title={isCurrent ? 'Route saved' : 'Save this route'}
          disabled={isCurrent}
          busy={isLoading}
          onPress={() => void press()}
        />
        <PlainButton
          title="Print"
          label="Print the route card"
          icon={<Printer size={20} color={palette.ink} style={{ marginRight: 8 }} aria-hidden />}
          onPress={() => router.navigate(`/pieces/${piece.id}/print`)}
        />
      </View>
    </View>
  );
};
