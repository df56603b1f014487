import type { Piece } from '@obrik/core/piece';
import type { Operation, StackHistory } from '@obrik/core/route';
import { surfaceNames } from '@obrik/core/piece';
import { useState } from 'react';
import { View } from 'react-native';
import { aimColour } from '@/features/shared/aimColour';
import { Label, Options, PlainButton, Small } from '@/ui/controls';
import { CoreSample } from '@/ui/drawings';

interface StackAlongProps {
  readonly piece: Piece;
  readonly histories: readonly StackHistory[];
  readonly operation: Operation;
  readonly titleOf: (operationId: string) => string;
}

/** The core sample of a surface after a step; it grows and shrinks as one steps along the route. */
export const StackAlong = ({ piece, histories, operation, titleOf }: StackAlongProps) => {
  const touched = histories.filter((it) =>
    it.steps.some((step) => step.operationId === operation.id),
  );
  const [chosen, setChosen] = useState<string>();
  const [moved, setMoved] = useState(0);
  const history = touched.find((it) => it.surfaceId === chosen) ?? touched[0];
  if (!history) return null;
  const here = history.steps.findIndex((it) => it.operationId === operation.id);
  const at = Math.min(history.steps.length - 1, Math.max(-1, here + moved));
  const step = history.steps[at];
  const now = (step?.stack ?? history.found).layers;
  const final = history.steps.at(-1)?.stack.layers ?? [];
  const toCome = final.filter(
    (it) =>
      it.taskKey !== null &&
      history.steps.findIndex((one) => one.taskKeys.includes(it.taskKey ?? '')) > at,
  );
  const nameOf = surfaceNames(piece);
  const aim = piece.aims.find((it) => it.surfaceId === history.surfaceId);
  return (
    <View style={{ gap: 8 }}>
      <Label>Core sample</Label>
      {touched.length > 1 ? (
        <Options
          label="Core sample of"
          options={touched.map((it) => ({
            value: it.surfaceId,
            title: nameOf(it.surfaceId),
          }))}
          chosen={history.surfaceId}
          onChoose={(id) => {
            setChosen(id);
            setMoved(0);
          }}
        />
      ) : null}
      <Small>{step ? `After: ${titleOf(step.operationId)}.` : 'As it was found.'}</Small>
      <CoreSample layers={now} toCome={toCome} colour={aim && aimColour(aim.scheme)} />
      <View style={{ flexDirection: 'row', gap: 8 }}>
        <PlainButton
          title="Step back"
          label="Core sample: step back"
          disabled={at < 0}
          onPress={() => setMoved(at - 1 - here)}
        />
        <PlainButton
          title="Step on"
          label="Core sample: step on"
          disabled={at >= history.steps.length - 1}
          onPress={() => setMoved(at + 1 - here)}
        />
      </View>
    </View>
  );
};
