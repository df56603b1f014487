import type { Piece } from '@obrik/core/piece';
import type { Entry, Step } from '@obrik/core/schedule';
import { useRouter } from 'expo-router';
import { View } from 'react-native';
import { MainButton, PlainButton, Tag } from '@/ui/controls';
import { turnedUpAddress } from '@/features/bench/turnedUp';
import { underWay } from './step';
import { useDid } from './useDid';

interface PutOnRecordProps {
  readonly piece: Piece;
  readonly step: Pick<Step, 'id' | 'taskKeys' | 'title' | 'minutes' | 'surfaceIds'>;
  /** As the plan has it, where there is one: the place where it is done and dries. */
  readonly planned?: Pick<Entry, 'spaceId'> | undefined;
}

/** Puts a step on record: begun, then done. What dries after it is on the clock from then on. */
export const PutOnRecord = ({ piece, step, planned }: PutOnRecordProps) => {
  const router = useRouter();
  const did = useDid();
  const running = underWay(piece, step).size > 0;
  return (
    <View style={{ gap: 8 }}>
      {running ? <Tag text="Under way" tone="moss" /> : null}
      <View style={{ flexDirection: 'row', gap: 8 }}>
        <MainButton
          title="Done"
          label={`Done: ${step.title}, ${piece.name}`}
          style={{ flex: 1 }}
          onPress={() => void did(piece, step, 'done', planned?.spaceId)}
        />
        {running ? (
          <PlainButton
            title="Takes longer"
            label={`Takes longer: ${step.title}, ${piece.name}`}
            style={{ flex: 1 }}
            onPress={() =>
              router.navigate(`/came-up?kind=longer&step=${encodeURIComponent(step.id)}`)
            }
          />
        ) : (
          <PlainButton
            title="Begin"
            label={`Begin: ${step.title}, ${piece.name}`}
            style={{ flex: 1 }}
            onPress={() => void did(piece, step, 'begun', planned?.spaceId)}
          />
        )}
      </View>
      <PlainButton
        title="At the bench"
        label={`At the bench: ${step.title}, ${piece.name}`}
        onPress={() =>
          router.navigate(`/pieces/${piece.id}/bench?step=${encodeURIComponent(step.id)}`)
        }
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
    </View>
  );
};
