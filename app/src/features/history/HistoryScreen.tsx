import { inspectionTest } from '@obrik/core/catalog';
import {
  groupOf,
  settingBack,
  surfaceOf,
  takenBackIn,
  type HistoryGroup,
  type LedgerEntry,
  type PieceLedger,
} from '@obrik/core/ledger';
import { surfaceNames } from '@obrik/core/piece';
import { format } from 'date-fns/format';
import { useState } from 'react';
import { View } from 'react-native';
import { useHistoryQuery } from '@/api/api';
import { useDeeds, useShop } from '@/api/usePiece';
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
} from '@/ui/controls';
import { usePalette } from '@/ui/theme';
import { deedInWords } from './deedInWords';

const GROUPS: readonly { readonly value: HistoryGroup | 'all'; readonly title: string }[] = [
  { value: 'all', title: 'All' },
  { value: 'looks', title: 'Looks' },
  { value: 'damages', title: 'Damages' },
  { value: 'aims', title: 'Aims' },
  { value: 'fittings', title: 'Fittings' },
  { value: 'description', title: 'Description' },
];

/** "12 Nov, 19:40 · Runa · device 3fK9" */
const originOf = (it: LedgerEntry): string =>
  [
    format(new Date(it.at), 'd MMM yyyy, HH:mm'),
    it.by,
    `device ${it.device.slice(0, 4)}`,
    it.seq === null ? 'not yet at the shop' : '',
  ]
    .filter(Boolean)
    .join(' · ');

interface LineProps {
  readonly entry: LedgerEntry;
  readonly words: string;
  readonly takenBack: boolean;
  readonly idle: string | undefined;
  readonly onRestore: (() => void) | undefined;
  readonly surface: string | undefined;
}

const Line = ({ entry, words, takenBack, idle, onRestore, surface }: LineProps) => {
  const palette = usePalette();
  const [open, setOpen] = useState(false);
  return (
    <View
      role="listitem"
      style={{ borderTopWidth: 1, borderTopColor: palette.line, paddingVertical: 8, gap: 4 }}
    >
      {onRestore ? (
        <OpenRow label={words} expanded={open} onPress={() => setOpen(!open)}>
          <Strong>{words}</Strong>
          <Small>{originOf(entry)}</Small>
        </OpenRow>
      ) : (
        <>
          {takenBack ? <Body>{words}</Body> : <Strong>{words}</Strong>}
          <Small>{originOf(entry)}</Small>
        </>
      )}
      {takenBack ? <Tag text="taken back" tone="slate" /> : null}
      {idle ? <Small>Without effect: {idle}</Small> : null}
      {open && onRestore && surface ? (
        <View {...{ dataSet: { print: 'no' } }} style={{ alignItems: 'flex-start' }}>
          <PlainButton
            title={`${surface} as before this`}
            label={`Set ${surface} back to before: ${words}`}
            onPress={onRestore}
          />
        </View>
      ) : null}
    </View>
  );
};

/** Who put what on record, when and where; a surface can be set back to an earlier state. */
export const HistoryScreen = ({ record }: { readonly record: PieceLedger }) => {
  const { piece } = record;
  const { units } = useShop();
  const put = useDeeds();
  const { data } = useHistoryQuery(piece.id);
  const [group, setGroup] = useState<HistoryGroup | 'all'>('all');
  if (!data) {
    return (
      <Screen>
        <Loading what="the history" />
      </Screen>
    );
  }
  const surfaceName = surfaceNames(piece);
  const gone = takenBackIn(data);
  const idle = new Map(record.withoutEffect.map((it) => [it.entryId, it.problems[0]?.message]));
  const shown = data.filter((it) => group === 'all' || groupOf(it.deed) === group).reverse();
  const wordsOf = (it: LedgerEntry) =>
    it.deed.kind === 'observe' && !inspectionTest(it.deed.observation.testId)
      ? it.deed.observation.testId
      : deedInWords(it.deed, { units, surfaceName });
  return (
    <Screen narrow foot={<PlainButton title="Print this" onPress={() => globalThis.print()} />}>
      <Heading>History</Heading>
      <View {...{ dataSet: { print: 'no' } }}>
        <Options label="Show" options={GROUPS} chosen={group} onChoose={setGroup} />
      </View>
      <View role="list">
        {shown.map((it) => {
          const surfaceId = surfaceOf(it.deed);
          const surface = surfaceId === undefined ? undefined : surfaceName(surfaceId);
          const counts = !gone.has(it.id) && !idle.has(it.id);
          return (
            <Line
              key={it.id}
              entry={it}
              words={wordsOf(it)}
              takenBack={gone.has(it.id)}
              idle={idle.get(it.id)}
              surface={surface}
              onRestore={
                surfaceId !== undefined && counts
                  ? () =>
                      void put(
                        piece.id,
                        settingBack(data, surfaceId, it.id),
                        `${surface} is as it was before.`,
                      )
                  : undefined
              }
            />
          );
        })}
      </View>
    </Screen>
  );
};
