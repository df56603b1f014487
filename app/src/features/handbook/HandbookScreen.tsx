import {
  CHAPTERS,
  HANDBOOK,
  searchHandbook,
  type Chapter,
  type HandbookEntry,
} from '@obrik/core/handbook';
import { counted } from '@obrik/core/words';
import { Input } from '@rneui/themed';
import { useLocalSearchParams } from 'expo-router';
import { useMemo, useState } from 'react';
import { View } from 'react-native';
import { useShop } from '@/api/usePiece';
import {
  Body,
  Card,
  Caution,
  Empty,
  Heading,
  Label,
  OpenRow,
  Options,
  Screen,
  Small,
  Strong,
  Subheading,
  TwoPanes,
  useWide,
} from '@/ui/controls';

const TITLES: Readonly<Record<Chapter, string>> = {
  tests: 'Tests',
  materials: 'Materials',
  damages: 'Damages',
  grits: 'Grits',
  ways: 'Ways to strip',
};

/** How many entries are drawn at once: the list is long, the phone is slow. */
const SHOWN = 40;

/** What an entry says: what it is, how to tell, how it is done, what goes wrong. */
const EntryText = ({ entry }: { readonly entry: HandbookEntry }) => (
  <View style={{ gap: 8, paddingBottom: 10 }}>
    {entry.sections.map((it) => (
      <View key={it.title} style={{ gap: 2 }}>
        <Label>{it.title}</Label>
        {it.lines.map((line) => (
          <Body key={line}>{line}</Body>
        ))}
      </View>
    ))}
    {entry.cautions.length > 0 ? (
      <Caution
        text={[...new Set(entry.cautions)].join(' · ')}
        lastWord="Label and safety data sheet have the last word."
      />
    ) : null}
    <Small>{entry.source}</Small>
  </View>
);

interface EntryCardProps {
  readonly entry: HandbookEntry;
  readonly open: boolean;
  readonly onPress: () => void;
  /** The text stands below the title; where there is room it stands beside the list. */
  readonly below: boolean;
}

const EntryCard = ({ entry, open, onPress, below }: EntryCardProps) => (
  <Card
    {...(open && !below ? { edge: 'amber' as const } : {})}
    style={{ paddingVertical: 4, ...(below ? {} : { flexGrow: 1, flexBasis: 240 }) }}
  >
    <OpenRow
      label={`${entry.title}: ${entry.summary}`}
      expanded={open}
      onPress={onPress}
      style={{ paddingVertical: 6 }}
    >
      <Strong>{entry.title}</Strong>
      <Small>{entry.summary}</Small>
    </OpenRow>
    {open && below ? <EntryText entry={entry} /> : null}
  </Card>
);

/** The trade to look up: tests, materials, damages, grits, ways; each with where it comes from. */
export const HandbookScreen = () => {
  const { entry: wanted } = useLocalSearchParams<{ entry?: string }>();
  const wide = useWide();
  const [openId, setOpenId] = useState(wanted);
  const { units } = useShop();
  const [asked, setAsked] = useState(() => HANDBOOK.find((it) => it.id === wanted)?.title ?? '');
  const [chapter, setChapter] = useState<Chapter | 'all'>('all');
  const found = useMemo(
    () => searchHandbook(asked, chapter === 'all' ? undefined : chapter, units),
    [asked, chapter, units],
  );
  const shown = found.slice(0, SHOWN);
  const entry = found.find((it) => it.id === openId) ?? (wide ? shown[0] : undefined);
  const head = (
    <>
      <Heading>Handbook</Heading>
      <Input
        label="Look up"
        aria-label="Look up"
        placeholder="white ring, smells of smoke, wobbly"
        value={asked}
        onChangeText={setAsked}
        renderErrorMessage={false}
        inputMode="search"
      />
      <Options
        label="Chapter"
        options={[
          { value: 'all', title: 'All' },
          ...CHAPTERS.map((value) => ({ value, title: TITLES[value] })),
        ]}
        chosen={chapter}
        onChoose={setChapter}
      />
      <View role="status">
        <Small>
          {counted(found.length, 'entry', 'entries')}
          {found.length > SHOWN ? `, the first ${SHOWN} shown; add a word to find fewer` : ''}
        </Small>
      </View>
      {found.length === 0 ? (
        <Empty title="Nothing found" text="Try one word less, or another chapter." />
      ) : null}
    </>
  );
  const list = shown.map((it) => (
    <EntryCard
      key={it.id}
      entry={it}
      open={it.id === entry?.id}
      below={!wide}
      onPress={() => setOpenId(it.id === openId ? undefined : it.id)}
    />
  ));
  if (!wide) {
    return (
      <Screen>
        {head}
        {list}
      </Screen>
    );
  }
  return (
    <TwoPanes
      left={
        <>
          {head}
          <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>{list}</View>
        </>
      }
      right={
        entry ? (
          <Card style={{ gap: 8 }}>
            <Subheading>{entry.title}</Subheading>
            <Body>{entry.summary}</Body>
            <EntryText entry={entry} />
          </Card>
        ) : null
      }
    />
  );
};
