import { ticketNumber } from '@obrik/core/ticket';
import { useMemo, useState } from 'react';
import { View } from 'react-native';
import type { Objective } from '@obrik/core/schedule';
import { useKeys } from '@/features/shared/useKeys';
import { useTimes } from '@/features/shared/useTimes';
import {
  Body,
  Card,
  Columns,
  Heading,
  Loading,
  Options,
  PlainButton,
  Screen,
  Small,
  Strong,
  useWide,
} from '@/ui/controls';
import { ClockLanes } from '@/ui/drawings';
import { useClock } from '@/workers/useClock';
import { ChosenStep } from './ChosenStep';
import { HowGood } from './HowGood';
import { BY, stepKeyOf, lanesOf, type By } from './lanes';
import { useHeld, useTryOut } from './useTryOut';
import { WhatIfs } from './WhatIfs';

/** How much of the plan is seen at once, days. */
const ZOOMS = [1, 2, 4, 7, 14, 28] as const;
/** A step is put off by so much, minutes. */
const PUSH = 60;

const OBJECTIVES_IN_WORDS: readonly { readonly value: Objective; readonly title: string }[] = [
  { value: 'finish', title: 'Done soonest' },
  { value: 'due', title: 'Promises first' },
  { value: 'sessions', title: 'Few evenings' },
  { value: 'even', title: 'Even load' },
];

/** The week of the shop: lanes by piece, person or place, with what each step waits for. */
export const WeekScreen = () => {
  const times = useTimes();
  const wide = useWide();
  const [by, setBy] = useState<By>('piece');
  const [objective, setObjective] = useState<Objective>('finish');
  const moved = useHeld();
  const { view, isFresh, atWork, pieces, shop, now, busy, tried, stop } = useClock(
    objective,
    moved.held,
  );
  const tryOut = useTryOut(moved, view, now);
  const [zoom, setZoom] = useState(wide ? 2 : 0);
  const [day, setDay] = useState(0);
  const [chosenKey, setChosen] = useState<string>();
  const numberOf = useMemo(() => {
    const numbers = new Map(atWork?.map((it) => [it.piece.id, ticketNumber(it.number)]));
    return (id: string) => numbers.get(id) ?? '';
  }, [atWork]);
  const entries = view?.timetable.entries ?? [];
  // What is under way stays where it is: the first that can still be moved is looked at.
  const first = entries.find((it) => !it.running) ?? entries[0];
  const chosen = entries.find((it) => stepKeyOf(it) === chosenKey) ?? first;
  const move = (minutes: number) => {
    if (!chosen) return;
    setChosen(stepKeyOf(chosen));
    tryOut.move(chosen, minutes);
  };
  const zoomBy = (by: 1 | -1) => setZoom((it) => Math.max(0, Math.min(ZOOMS.length - 1, it + by)));
  const step = (by: 1 | -1) =>
    // Pressed again before it is drawn, it goes on from where it is by then.
    setChosen((key) => {
      const at = entries.findIndex((it) => stepKeyOf(it) === (key ?? (first && stepKeyOf(first))));
      const next = entries[Math.max(0, Math.min(entries.length - 1, at + by))];
      return next ? stepKeyOf(next) : key;
    });
  useKeys(
    {
      ArrowRight: () => move(PUSH),
      ArrowLeft: () => move(-PUSH),
      ArrowDown: () => step(1),
      ArrowUp: () => step(-1),
      '+': () => zoomBy(-1),
      '-': () => zoomBy(1),
    },
    'Up and down choose a step, left and right put it an hour earlier or later, + and − zoom.',
  );
  if (!view || !pieces || (!isFresh && entries.length === 0)) {
    return (
      <Screen>
        <Heading>The week</Heading>
        <Loading what="the plan" />
      </Screen>
    );
  }
  const shown = ZOOMS[zoom] ?? 7;
  const from = day === 0 && shown === 1 ? times.midnight(now) : times.midnight(now, day);
  const to = times.midnight(now, day + shown);
  const days = Array.from({ length: shown }, (_, index) => {
    const at = times.midnight(now, day + index);
    return { at, text: shown > 7 && index % 2 === 1 ? '' : times.dayOf(at).replace(/ \w+$/, '') };
  });
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
            onPress={() => zoomBy(1)}
          />
          <PlainButton
            title="+"
            label="Show fewer days"
            disabled={zoom === 0}
            onPress={() => zoomBy(-1)}
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
        pace={(view.airs[0]?.paces ?? []).map((it) => ({
          ...it,
          text: it.slower === null ? '–' : `${it.slower.toFixed(1)} ×`,
        }))}
        days={days}
        chosen={chosen ? stepKeyOf(chosen) : undefined}
        onChoose={setChosen}
        onGrab={(keys) => {
          setChosen(keys[0]);
          tryOut.grab(keys);
        }}
        onDrag={tryOut.drag}
        onZoom={zoomBy}
        wide={wide}
      />
      <Small>
        Air of {view.airs[0]?.name}: 2.0 × means that water-based coats take twice as long as the
        tin says; hatched in red, it bears none.
      </Small>
      <Columns count={3}>
        {chosen ? (
          <ChosenStep
            it={chosen}
            piece={pieces.find(({ id }) => id === chosen.pieceId)}
            number={numberOf(chosen.pieceId)}
            view={view}
            now={now}
            tryOut={tryOut}
          />
        ) : null}
        <WhatIfs pieces={pieces} shop={shop} now={now} />
        <Card style={{ gap: 8 }}>
          <Strong>How good is this plan?</Strong>
          {isFresh ? (
            <>
              {view.finish === null ? null : <Body>In {view.sessions} sessions.</Body>}
              <HowGood view={view} busy={false} />
            </>
          ) : (
            <Small>Updating the schedule …</Small>
          )}
          {busy ? (
            <>
              <Small>Improving the schedule … {tried} tried.</Small>
              <PlainButton title="Use this schedule" onPress={stop} />
            </>
          ) : null}
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
