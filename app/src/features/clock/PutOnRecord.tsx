import type { Piece } from '@obrik/core/piece';
import type { TimetableEntry, Step } from '@obrik/core/schedule';
import { mayBegin } from '@obrik/core/schedule';
import { useRouter } from 'expo-router';
import { View } from 'react-native';
import { useCase } from '@/api/useCase';
import { MainButton, PlainButton, Tag } from '@/ui/controls';
import { turnedUpAddress } from '@/features/bench/turnedUp';
import { benchAddress, underWay } from './step';
import { TooSoon } from './TooSoon';
import { useDid } from './useDid';
import { useWaitsHere } from './useWaitsHere';

interface PutOnRecordProps {
  readonly piece: Piece;
  readonly step: Pick<Step, 'id' | 'taskKeys' | 'title' | 'minutes' | 'surfaceIds'>;
  /** As the plan has it, where there is one: the place where it is done and dries. */
  readonly planned?: Pick<TimetableEntry, 'spaceId'> | undefined;
  /** With all else that can be done about the step, not only the next thing. */
  readonly more?: boolean;
}

/**
 * Puts a step on record: it is begun, which leads to the bench, then done. What is not to be begun yet
 * says what comes first.
 */
export const PutOnRecord = ({ piece, step, planned, more = false }: PutOnRecordProps) => {
  const router = useRouter();
  const did = useDid();
  const { against, now } = useWaitsHere(piece);
  const running = underWay(piece, step).size > 0;
  const operation = useCase(piece).route.operations.find((it) => it.id === step.id);
  const stands = operation && against(operation);
  const where = { spaceId: planned?.spaceId };
  const begin = async () => {
    if (await did(piece, step, 'begun', where)) router.navigate(benchAddress(piece.id, step.id));
  };
  const others = (
    <>
      {running ? (
        <PlainButton
          title="Takes longer"
          label={`Takes longer: ${step.title}, ${piece.name}`}
          onPress={() =>
            router.navigate(`/came-up?kind=longer&step=${encodeURIComponent(step.id)}`)
          }
        />
      ) : (
        <PlainButton
          title="It’s done already"
          label={`Done: ${step.title}, ${piece.name}`}
          onPress={() => void did(piece, step, 'done', where)}
        />
      )}
      <PlainButton
        title="At the bench"
        label={`At the bench: ${step.title}, ${piece.name}`}
        onPress={() => router.navigate(benchAddress(piece.id, step.id))}
      />
      <PlainButton
        title="Something turned up"
        label={`Something turned up: ${step.title}, ${piece.name}`}
        onPress={() =>
          router.navigate(
            turnedUpAddress(piece.id, { surfaceIds: step.surfaceIds, taskKeys: step.taskKeys }),
          )
        }
      />
    </>
  );
  if (operation && stands && !running && !mayBegin(stands)) {
    return <TooSoon piece={piece} step={operation} against={stands} now={now} />;
  }
  return (
    <View style={{ gap: 8 }}>
      {running ? <Tag text="Under way" tone="moss" /> : null}
      {running ? (
        <MainButton
          title="Done"
          label={`Done: ${step.title}, ${piece.name}`}
          onPress={() => void did(piece, step, 'done', where)}
        />
      ) : (
        <MainButton
          title="Begin"
          label={`Begin: ${step.title}, ${piece.name}`}
          onPress={() => void begin()}
        />
      )}
      {more ? others : null}
    </View>
  );
};
