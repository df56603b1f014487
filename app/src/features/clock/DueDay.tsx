import type { Piece } from '@obrik/core/piece';
import { showPercent } from '@obrik/core/units';
import { useChange } from '@/api/usePiece';
import { Card, Small, Tag } from '@/ui/controls';
import { DayField } from '@/ui/forms';

interface DueDayProps {
  readonly piece: Piece;
  /** The chance to keep it; null where nothing is promised, or it is not known yet. */
  readonly chance: number | null;
}

/** From this chance on a promise may be given; below the other it had better not. */
const GOOD = 0.85;
const POOR = 0.5;

/** The day that the piece is promised for, and the chance to keep it. */
export const DueDay = ({ piece, chance }: DueDayProps) => {
  const change = useChange();
  const store = (day: string) => {
    const due = day === '' ? null : day;
    void change(
      piece.id,
      { kind: 'describe', description: { due } },
      due === null ? 'Due date removed.' : `Promised for ${due}.`,
    );
  };
  const tone =
    chance === null ? 'slate' : chance >= GOOD ? 'moss' : chance < POOR ? 'vermilion' : 'amber';
  return (
    <Card style={{ gap: 4 }}>
      <DayField label="Promised for" day={piece.due ?? ''} onChoose={store} />
      {chance === null ? (
        <Small>Enter a due date to see your chances of making it.</Small>
      ) : (
        <Tag text={`Chance to keep it: ${showPercent(chance)}`} tone={tone} />
      )}
    </Card>
  );
};
