import type { Piece } from '@obrik/core/piece';
import { whereOf, type Operation } from '@obrik/core/route';
import { SCALE, judgeLadder, tollOfLadder } from '@obrik/core/sanding';
import { showDuration, showPercent, showThickness } from '@obrik/core/units';
import { useState } from 'react';
import { View } from 'react-native';
import { useCase } from '@/api/useCase';
import { Body, Label, Option, PlainButton, Small } from '@/ui/controls';

interface OwnLadderProps {
  readonly piece: Piece;
  readonly operation: Operation;
}

/** Papers that a shop has at hand. */
const OFFERED = SCALE.filter((it) => it.grit >= 60 && it.grit <= 320).map((it) => it.grit);

/** Papers of one's own choice, judged for this face. */
export const OwnLadder = ({ piece, operation }: OwnLadderProps) => {
  const [open, setOpen] = useState(false);
  const [grits, setGrits] = useState<readonly number[]>(operation.grits);
  const surfaceId = operation.surfaceIds[0] ?? '';
  const now = useCase(piece);
  const { shop } = now;
  const face = now.faceSanding(surfaceId);
  if (!face) return null;
  const { task } = face;
  if (!open) return <PlainButton title="Try your own papers" onPress={() => setOpen(true)} />;
  const toggle = (grit: number) =>
    setGrits(
      grits.includes(grit)
        ? grits.filter((it) => it !== grit)
        : [...grits, grit].sort((a, b) => a - b),
    );
  const where = whereOf(piece, { surfaceIds: [surfaceId] }).toLowerCase();
  const faults = judgeLadder(grits, task);
  const { minutes, removedUm } = tollOfLadder(grits, task);
  const through = task.veneerUm === null ? undefined : face.chanceThrough(removedUm);
  return (
    <View style={{ gap: 8 }}>
      <Label>Your own papers</Label>
      <View
        role="group"
        aria-label="Your own papers"
        style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}
      >
        {OFFERED.map((grit) => (
          <Option
            key={grit}
            role="checkbox"
            title={`P${grit}`}
            chosen={grits.includes(grit)}
            onPress={() => toggle(grit)}
          />
        ))}
      </View>
      <View role="status">
        {faults.length === 0 ? <Body>✓ Each paper clears the one before.</Body> : null}
        {faults.map((it) => (
          <Body key={it}>✕ {it}</Body>
        ))}
        <Small>
          {showDuration(Math.round(minutes))} on {where}, takes{' '}
          {showThickness(removedUm, shop.units)}.
          {through === undefined
            ? ''
            : ` Chance of sanding through at edges: ${showPercent(through)}.`}
        </Small>
      </View>
    </View>
  );
};
