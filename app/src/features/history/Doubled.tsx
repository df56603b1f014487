import { MINUTE_MS } from '@obrik/core/units';
import type { Doubled as Twice, PieceLedger } from '@obrik/core/ledger';
import { useDispatch } from 'react-redux';
import { View } from 'react-native';
import { useTimes } from '@/features/shared/useTimes';
import { sideInWords } from './Conflicts';
import { draftTyped, useDraft } from '@/state/draft';
import { Body, Card, PlainButton, Strong } from '@/ui/controls';
import { useMinute } from '@/workers/useMinute';

const keyOf = (it: Twice): string => `${it.entryId}/${it.title}`;

/** Work that two people put on record while apart: whose counts, until somebody has read it here. */
export const Doubled = ({ record }: { readonly record: PieceLedger }) => {
  const times = useTimes();
  const dispatch = useDispatch();
  const now = useMinute();
  const form = `doubled/${record.piece.id}`;
  const stored = useDraft(form);
  const read = Array.isArray(stored) ? (stored as readonly string[]) : [];
  const fresh = record.doubled.filter((it) => !read.includes(keyOf(it)));
  if (fresh.length === 0) return null;
  const said = (it: Twice['counts']): string =>
    `${sideInWords(it)}, ${times.timeOf(Date.parse(it.at) / MINUTE_MS, now)}`;
  return (
    <View style={{ padding: 12, paddingBottom: 0 }}>
      <Card edge="amber" style={{ gap: 8 }}>
        <View role="alert" style={{ gap: 4 }}>
          <Strong>Recorded twice, counted once</Strong>
          {fresh.map((it) => (
            <Body key={keyOf(it)}>
              {it.title}: {said(it.counts)} counts. {said(it.notCounted)} doesn’t.
            </Body>
          ))}
        </View>
        <PlainButton
          title="Got it"
          onPress={() => dispatch(draftTyped({ form, values: [...read, ...fresh.map(keyOf)] }))}
        />
      </Card>
    </View>
  );
};
