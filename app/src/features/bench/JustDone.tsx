import type { Piece } from '@obrik/core/piece';
import type { Operation } from '@obrik/core/route';
import { learnPaces, timedIn } from '@obrik/core/work';
import { Body, Card, Strong } from '@/ui/controls';
import { AskTime } from './AskTime';

interface JustDoneProps {
  readonly piece: Piece;
  readonly operation: Operation;
}

/** What was just done, and whether its time is right; how long it waits is told beside it. */
export const JustDone = ({ piece, operation }: JustDoneProps) => {
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
      {wait ? null : <Body>Go straight on to the next step.</Body>}
      {odd && !said ? <AskTime piece={piece} job={odd} /> : null}
    </Card>
  );
};
