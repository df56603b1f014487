import { surfaceNames, type Piece } from '@obrik/core/piece';
import type { DoneStep } from '@obrik/core/route';
import { listed, counted } from '@obrik/core/words';
import { useState } from 'react';
import { View } from 'react-native';
import { useTimes } from '@/features/shared/useTimes';
import { Card, Figure, OpenRow, Small, Strong } from '@/ui/controls';
import { usePalette } from '@/ui/theme';

interface DoneStepsProps {
  readonly piece: Piece;
  readonly steps: readonly DoneStep[];
}

/** What was done, folded into one line, with the numbers that the steps had. */
export const DoneSteps = ({ piece, steps }: DoneStepsProps) => {
  const times = useTimes();
  const palette = usePalette();
  const [open, setOpen] = useState(false);
  const nameOf = surfaceNames(piece);
  if (steps.length === 0) return null;
  return (
    <Card style={{ paddingVertical: 4, gap: 4 }}>
      <OpenRow
        label={`${counted(steps.length, 'step')} done`}
        expanded={open}
        onPress={() => setOpen(!open)}
      >
        <Strong>✓ {counted(steps.length, 'step')} done</Strong>
      </OpenRow>
      {open ? (
        <View role="list" style={{ gap: 8 }}>
          {steps.map((it) => (
            <View
              key={`${it.number}-${it.endedAt}-${it.title}`}
              role="listitem"
              style={{ flexDirection: 'row', gap: 10 }}
            >
              <Figure style={{ width: 30, color: palette.moss }}>✓ {it.number}</Figure>
              <View style={{ flex: 1 }}>
                <Strong>{it.title}</Strong>
                <Small>
                  {listed(it.surfaceIds.map(nameOf))} ·{' '}
                  {times.clock.dayAndTime(new Date(it.endedAt))}
                  {it.by ? ` · ${it.by}` : ''}
                </Small>
              </View>
            </View>
          ))}
        </View>
      ) : null}
    </Card>
  );
};
