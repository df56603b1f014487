import type { PieceRecord } from '@obrik/core/piece';
import { becauseInWords, stalledInWords, type TimetableEntry } from '@obrik/core/schedule';
import { showDuration } from '@obrik/core/units';
import { CLOCK_WORDS } from '@obrik/core/words';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { useTimes } from '@/features/shared/useTimes';
import {
  Body,
  Card,
  Empty,
  Figure,
  Heading,
  Label,
  Loading,
  MainButton,
  OpenRow,
  Screen,
  Small,
  Strong,
  Tag,
} from '@/ui/controls';
import { WaitStrip } from '@/ui/drawings';
import { usePalette } from '@/ui/theme';
import { useClock } from '@/workers/useClock';
import { AirHelpCard } from './AirHelpCard';
import { DryingCard } from './DryingCard';
import { DueDay } from './DueDay';
import { benchAddress } from './step';
import { WhatIfs } from './WhatIfs';

/** One step at its time; what it waits for is one tap away. */
const Block = ({ it, now }: { readonly it: TimetableEntry; readonly now: number }) => {
  const times = useTimes();
  const palette = usePalette();
  const [open, setOpen] = useState(false);
  const { opens, closes, end } = it;
  return (
    <View role="listitem" style={{ flexDirection: 'row', gap: 10 }}>
      <Figure style={{ width: 50, color: palette.ink2, paddingTop: 14 }}>
        {times.clockOf(it.start)}
      </Figure>
      <View style={{ flex: 1, gap: 4 }}>
        <Card edge={it.running ? 'amber' : undefined} style={{ paddingVertical: 4 }}>
          <OpenRow
            label={`${times.clockOf(it.start)}: ${it.operation.title}, ${showDuration(it.minutes)}`}
            expanded={open}
            onPress={() => setOpen(!open)}
          >
            <Strong>{it.operation.title}</Strong>
            <Small>
              {showDuration(it.minutes)}
              {it.worked.length > 1 ? `, in ${it.worked.length} sittings` : ''}
              {it.neverDries
                ? ' · never dries in this air'
                : opens === null || closes !== null
                  ? ''
                  : ` · then dry by ${times.timeOf(opens, end)}`}
            </Small>
          </OpenRow>
          {it.scuff > 0 ? (
            <Tag text={CLOCK_WORDS.scuff(showDuration(it.scuff))} tone="amber" />
          ) : null}
          {open ? <Body>{becauseInWords(it.because)}</Body> : null}
        </Card>
        {opens !== null && closes !== null && closes > opens ? (
          <WaitStrip
            from={end}
            opens={opens}
            closes={closes}
            now={Math.max(now, end)}
            marks={[
              { at: opens, text: `${times.timeOf(opens, end)} recoat` },
              { at: closes, text: `${times.timeOf(closes, end)} scuff` },
            ]}
            inWords={`Recoat from ${times.timeOf(opens, now)} to ${times.timeOf(closes, now)}.`}
          />
        ) : null}
      </View>
    </View>
  );
};

/** Clock: when each step of a piece can be done, and when the piece is done. */
export const ClockScreen = ({ record }: { readonly record: PieceRecord }) => {
  const times = useTimes();
  const { piece } = record;
  const router = useRouter();
  const { view, isFresh, pieces, shop, now, busy } = useClock();
  if (!view || !pieces || !isFresh) {
    return (
      <Screen>
        <Loading what="the clock" />
      </Screen>
    );
  }
  const own = view.timetable.entries.filter((it) => it.pieceId === piece.id);
  const stalled = view.timetable.stalled.filter((it) => it.pieceId === piece.id);
  const promised = view.promised.find((it) => it.pieceId === piece.id);
  const drying = view.drying.filter((it) => it.pieceId === piece.id);
  if (own.length === 0 && stalled.length === 0) {
    return (
      <Screen narrow>
        {drying.map((it) => (
          <DryingCard key={`${it.title}-${it.from}`} it={it} piece={piece} number="" now={now} />
        ))}
        {piece.done.length > 0 ? (
          <Empty
            alone
            title="Every step is done"
            text="Nothing is left to schedule."
            action={{
              title: 'Last look',
              onPress: () => router.navigate(`/pieces/${piece.id}/last-look`),
            }}
          />
        ) : (
          <Empty
            alone
            title="Nothing to plan"
            text="As soon as there is a route, each step gets its time here."
            action={{
              title: 'Choose finishes',
              onPress: () => router.navigate(`/pieces/${piece.id}/aim`),
            }}
          />
        )}
      </Screen>
    );
  }
  const days = [...new Set(own.map((it) => times.dayKey(it.start)))];
  const [first] = own;
  const done = view.timetable.done.find((it) => it.pieceId === piece.id)?.at ?? null;
  return (
    <Screen
      foot={
        first ? (
          <MainButton
            title={`${first.running ? 'At the bench' : 'Next'}: ${first.operation.title}`}
            onPress={() => router.navigate(benchAddress(piece.id, first.operation.id))}
          />
        ) : null
      }
    >
      <View
        style={{ flexDirection: 'row', flexWrap: 'wrap', justifyContent: 'space-between', gap: 8 }}
      >
        <Heading>Clock</Heading>
        <Figure>
          {done === null
            ? 'No finish date'
            : promised && promised.by !== null
              ? `Done ${times.dayOf(promised.by)} · 9 in 10`
              : `Done ${times.dayOf(done)}`}
        </Figure>
      </View>
      <Small>
        {done === null
          ? 'Some steps won’t fit your hours, or the air isn’t right.'
          : `Planned for ${times.dayOf(done)} together with all that is on the bench.`}
        {busy ? ' Improving the schedule …' : ''}
      </Small>
      <AirHelpCard
        piece={piece}
        pieces={pieces}
        shop={shop}
        isHeld={view.held.some((it) => it.pieceId === piece.id)}
      />
      <DueDay piece={piece} chance={promised?.chance ?? null} />
      {drying.map((it) => (
        <DryingCard key={`${it.title}-${it.from}`} it={it} piece={piece} number="" now={now} />
      ))}
      {days.map((day) => {
        const some = own.filter((it) => times.dayKey(it.start) === day);
        return (
          <View key={day} style={{ gap: 8 }}>
            <Label heading>{times.dayOf(some[0]?.start ?? now)}</Label>
            <View role="list" style={{ gap: 8 }}>
              {some.map((it) => (
                <Block key={it.operation.id} it={it} now={now} />
              ))}
            </View>
          </View>
        );
      })}
      {stalled.length > 0 ? (
        <Card edge="vermilion" style={{ gap: 4 }}>
          <Strong>Can’t be scheduled</Strong>
          {stalled.map((it) => (
            <View key={it.operation.id}>
              <Body>{it.operation.title}</Body>
              <Small>{stalledInWords(it.by)}</Small>
            </View>
          ))}
          <Small>Warm the shop or add working hours under Settings.</Small>
        </Card>
      ) : null}
      <WhatIfs pieces={pieces} shop={shop} now={now} />
    </Screen>
  );
};
