import { ticketNumber } from '@obrik/core/ticket';
import { isAtWork } from '@obrik/core/piece';
import type { DryingNow, TimetableEntry, Ready } from '@obrik/core/schedule';
import { DAY, showDuration } from '@obrik/core/units';
import { CLOCK_WORDS } from '@obrik/core/words';
import { useRouter } from 'expo-router';
import { View } from 'react-native';
import { useTimes } from '@/features/shared/useTimes';
import {
  Columns,
  Empty,
  Failure,
  Heading,
  Label,
  Loading,
  OpenRow,
  PlainButton,
  Screen,
  Small,
  Ticket,
  TitleRow,
} from '@/ui/controls';
import { useClock } from '@/workers/useClock';
import { AirCard } from './AirCard';
import { AirHelpCard } from './AirHelpCard';
import { DryingCard } from './DryingCard';
import { FinishedCard } from './FinishedCard';
import { FirstQuestions } from './FirstQuestions';
import { HowGood } from './HowGood';
import { stepKeyOf } from './lanes';
import { ReadyCard } from './ReadyCard';
import { stepAddress } from './step';
import { shortName } from './times';

/** So many of what can be done now are shown; the rest is on the week. */
const SHOWN = 6;

const Planned = ({
  it,
  number,
  now,
}: {
  readonly it: TimetableEntry;
  readonly number: string;
  readonly now: number;
}) => {
  const times = useTimes();
  const router = useRouter();
  return (
    <Ticket number={number} word={shortName(it.name)}>
      <OpenRow
        label={`Open ${it.operation.title}, ${it.name}`}
        onPress={() => router.navigate(stepAddress(it.pieceId, it.operation.id))}
      >
        <TitleRow title={it.operation.title} figure={times.timeOf(it.start, now)} />
        <Small>
          {it.name} · {showDuration(it.minutes)}
        </Small>
      </OpenRow>
    </Ticket>
  );
};

/** Today: what can be done now, what dries, which windows close, and what comes next. */
export const TodayScreen = () => {
  const times = useTimes();
  const router = useRouter();
  const { view, isFresh, atWork, pieces, shop, now, busy, failed } = useClock();
  if (failed) {
    return (
      <Screen narrow>
        <Failure
          text="The plan for today could not be made. What you recorded is safe; open the screen again."
          onRetry={() => router.replace('/today')}
        />
      </Screen>
    );
  }
  if (!atWork || ((!view || (!isFresh && view.ready.length === 0)) && atWork.length > 0)) {
    return (
      <Screen>
        <Heading>Today</Heading>
        <Loading what="the plan" />
      </Screen>
    );
  }
  if (atWork.length === 0 || !view) {
    return (
      <Screen narrow>
        <Heading>Today</Heading>
        <FirstQuestions shop={shop} />
        <Empty
          title="Nothing on the bench"
          text="Add a piece, look it over, choose its finish: then this says what to do when."
          action={{ title: 'Add a piece', onPress: () => router.navigate('/pieces/new') }}
        />
      </Screen>
    );
  }
  const pieceOf = new Map(atWork.map((it) => [it.piece.id, it]));
  const numberOf = (id: string) => ticketNumber(pieceOf.get(id)?.number ?? null);
  const closing = view.drying.filter(
    ({ opens, closes }) => closes !== null && opens !== null && opens.expected <= now,
  );
  const drying = view.drying.filter((it) => !closing.includes(it));
  const asks = view.ready.filter((it) => it.operation.gate !== null);
  const free = view.ready.filter(
    (it) => it.operation.gate === null && it.operation.holds.length === 0,
  );
  // In the order of the plan: what it does first stands first.
  const turn = new Map(view.timetable.entries.map((it, index) => [stepKeyOf(it), index]));
  const inTurn = [...free].sort(
    (a, b) =>
      Number(a.beside !== null || a.mends.length > 0) -
        Number(b.beside !== null || b.mends.length > 0) ||
      (a.closes ?? Infinity) - (b.closes ?? Infinity) ||
      (turn.get(stepKeyOf(a)) ?? Infinity) - (turn.get(stepKeyOf(b)) ?? Infinity),
  );
  const next = view.timetable.entries.find((it) => it.start > now);
  const nextDay = view.timetable.entries.filter(
    (it) => times.dayKey(it.start) !== times.dayKey(now),
  )[0];
  const tomorrow = nextDay
    ? view.timetable.entries.filter((it) => times.dayKey(it.start) === times.dayKey(nextDay.start))
    : [];
  const dryingCard = (it: DryingNow) => {
    const piece = pieceOf.get(it.pieceId)?.piece;
    return piece ? (
      <DryingCard
        key={`${it.pieceId}-${it.from}-${it.title}`}
        it={it}
        piece={piece}
        number={numberOf(it.pieceId)}
        now={now}
      />
    ) : null;
  };
  const readyCard = (it: Ready, first: boolean) => {
    const piece = pieceOf.get(it.pieceId)?.piece;
    const planned = view.timetable.entries[turn.get(stepKeyOf(it)) ?? -1];
    return piece ? (
      <ReadyCard
        key={stepKeyOf(it)}
        it={it}
        piece={piece}
        number={numberOf(it.pieceId)}
        now={now}
        first={first}
        planned={planned}
      />
    ) : null;
  };
  // The pieces that the air holds up, one after the other: each takes several plans.
  const heldPieces = atWork
    .filter((it) => view.held.some((one) => one.pieceId === it.piece.id))
    .slice(0, 1);
  const nowState = {
    drying: drying.length > 0,
    asks: asks.length > 0,
    planned: view.timetable.entries.length > 0,
    stalled: view.timetable.stalled.length > 0,
  };
  const opensLater = !view.open.some((it) => it.from <= now && now < it.to);
  return (
    <Screen foot={<PlainButton title="The whole week" onPress={() => router.navigate('/week')} />}>
      <Heading>Today</Heading>
      <Small>
        {times.dayOf(now)} · {times.clockNow(now)}
        {opensLater && next ? ` · planned from ${times.timeOf(next.start, now)}` : ''}
      </Small>
      <FirstQuestions shop={shop} />
      <AirCard airs={view.airs} now={now} units={shop.units} />
      <Columns>
        <View style={{ gap: 8 }}>
          {atWork
            .filter(({ piece }) => isAtWork(piece) && piece.done.length > 0)
            .map(({ piece }) => (
              <FinishedCard key={piece.id} piece={piece} number={numberOf(piece.id)} />
            ))}
          {closing.length > 0 ? <Label heading>Window closes</Label> : null}
          {closing.map(dryingCard)}
          <View style={{ flexDirection: 'row', justifyContent: 'space-between' }}>
            <Label heading>Can be done now</Label>
            {inTurn.length > 1 ? <Label>In this order</Label> : null}
          </View>
          {inTurn.length === 0 ? (
            <Small>
              {isFresh ? CLOCK_WORDS.nothingNow(nowState) : 'Working out what comes next …'}
            </Small>
          ) : null}
          {inTurn.slice(0, SHOWN).map((it, index) => readyCard(it, index === 0))}
          {inTurn.length > SHOWN ? <Small>And {inTurn.length - SHOWN} more.</Small> : null}
          <PlainButton title="Something came up" onPress={() => router.navigate('/came-up')} />
        </View>
        <View style={{ gap: 8 }}>
          {drying.length > 0 ? <Label heading>Drying</Label> : null}
          {drying.map(dryingCard)}
          {asks.length > 0 ? <Label heading>Waiting for an answer</Label> : null}
          {asks.map((it) => readyCard(it, false))}
        </View>
      </Columns>
      {tomorrow.length > 0 && nextDay ? (
        <View style={{ gap: 8 }}>
          <Label heading>
            {nextDay.start - now < 2 * DAY &&
            times.dayKey(nextDay.start) === times.dayKey(now + DAY)
              ? 'Tomorrow'
              : times.dayOf(nextDay.start)}
          </Label>
          {tomorrow.slice(0, 4).map((it) => (
            <Planned key={stepKeyOf(it)} it={it} number={numberOf(it.pieceId)} now={now} />
          ))}
        </View>
      ) : null}
      {isFresh && pieces
        ? heldPieces.map((it) => (
            <AirHelpCard
              key={it.piece.id}
              piece={it.piece}
              pieces={pieces}
              shop={shop}
              isHeld={view.held.some((one) => one.pieceId === it.piece.id)}
            />
          ))
        : null}
      {isFresh ? (
        <HowGood view={view} busy={busy} />
      ) : (
        <Loading doing="Updating" what="the schedule" />
      )}
    </Screen>
  );
};
