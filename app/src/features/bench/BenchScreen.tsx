import { whereOf, type Operation } from '@obrik/core/route';
import type { Piece, PieceRecord } from '@obrik/core/piece';
import { showDuration, showVolume } from '@obrik/core/units';
import { activeMinutes } from '@obrik/core/work';
import { Text } from '@rneui/themed';
import { useLocalSearchParams, useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { useCase } from '@/api/useCase';
import { useShop } from '@/api/usePiece';
import { shopNow } from '@/device';
import { underWay } from '@/features/clock/step';
import { useDid } from '@/features/clock/useDid';
import { useNow } from '@/features/shared/useNow';
import { useWakeLock } from '@/features/shared/useWakeLock';
import { asRunning } from '@/state/timers';
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
  Strong,
  Tag,
} from '@/ui/controls';
import { FONTS, usePalette } from '@/ui/theme';
import { HowLines } from './HowLines';
import { useSpeech } from './useSpeech';

/** The running time, read from across the bench. */
const FIGURE = 84;
/** Seconds. */
const MINUTE = 60;

/** The step to show: the one that was asked for, the one under way, or the next that may be done. */
const shownOf = (
  piece: Piece,
  operations: readonly Operation[],
  asked: string | undefined,
): Operation | undefined =>
  operations.find((it) => it.id === asked) ??
  operations.find((it) => underWay(piece, it).size > 0) ??
  operations.find((it) => it.holds.length === 0);

/** What is taken for a step, in amounts. */
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

/** Bench: one step, huge, while it is done. */
export const BenchScreen = ({ record }: { readonly record: PieceRecord }) => {
  const { piece } = record;
  const { step } = useLocalSearchParams<{ step?: string }>();
  const router = useRouter();
  const palette = usePalette();
  const did = useDid();
  const { operations } = useCase(piece).route;
  const [after, setAfter] = useState<{ title: string; wait: Operation['wait'] }>();
  const it = shownOf(piece, operations, step);
  const open = it ? [...underWay(piece, it).values()][0] : undefined;
  const isPaused = open?.pauses.at(-1)?.to === null;
  useNow(open !== undefined && !isPaused);
  useWakeLock(open !== undefined);
  const speak = useSpeech();
  if (!it) {
    return (
      <Screen narrow>
        <Empty
          title="Nothing to do on this piece"
          text="Everything is done, or waits for an answer, or has no aim yet."
          action={{
            title: 'To its route',
            onPress: () => router.navigate(`/pieces/${piece.id}/route`),
          }}
        />
      </Screen>
    );
  }
  const minutes = open ? activeMinutes(open, shopNow().toISOString()) : 0;
  const [check] = it.checks;
  const finish = async () => {
    if (await did(piece, it, 'done')) setAfter({ title: it.title, wait: it.wait });
  };
  const cameUp = () => router.navigate(`/came-up?step=${encodeURIComponent(it.id)}`);
  return (
    <Screen
      foot={
        open ? (
          <View style={{ flexDirection: 'row', gap: 8 }}>
            <BenchButton
              title={isPaused ? 'Go on' : 'Pause'}
              style={{ flex: 1 }}
              onPress={() => void did(piece, it, isPaused ? 'resumed' : 'paused')}
            />
            <BenchButton
              main
              title="Done"
              label={`Done: ${it.title}`}
              style={{ flex: 1 }}
              onPress={() => void finish()}
            />
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
        )
      }
    >
      {after ? (
        <Card edge="ink" style={{ gap: 4 }}>
          <Strong>{after.title}: done.</Strong>
          <Body>
            {after.wait
              ? `Now it waits ${showDuration(after.wait.minutes)} by the label, until ${after.wait.until}. The clock reckons with your air.`
              : 'The next step may follow at once.'}
          </Body>
          {after.wait ? (
            <BenchButton title="What else meanwhile?" onPress={() => router.navigate('/today')} />
          ) : null}
        </Card>
      ) : null}
      <View style={{ gap: 4 }}>
        <Heading>{it.title}</Heading>
        <Small>{whereOf(piece, it)}</Small>
      </View>
      {open ? (
        <View
          style={{ flexDirection: 'row', flexWrap: 'wrap', alignItems: 'center', columnGap: 16 }}
        >
          <Text
            role="timer"
            aria-label={`${Math.floor(minutes)} minutes so far`}
            style={{
              fontFamily: FONTS.headBold,
              fontSize: FIGURE,
              lineHeight: FIGURE * 1.1,
              fontVariant: ['tabular-nums'],
              color: isPaused ? palette.ink2 : palette.ink,
            }}
          >
            {asRunning(Math.floor(minutes * MINUTE))}
          </Text>
          <View style={{ gap: 4 }}>
            <Small>planned {showDuration(it.minutes)}</Small>
            {isPaused ? <Tag text="Paused" tone="slate" /> : null}
          </View>
        </View>
      ) : (
        <Small>Planned {showDuration(it.minutes)}.</Small>
      )}
      {it.cautions.map((one) => (
        <Caution key={one.text} text={one.text} lastWord={one.lastWord} />
      ))}
      <HowLines key={it.id} lines={it.how} />
      {speak ? (
        <BenchButton title="Read it out" onPress={() => speak([it.title, ...it.how].join('. '))} />
      ) : null}
      {check && open ? (
        <Card edge="amber" style={{ gap: 8 }}>
          <Label>Before it is done</Label>
          <Body style={{ fontSize: 20 }}>{check.question}</Body>
        </Card>
      ) : null}
      <Ready it={it} />
      <BenchButton title="Something came up" onPress={cameUp} />
    </Screen>
  );
};
