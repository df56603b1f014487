import { CHECKS } from '@obrik/core/catalog';
import { whereOf, type Operation } from '@obrik/core/route';
import type { Piece, PieceRecord } from '@obrik/core/piece';
import { timersFor } from '@obrik/core/run';
import { isStillWet, mayBegin, stillWetIn } from '@obrik/core/schedule';
import { showDuration, showVolume } from '@obrik/core/units';
import { activeMinutes } from '@obrik/core/work';
import { useLocalSearchParams, useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { useCase } from '@/api/useCase';
import { useShop } from '@/api/usePiece';
import { shopNow } from '@/device';
import { underWay } from '@/features/clock/step';
import { TooSoon } from '@/features/clock/TooSoon';
import { useWaitsHere } from '@/features/clock/useWaitsHere';
import { useDid } from '@/features/clock/useDid';
import { useNow } from '@/features/shared/useNow';
import { useWakeLock } from '@/features/shared/useWakeLock';
import {
  BenchButton,
  Body,
  Card,
  Caution,
  Empty,
  Heading,
  Label,
  Screen,
  Small,
  TwoPanes,
} from '@/ui/controls';
import { AnswerChecks, CheckCard } from './AnswerChecks';
import { BenchTimers } from './BenchTimers';
import { DoneOnSome } from './DoneOnSome';
import { GateCard } from './GateCard';
import { HowLines } from './HowLines';
import { JustDone } from './JustDone';
import { GunCup } from './GunCup';
import { Mixes } from './Mixes';
import { Recipes } from './Recipes';
import { OpenQuestions } from './OpenQuestions';
import { Running } from './Running';
import { StrayWork } from './StrayWork';
import { ToDecide } from './ToDecide';
import { turnedUpAddress } from './turnedUp';
import { useSpeech } from './useSpeech';
import { WaitCard } from './WaitCard';
import { WriteDown } from './WriteDown';

/** The step to show: the one that was asked for, the one under way, or the next that nothing stands against. */
const shownOf = (
  piece: Piece,
  operations: readonly Operation[],
  asked: string | undefined,
  next: Operation | undefined,
): Operation | undefined =>
  operations.find((it) => it.id === asked) ??
  operations.find((it) => underWay(piece, it).size > 0) ??
  next;

/** What is worn and taken for a step. */
const Ready = ({ it }: { readonly it: Operation }) => {
  const { units } = useShop();
  if (it.materials.length === 0 && it.protection.length === 0) return null;
  return (
    <Card style={{ gap: 6 }}>
      {it.protection.length > 0 ? (
        <>
          <Label>Wear</Label>
          <Body>{it.protection.join(' · ')}</Body>
        </>
      ) : null}
      {it.materials.length > 0 ? (
        <>
          <Label>Have ready</Label>
          <Body>{it.materials.join(' · ')}</Body>
          {it.litres === null ? null : (
            <Body>About {showVolume(it.litres, units)} for this coat.</Body>
          )}
        </>
      ) : null}
    </Card>
  );
};

/** Ways to what was written down, and to what turned up. */
const Further = ({
  piece,
  surfaceIds,
  taskKeys,
}: {
  readonly piece: Piece;
  readonly surfaceIds: readonly string[];
  readonly taskKeys: readonly string[];
}) => {
  const router = useRouter();
  return (
    <>
      <BenchButton
        title="Something turned up"
        onPress={() => router.navigate(turnedUpAddress(piece.id, { surfaceIds, taskKeys }))}
      />
      <BenchButton
        title="The book of this piece"
        onPress={() => router.navigate(`/pieces/${piece.id}/book`)}
      />
    </>
  );
};

/** Bench: one step, huge, while it is done. */
export const BenchScreen = ({ record }: { readonly record: PieceRecord }) => {
  const { piece } = record;
  const { step } = useLocalSearchParams<{ step?: string }>();
  const router = useRouter();
  const did = useDid();
  const { tasks, operations } = useCase(piece).route;
  const [after, setAfter] = useState<Operation>();
  const { drying, against, next, now } = useWaitsHere(piece);
  const it = shownOf(piece, operations, step, next);
  const open = it ? [...underWay(piece, it).values()][0] : undefined;
  const isPaused = open?.pauses.at(-1)?.to === null;
  useNow(open !== undefined && !isPaused);
  useWakeLock(open !== undefined);
  const speak = useSpeech();
  const planned = new Set(tasks.map((one) => one.key));
  const head = (
    <>
      {after ? <JustDone key={after.id} piece={piece} operation={after} /> : null}
      <StrayWork piece={piece} planned={planned} />
      <ToDecide piece={piece} />
      {/* Before the waits: what can be done meanwhile comes late, and nothing may jump away from under a thumb. */}
      {open ? null : <AnswerChecks piece={piece} stillWet={stillWetIn(drying, now)} now={now} />}
      {drying
        .filter((one) => isStillWet(one, now))
        .map((one) => (
          <WaitCard key={`${one.title}-${one.from}`} piece={piece} it={one} now={now} />
        ))}
    </>
  );
  if (!it) {
    return (
      <Screen narrow>
        {head}
        <OpenQuestions piece={piece} operations={operations} />
        <Heading>{piece.name}</Heading>
        <Empty
          title={operations.length > 0 ? 'Nothing to do right now' : 'Nothing to do on this piece'}
          text={
            operations.length > 0
              ? 'What comes next is drying, or waiting on an answer. The plan shows which.'
              : 'Everything is done, or no finish is chosen yet.'
          }
          action={
            operations.length === 0 && piece.done.length > 0
              ? {
                  title: 'Last look',
                  onPress: () => router.navigate(`/pieces/${piece.id}/last-look`),
                }
              : {
                  title: 'To its route',
                  onPress: () => router.navigate(`/pieces/${piece.id}/route`),
                }
          }
        />
        <BenchTimers piece={piece} timers={[]} taskKeys={[]} surfaceIds={[]} />
        <Further piece={piece} surfaceIds={[]} taskKeys={[]} />
      </Screen>
    );
  }
  const own = tasks.filter((one) => it.taskKeys.includes(one.key));
  const finish = async (taskKeys: readonly string[] = it.taskKeys) => {
    if (await did(piece, { ...it, taskKeys: [...taskKeys] }, 'done')) setAfter(it);
  };
  const stands = against(it);
  const isTooSoon = !open && !mayBegin(stands);
  const isDecision = it.method === 'mend-decide';
  const during = it.checks.filter((one) => CHECKS.get(one.id).during);
  const foot =
    isDecision || isTooSoon ? undefined : open ? (
      <View style={{ flexDirection: 'row', gap: 8 }}>
        <BenchButton
          title={isPaused ? 'Go on' : 'Pause'}
          style={{ flex: 1 }}
          onPress={() => void did(piece, it, isPaused ? 'resumed' : 'paused')}
        />
        <View style={{ flex: 1 }} {...{ dataSet: { focusNext: 'yes' } }}>
          <BenchButton
            main
            title="Done"
            label={`Done: ${it.title}`}
            onPress={() => void finish()}
          />
        </View>
      </View>
    ) : (
      <BenchButton
        main
        title="Begin"
        label={`Begin: ${it.title}`}
        onPress={() => {
          setAfter(undefined);
          void did(piece, it, 'begun');
        }}
      />
    );
  return (
    <TwoPanes
      foot={foot}
      left={
        <>
          {head}
          <View style={{ gap: 4 }}>
            <Heading>{it.title}</Heading>
            <Small>{whereOf(piece, it)}</Small>
          </View>
          {open ? (
            <Running
              minutes={activeMinutes(open, shopNow().toISOString())}
              plannedMinutes={it.minutes}
              isPaused={isPaused}
            />
          ) : (
            <Small>Planned {showDuration(it.minutes)}.</Small>
          )}
          {isTooSoon ? (
            <TooSoon
              key={`soon-${it.id}`}
              piece={piece}
              step={it}
              against={stands}
              now={now}
              onDone={() => setAfter(it)}
            />
          ) : null}
          {it.cautions.map((one) => (
            <Caution key={one.text} text={one.text} lastWord={one.lastWord} />
          ))}
          <HowLines key={it.id} lines={it.how} />
          {speak ? (
            <BenchButton
              title="Read it out"
              onPress={() => speak([it.title, ...it.how].join('. '))}
            />
          ) : null}
        </>
      }
      right={
        <>
          <GateCard piece={piece} operation={it} />
          <BenchTimers
            piece={piece}
            timers={timersFor(own)}
            taskKeys={it.taskKeys}
            surfaceIds={it.surfaceIds}
          />
          <Mixes piece={piece} tasks={own} />
          <Recipes piece={piece} tasks={own} />
          {it.sprayed ? <GunCup /> : null}
          {open
            ? during.map((one) => (
                <CheckCard
                  key={one.id}
                  piece={piece}
                  word="While it is done"
                  asked={{
                    check: one.id,
                    title: it.title,
                    taskKeys: it.taskKeys,
                    surfaceIds: it.surfaceIds,
                  }}
                />
              ))
            : null}
          <Ready it={it} />
          {open ? (
            <DoneOnSome
              key={`some-${it.id}`}
              piece={piece}
              operation={it}
              tasks={own}
              onDone={(keys) => void finish(keys)}
            />
          ) : null}
          <WriteDown
            key={`write-${it.id}`}
            piece={piece}
            title={it.title}
            tasks={own}
            surfaceIds={it.surfaceIds}
          />
          <Further piece={piece} surfaceIds={it.surfaceIds} taskKeys={it.taskKeys} />
        </>
      }
    />
  );
};
