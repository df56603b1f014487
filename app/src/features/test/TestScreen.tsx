import { inspectionTest } from '@obrik/core/catalog';
import { inDialect } from '@obrik/core/words';
import {
  surfacesOf,
  type Observation,
  type Piece,
  type PieceRecord,
  type Surface,
} from '@obrik/core/piece';
import { useLocalSearchParams, useRouter } from 'expo-router';
import { View } from 'react-native';
import { useShop } from '@/api/usePiece';
import { useAppDispatch } from '@/state/store';
import {
  timeLeft,
  timerKey,
  timerSeen,
  timerStarted,
  timerStopped,
  useTimers,
} from '@/state/timers';
import {
  Caution,
  Empty,
  Figure,
  Heading,
  MainButton,
  PlainButton,
  Screen,
  Small,
  Strong,
  TwoPanes,
} from '@/ui/controls';
import { usePalette } from '@/ui/theme';
import { Outcomes } from '@/features/shared/Outcomes';
import { askForNotices, wakeSound } from '@/features/shared/ring';
import { useObserve } from '@/features/shared/useObserve';
import { useWakeLock } from '@/features/shared/useWakeLock';
import { useNow } from '@/features/shared/useNow';

const ClockFace = ({
  shown,
  under,
  done,
}: {
  readonly shown: string;
  readonly under: string;
  readonly done: boolean;
}) => {
  const palette = usePalette();
  return (
    <View
      role="timer"
      aria-label={`${shown}, ${under}`}
      style={{
        alignItems: 'center',
        paddingVertical: 8,
        backgroundColor: done ? palette.amberFill : palette.card,
        borderWidth: 1,
        borderColor: palette.line,
      }}
    >
      <Figure
        style={{ fontSize: 88, lineHeight: 96, color: done ? palette.onAmberFill : palette.ink }}
      >
        {shown}
      </Figure>
      <Small style={{ color: done ? palette.onAmberFill : palette.ink2 }}>{under}</Small>
    </View>
  );
};

/** One sample may speak for more surfaces than the one that it was taken on: their ids, with commas. */
const spokenFor = (piece: Piece, ids = ''): readonly Surface[] =>
  surfacesOf(piece).filter((it) => ids.split(',').includes(it.id));

/** One test, full screen: what to wear, the steps, its timer in large figures, the outcomes. */
export const TestScreen = ({ record }: { readonly record: PieceRecord }) => {
  const { piece } = record;
  const router = useRouter();
  const dispatch = useAppDispatch();
  const shop = useShop();
  const observeOn = useObserve(piece.id);
  const params = useLocalSearchParams<{
    testId: string;
    surface?: string;
    layer?: string;
    alike?: string;
  }>();
  const test = inDialect(inspectionTest(params.testId), shop.units);
  const surface = surfacesOf(piece).find((it) => it.id === params.surface) ?? surfacesOf(piece)[0];
  const key = timerKey(piece.id, surface?.id ?? '', params.testId);
  const timer = useTimers()[key];
  const now = useNow(timer !== undefined);
  useWakeLock(timer !== undefined && !timer.seen);
  const back = () => router.navigate(`/pieces/${piece.id}/look?surface=${surface?.id ?? ''}`);
  if (!test || !surface) {
    return (
      <Screen narrow>
        <Empty
          alone
          title="No such test"
          text="It may have gone by another name."
          action={{ title: 'Back to Look', onPress: back }}
        />
      </Screen>
    );
  }
  const start = () => {
    if (!test.timer) return;
    void wakeSound();
    askForNotices();
    dispatch(
      timerStarted({
        key,
        timer: {
          pieceId: piece.id,
          surfaceId: surface.id,
          testId: test.id,
          title: test.title,
          endsAt: Date.now() + test.timer.seconds * 1000,
          seen: false,
        },
      }),
    );
  };
  const onRecord = async (observation: Observation): Promise<boolean> => {
    const alike = spokenFor(piece, params.alike).map((it) => it.id);
    if (!(await observeOn(observation, alike))) return false;
    dispatch(timerStopped(key));
    back();
    return true;
  };
  const done = timer !== undefined && timer.endsAt <= now;
  const full = test.timer ? timeLeft(test.timer.seconds * 1000, 0) : '';
  const foot = !test.timer ? undefined : timer === undefined ? (
    <MainButton title={`Start the timer, ${full}`} onPress={start} />
  ) : (
    <View style={{ flexDirection: 'row', gap: 8 }}>
      {done && !timer.seen ? (
        <MainButton
          title="Stop the alarm"
          onPress={() => dispatch(timerSeen(key))}
          style={{ flex: 1 }}
        />
      ) : null}
      <PlainButton
        title={done ? 'Once more' : 'Stop the timer'}
        onPress={() => (done ? start() : dispatch(timerStopped(key)))}
        style={{ flex: 1 }}
      />
    </View>
  );
  const known = piece.layers.filter((it) => it.surfaceId === surface.id).length;
  return (
    <TwoPanes
      foot={foot}
      left={
        <>
          <Small>
            {piece.name} ·{' '}
            {[surface, ...spokenFor(piece, params.alike)].map((it) => it.name).join(', ')}
          </Small>
          <Heading>{test.title}</Heading>
          {test.timer ? (
            <ClockFace
              shown={timer ? timeLeft(timer.endsAt, now) : full}
              under={done ? 'Time is up: look now' : `until ${test.timer.until}`}
              done={done}
            />
          ) : null}
          {test.protection.length > 0 ? (
            <Caution
              text={test.protection.join(', ')}
              lastWord="Label and leaflet have the last word."
            />
          ) : null}
          <Strong>{test.where}</Strong>
          {test.how.map((it, index) => (
            <View key={it} style={{ flexDirection: 'row', gap: 12 }}>
              <Figure style={{ fontSize: 25, width: 26 }}>{index + 1}</Figure>
              <Strong style={{ flex: 1, fontSize: 19 }}>{it}</Strong>
            </View>
          ))}
        </>
      }
      right={
        <>
          <Strong>What do you see?</Strong>
          <Outcomes
            test={test}
            pieceId={piece.id}
            surfaceId={surface.id}
            units={shop.units}
            layer={Number(params.layer ?? 1) || 1}
            knownLayers={known}
            large
            onRecord={onRecord}
          />
          <Small>Can mislead: {test.misleads}</Small>
          <PlainButton title="Back to Look" onPress={back} />
        </>
      }
    />
  );
};
