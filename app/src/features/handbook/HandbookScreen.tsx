import { CHAPTERS, searchHandbook, type Chapter, type Entry } from '@obrik/core/handbook';
import { Input } from '@rneui/themed';
import { useMemo, useState } from 'react';
import { View } from 'react-native';
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

const EntryCard = ({ entry }: { readonly entry: Entry }) => {
  const [open, setOpen] = useState(false);
  return (
    <Card style={{ paddingVertical: 4 }}>
      <OpenRow
        label={`${entry.title}: ${entry.summary}`}
        expanded={open}
        onPress={() => setOpen(!open)}
        style={{ paddingVertical: 6 }}
      >
        <Strong>{entry.title}</Strong>
        <Small>{entry.summary}</Small>
      </OpenRow>
      {open ? (
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
      ) : null}
    </Card>
  );
};

/** The trade to look up: tests, materials, damages, grits, ways; each with where it comes from. */
export const HandbookScreen = () => {
  const [asked, setAsked] = useState('');
  const [chapter, setChapter] = useState<Chapter | 'all'>('all');
  const found = useMemo(
    () => searchHandbook(asked, chapter === 'all' ? undefined : chapter),
    [asked, chapter],
  );
  return (
    <Screen narrow>
      <Heading>Handbook</Heading>
      <Input
        label="Look up"
        aria-label="Look up"
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
          {found.length} {found.length === 1 ? 'entry' : 'entries'}
          {found.length > SHOWN ? `, the first ${SHOWN} shown; narrow it down with a word` : ''}
        </Small>
      </View>
      {found.length === 0 ? (
        <Empty title="Nothing found" text="Try one word less, or another chapter." />
      ) : null}
      {found.slice(0, SHOWN).map((it) => (
        <EntryCard key={it.id} entry={it} />
      ))}
    </Screen>
  );
};
