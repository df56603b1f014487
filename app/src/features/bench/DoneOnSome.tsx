import { surfaceNames, type Piece } from '@obrik/core/piece';
import type { Operation } from '@obrik/core/route';
import type { Task } from '@obrik/core/work';
import { useState } from 'react';
import { View } from 'react-native';
import { BenchButton, Card, Label, Option } from '@/ui/controls';

interface DoneOnSomeProps {
  readonly piece: Piece;
  readonly operation: Operation;
  readonly tasks: readonly Task[];
  readonly onDone: (taskKeys: readonly string[]) => void;
}

/** Where a step covers several surfaces: those that are done by now, the others stay. */
export const DoneOnSome = ({ piece, operation, tasks, onDone }: DoneOnSomeProps) => {
  const [open, setOpen] = useState(false);
  const [chosen, setChosen] = useState<readonly string[]>([]);
  const own = tasks.filter((it) => it.surfaceIds.length === 1);
  const surfaces = [...new Set(own.flatMap((it) => it.surfaceIds))];
  const nameOf = surfaceNames(piece);
  if (surfaces.length < 2) return null;
  if (!open) return <BenchButton title="Done on some of them" onPress={() => setOpen(true)} />;
  const keys = own.filter((it) => chosen.includes(it.surfaceIds[0] ?? '')).map((it) => it.key);
  return (
    <Card edge="ink" style={{ gap: 8 }}>
      <Label heading>{operation.title}: done where?</Label>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
        {surfaces.map((id) => (
          <Option
            key={id}
            role="checkbox"
            title={nameOf(id)}
            chosen={chosen.includes(id)}
            onPress={() =>
              setChosen(chosen.includes(id) ? chosen.filter((it) => it !== id) : [...chosen, id])
            }
          />
        ))}
      </View>
      <BenchButton
        main
        title="Done there"
        disabled={keys.length === 0}
        onPress={() => {
          setOpen(false);
          setChosen([]);
          onDone(keys);
        }}
      />
    </Card>
  );
};
