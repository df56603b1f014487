import { surfaceNames, type Piece } from '@obrik/core/piece';
import type { DryingNow } from '@obrik/core/schedule';
import { BENCH_WORDS, listed } from '@obrik/core/words';
import { useState } from 'react';
import { useTimes } from '@/features/shared/useTimes';
import { BenchButton, Body, Card, Label, Small, Strong } from '@/ui/controls';
import { DryingStrip } from '@/features/clock/DryingStrip';
import { leftOf } from '@/features/clock/times';
import { Meanwhile } from './Meanwhile';

interface WaitCardProps {
  readonly piece: Piece;
  readonly it: DryingNow;
  readonly now: number;
}

/** What still dries on the piece at the bench: how long, with its band, and what can be done meanwhile. */
export const WaitCard = ({ piece, it, now }: WaitCardProps) => {
  const times = useTimes();
  const [open, setOpen] = useState(false);
  const { opens } = it;
  const nameOf = surfaceNames(piece);
  return (
    <Card edge="ink" style={{ gap: 6 }}>
      <Label heading>Waiting</Label>
      <Strong>{it.title}</Strong>
      <Small>{listed(it.surfaceIds.map(nameOf))}</Small>
      {opens ? (
        <>
          <Body>
            {BENCH_WORDS.waits({
              left: leftOf(opens, now),
              about: times.timeOf(opens.expected, now),
              early: times.timeOf(opens.early, now),
              late: opens.late === null ? null : times.timeOf(opens.late, now),
            })}
          </Body>
          <DryingStrip it={{ ...it, opens }} now={now} />
        </>
      ) : (
        <Body>{BENCH_WORDS.tooSoon.neverDry(it.title)}</Body>
      )}
      {open ? (
        <Meanwhile besides="" />
      ) : (
        <BenchButton
          title="What can I do meanwhile?"
          label={`What can I do meanwhile? ${it.title}`}
          onPress={() => setOpen(true)}
        />
      )}
    </Card>
  );
};
