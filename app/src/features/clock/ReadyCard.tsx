import type { Piece } from '@obrik/core/piece';
import type { TimetableEntry, Ready } from '@obrik/core/schedule';
import { showDuration } from '@obrik/core/units';
import { counted } from '@obrik/core/words';
import { useRouter } from 'expo-router';
import { View } from 'react-native';
import { useTimes } from '@/features/shared/useTimes';
import { OpenRow, Small, Tag, Ticket, TitleRow } from '@/ui/controls';
import { shortName } from './times';
import { Mends } from './Mends';
import { PutOnRecord } from './PutOnRecord';
import { stepAddress, underWay } from './step';

interface ReadyCardProps {
  readonly it: Ready;
  readonly piece: Piece;
  readonly number: string;
  readonly now: number;
  /** As the plan has it: whose hands, and where. */
  readonly planned: TimetableEntry | undefined;
  /** The one thing to do first: with its buttons. */
  readonly first: boolean;
}

/** A step that can be begun now; its sheet is one tap away, and putting it on record as well. */
export const ReadyCard = ({ it, piece, number, now, first, planned }: ReadyCardProps) => {
  const times = useTimes();
  const router = useRouter();
  const { operation } = it;
  const running = underWay(piece, operation).size > 0;
  const count = operation.surfaceIds.length;
  return (
    <Ticket number={number} word={shortName(it.name)} edge={first ? 'amber' : undefined}>
      <OpenRow
        label={`Open ${operation.title}, ${it.name}`}
        onPress={() => router.navigate(stepAddress(piece.id, operation.id))}
      >
        <TitleRow title={operation.title} figure={showDuration(it.minutes)} />
        <Small>
          {it.name} · {counted(count, 'place')}
          {operation.materials.length > 0 ? ` · ${operation.materials.slice(0, 2).join(', ')}` : ''}
        </Small>
      </OpenRow>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 6 }}>
        {it.closes === null ? null : (
          <Tag text={`Window closes ${times.timeOf(it.closes, now)}`} tone="amber" />
        )}
        {it.beside ? (
          <Tag text={`Dust: not beside wet ${it.beside.name}`} tone="vermilion" />
        ) : null}
        {it.mends.length > 0 ? <Tag text="Not in this air" tone="vermilion" /> : null}
        {operation.gate ? <Tag text="An answer is needed" tone="slate" /> : null}
        {operation.holds.length > 0 ? (
          <Tag text="Held by an open question" tone="vermilion" />
        ) : null}
        {running && !first ? <Tag text="Under way" tone="moss" /> : null}
      </View>
      <Mends of={it.mends} now={now} />
      {first ? <PutOnRecord piece={piece} step={operation} planned={planned} /> : null}
    </Ticket>
  );
};
