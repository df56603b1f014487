import { settingBack, type PieceLedger } from '@obrik/core/ledger';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { useHistoryQuery } from '@/api/api';
import { useChanges, useShop } from '@/api/usePiece';
import { useTimes } from '@/features/shared/useTimes';
import {
  Body,
  Heading,
  Loading,
  OpenRow,
  Options,
  PlainButton,
  Screen,
  Small,
  Strong,
  Tag,
  Columns,
} from '@/ui/controls';
import { usePalette } from '@/ui/theme';
import { historyLines, type HistoryLine, type HistoryFilter } from './historyLines';

const GROUPS: readonly { readonly value: HistoryFilter; readonly title: string }[] = [
  { value: 'all', title: 'All' },
  { value: 'done', title: 'Work done' },
  { value: 'looks', title: 'Looks' },
  { value: 'damages', title: 'Damages' },
  { value: 'aims', title: 'Aims' },
  { value: 'fittings', title: 'Fittings' },
  { value: 'money', title: 'Money' },
  { value: 'description', title: 'Description' },
];

interface LineProps {
  readonly line: HistoryLine;
  /** Sets the surface back to before this entry. */
  readonly onSetBack: (surface: { readonly id: string; readonly name: string }) => void;
}

const Line = ({
  line: { words, origin, revoked: takenBack, idle, surface },
  onSetBack,
}: LineProps) => {
  const palette = usePalette();
  const [open, setOpen] = useState(false);
  const canSetBack = surface !== undefined && !takenBack && idle === undefined;
  return (
    <View
      role="listitem"
      style={{ borderTopWidth: 1, borderTopColor: palette.line, paddingVertical: 8, gap: 4 }}
    >
      {canSetBack ? (
        <OpenRow label={words} expanded={open} onPress={() => setOpen(!open)}>
          <Strong>{words}</Strong>
          <Small>{origin}</Small>
        </OpenRow>
      ) : (
        <>
          {takenBack ? <Body>{words}</Body> : <Strong>{words}</Strong>}
          <Small>{origin}</Small>
        </>
      )}
      {takenBack ? <Tag text="taken back" tone="slate" /> : null}
      {idle ? <Small>Without effect: {idle}</Small> : null}
      {open && canSetBack ? (
        <View style={{ alignItems: 'flex-start' }}>
          <PlainButton
            title={`${surface.name} as before this`}
            label={`Set ${surface.name} back to before: ${words}`}
            onPress={() => onSetBack(surface)}
          />
        </View>
      ) : null}
    </View>
  );
};

/** Who put what on record, when and where; a surface can be set back to an earlier state. */
export const HistoryScreen = ({ record }: { readonly record: PieceLedger }) => {
  const times = useTimes();
  const { piece } = record;
  const router = useRouter();
  const { units } = useShop();
  const put = useChanges();
  const { data } = useHistoryQuery(piece.id);
  const [shown, setShown] = useState<HistoryFilter>('all');
  if (!data) {
    return (
      <Screen>
        <Loading what="the history" />
      </Screen>
    );
  }
  const lines = historyLines(record, data, shown, units, times.clock);
  return (
    <Screen
      foot={
        <PlainButton
          title="Print this"
          onPress={() => router.navigate(`/pieces/${piece.id}/history-sheet?shown=${shown}`)}
        />
      }
    >
      <Heading>History</Heading>
      <Options label="Show" options={GROUPS} chosen={shown} onChoose={setShown} />
      {lines.length === 0 ? <Body>Nothing of this kind is on record.</Body> : null}
      <View role="list">
        <Columns>
          {lines.map((line) => (
            <Line
              key={line.id}
              line={line}
              onSetBack={({ id, name }) =>
                void put(piece.id, settingBack(data, id, line.id), `${name} is as it was before.`)
              }
            />
          ))}
        </Columns>
      </View>
    </Screen>
  );
};
