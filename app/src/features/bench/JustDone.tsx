import type { Piece } from '@obrik/core/piece';
import type { Operation } from '@obrik/core/route';
import { showDuration } from '@obrik/core/units';
import { learnPaces, timedIn } from '@obrik/core/work';
import { BenchButton, Body, Card, Strong } from '@/ui/controls';
import { useState } from 'react';
import { AskTime } from './AskTime';
import { Meanwhile } from './Meanwhile';

interface JustDoneProps {
  readonly piece: Piece;
  readonly operation: Operation;
}

/** What was just done: how long it waits, what can be done meanwhile, and whether its time is right. */
export const JustDone = ({ piece, operation }: JustDoneProps) => {
  const [open, setOpen] = useState(false);
  const { title, wait } = operation;
  const jobs = timedIn(piece.done, piece.log);
  const own = new Set(
    piece.done.filter((it) => operation.taskKeys.includes(it.taskKey)).map((it) => it.id),
  );
  const odd = learnPaces(jobs).outliers.find((it) => it.doneIds.some((id) => own.has(id)));
  const said = piece.log.some(
    (it) => it.of === 'time' && odd?.doneIds.some((id) => it.doneIds.includes(id)),
  );
  return (
    <Card edge="ink" style={{ gap: 6 }}>
      <Strong>{title}: done.</Strong>
      <Body>
        {wait
          ? `Now it waits ${showDuration(wait.minutes)} by the label, until ${wait.until}. The clock reckons with your air.`
          : 'The next step may follow at once.'}
      </Body>
      {odd && !said ? <AskTime piece={piece} job={odd} /> : null}
      {wait && open ? <Meanwhile besides={operation.id} /> : null}
      {wait && !open ? (
        <BenchButton title="What else meanwhile?" onPress={() => setOpen(true)} />
      ) : null}
    </Card>
  );
};
