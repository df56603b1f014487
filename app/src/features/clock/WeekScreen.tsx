import { ticketNumber } from '@obrik/core/ticket';
import { showDuration } from '@obrik/core/units';
import { CLOCK_WORDS } from '@obrik/core/words';
import { addDays } from 'date-fns/addDays';
import { startOfDay } from 'date-fns/startOfDay';
import { useRouter } from 'expo-router';
import { useMemo, useState } from 'react';
import { View } from 'react-native';
import { becauseInWords, type ClockView, type Objective } from '@obrik/core/schedule';
import { useKeys } from '@/features/shared/useKeys';
import {
  Body,
  Card,
  Columns,
  Heading,
  Loading,
  MainButton,
  Options,
  PlainButton,
  Screen,
  Small,
  Strong,
  TitleRow,
  useWide,
} from '@/ui/controls';
import { ClockLanes } from '@/ui/drawings';
import { useClock } from '@/workers/useClock';
import { BY, keyOf, lanesOf, type By } from './lanes';
import { stepAddress } from './step';
import { dayOf, timeOf } from './times';
import { WhatIfs } from './WhatIfs';

const DAY = 24 * 60;
/** How much of the plan is seen at once, days. */
const ZOOMS = [1, 2, 4, 7, 14, 28] as const;
/** A step is put off by so much, minutes. */
const PUSH = 60;
const MS = 60_000;

const OBJECTIVES_IN_WORDS: readonly { readonly value: Objective; readonly title: string }[] = [
  { value: 'finish', title: 'Done soonest' },
  { value: 'due', title: 'Promises first' },
  { value: 'sessions', title: 'Few evenings' },
  { value: 'even', title: 'Even load' },
];

const midnight = (minute: number, days = 0): number =>
  addDays(startOfDay(new Date(minute * MS)), days).getTime() / MS;

/** What another plan moves, piece by piece. */
const pushed = (before: ClockView, after: ClockView): readonly string[] =>
  after.timetable.done.flatMap(({ pieceId, at }) => {
    const old = before.timetable.done.find((it) => it.pieceId === pieceId)?.at ?? null;
    const name = after.timetable.entries.find((it) => it.pieceId === pieceId)?.name ?? '';
    if (at === null || old === null || Math.abs(at - old) < 30) return [];
    return [
      `${name}: ${dayOf(old)} becomes ${dayOf(at)} (${at > old ? '+' : '−'}${showDuration(Math.abs(at - old))})`,
    ];
  });

/** The week of the shop: lanes by piece, person or place, with what each step waits for. */
export const WeekScreen = () => {
  const router = useRouter();
  const wide = useWide();
  const [by, setBy] = useState<By>('piece');
  const [objective, setObjective] = useState<Objective>('finish');
  const [held, setHeld] = useState<ReadonlyMap<string, number>>(new Map());
  const { view, atWork, pieces, shop, now, busy } = useClock(objective, held);
  const [zoom, setZoom] = useState(wide ? 2 : 0);
  const [day, setDay] = useState(0);
  const [chosenKey, setChosen] = useState<string>();
  const [before, setBefore] = useState<ClockView>();
  const numberOf = useMemo(() => {
    const numbers = new Map(atWork?.map((it) => [it.piece.id, ticketNumber(it.number)]));
    return (id: string) => numbers.get(id) ?? '';
  }, [atWork]);
  const entries = view?.timetable.entries ?? [];
  // What is under way stays where it is: the first that can still be moved is looked at.
  const first = entries.find((it) => !it.running) ?? entries[0];
  const chosen = entries.find((it) => keyOf(it) === chosenKey) ?? first;
  const move = (minutes: number) => {
    if (!chosen || chosen.running || !view) return;
    if (!before) setBefore(view);
    const next = new Map(held);
    const at = chosen.start + minutes;
    if (at <= now) next.delete(keyOf(chosen));
    else next.set(keyOf(chosen), at);
    setChosen(keyOf(chosen));
    setHeld(next);
  };
  const step = (by: 1 | -1) =>
    // Pressed again before it is drawn, it goes on from where it is by then.
    setChosen((key) => {
      const at = entries.findIndex((it) => keyOf(it) === (key ?? (first && keyOf(first))));
      const next = entries[Math.max(0, Math.min(entries.length - 1, at + by))];
      return next ? keyOf(next) : key;
    });
  useKeys(
    {
      ArrowRight: () => move(PUSH),
      ArrowLeft: () => move(-PUSH),
      ArrowDown: () => step(1),
      ArrowUp: () => step(-1),
      '+': () => setZoom(Math.max(0, zoom - 1)),
      '-': () => setZoom(Math.min(ZOOMS.length - 1, zoom + 1)),
    },
    'Up and down choose a step, left and right put it an hour earlier or later, + and − zoom.',
  );
  if (!view || !pieces) {
    return (
      <Screen>
        <Heading>The week</Heading>
        <Loading what="the plan" />
      </Screen>
    );
  }
  const shown = ZOOMS[zoom] ?? 7;
  const from = day === 0 && shown === 1 ? midnight(now) : midnight(now, day);
  const to = midnight(now, day + shown);
  const days = Array.from({ length: shown }, (_, index) => {
    const at = midnight(now, day + index);
    return { at, text: shown > 7 && index % 2 === 1 ? '' : dayOf(at).replace(/ \w+$/, '') };
  });
  const moves = before && held.size > 0 ? pushed(before, view) : [];
  return (
    <Screen>
      <Heading>The week</Heading>
      <View style={wide ? { flexDirection: 'row', justifyContent: 'space-between' } : { gap: 8 }}>
        <Options label="Lay out" options={BY} chosen={by} onChoose={setBy} />
        <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
          <PlainButton
            title="−"
            label="Show more days"
            disabled={zoom === ZOOMS.length - 1}
            onPress={() => setZoom(zoom + 1)}
          />
          <PlainButton
            title="+"
            label="Show fewer days"
            disabled={zoom === 0}
            onPress={() => setZoom(zoom - 1)}
          />
          <PlainButton
            title="‹"
            label="Earlier days"
            disabled={day <= 0}
            onPress={() => setDay(Math.max(0, day - shown))}
          />
          <PlainButton title="›" label="Later days" onPress={() => setDay(day + shown)} />
        </View>
      </View>
      <ClockLanes
        lanes={lanesOf(view, shop, by, numberOf)}
        from={from}
        to={to}
        now={now}
        open={view.open}
        unfit={view.airs[0]?.unfit ?? []}
        days={days}
        chosen={chosen ? keyOf(chosen) : undefined}
        onChoose={setChosen}
        wide={wide}
      />
      {(view.airs[0]?.unfit.length ?? 0) > 0 ? (
        <Small>Red over the days: air that bears no usual coat.</Small>
      ) : null}
      <Columns count={3}>
        {chosen ? (
          <Card style={{ gap: 6 }} edge="amber">
            <TitleRow
              title={chosen.operation.title}
              figure={`${timeOf(chosen.start, now)}, ${showDuration(chosen.minutes)}`}
            />
            <Small>
              {numberOf(chosen.pieceId)} {chosen.name}
            </Small>
            <Body>{becauseInWords(chosen.because)}</Body>
            {chosen.scuff > 0 ? <Body>{CLOCK_WORDS.scuff(showDuration(chosen.scuff))}</Body> : null}
            <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
              <MainButton
                title="Open it"
                label={`Open ${chosen.operation.title}, ${chosen.name}`}
                onPress={() => router.navigate(stepAddress(chosen.pieceId, chosen.operation.id))}
              />
              <PlainButton
                title="An hour later"
                disabled={chosen.running}
                onPress={() => move(PUSH)}
              />
              <PlainButton
                title="A day later"
                disabled={chosen.running}
                onPress={() => move(DAY)}
              />
            </View>
            {held.size > 0 ? (
              <>
                <Strong>{moves.length === 0 ? 'That pushes nothing.' : 'That moves:'}</Strong>
                {moves.map((it) => (
                  <Body key={it}>{it}</Body>
                ))}
                <PlainButton
                  title="Back to the plan"
                  onPress={() => {
                    setBefore(undefined);
                    setHeld(new Map());
                  }}
                />
              </>
            ) : null}
          </Card>
        ) : null}
        <WhatIfs pieces={pieces} shop={shop} now={now} />
        <Card style={{ gap: 8 }}>
          <Strong>How good is this plan?</Strong>
          <Body>
            {view.timetable.without.length > 0
              ? `${view.timetable.without.length} steps find no time in these hours and this air.`
              : `All by ${dayOf(view.finish)}, in ${view.sessions} sessions.`}{' '}
            {CLOCK_WORDS.quality({ gap: view.gap, bound: dayOf(view.bound), from: view.boundFrom })}
          </Body>
          {busy ? <Small>Looking for a better order …</Small> : null}
          <Options
            label="What it is planned for"
            options={OBJECTIVES_IN_WORDS}
            chosen={objective}
            onChoose={setObjective}
          />
        </Card>
      </Columns>
    </Screen>
  );
};
