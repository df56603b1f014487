import { pieceDescription, read, type Piece } from '@obrik/core/piece';
import { showPercent } from '@obrik/core/units';
import { useChange } from '@/api/usePiece';
import { Card, Small, Tag } from '@/ui/controls';
import { TypedLine } from '@/ui/forms';

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
  const store = (typed: string): string | undefined => {
    const due = typed.trim() === '' ? null : typed.trim();
    const result = read(pieceDescription, { ...pieceDescription.parse(piece), due });
    if (!result.ok) return 'Give a day like 2026-12-24, or nothing.';
    void change(
      piece.id,
      { kind: 'describe', description: { due } },
      due === null ? 'Nothing is promised any more.' : `Promised for ${due}.`,
    );
    return undefined;
  };
  const tone =
    chance === null ? 'slate' : chance >= GOOD ? 'moss' : chance < POOR ? 'vermilion' : 'amber';
  return (
    <Card style={{ gap: 4 }}>
      <TypedLine
        label="Promised for"
        value={piece.due ?? ''}
        placeholder="2026-12-24"
        onStore={store}
      />
      {chance === null ? (
        <Small>A day for the client: then its chance stands here.</Small>
      ) : (
        <Tag text={`Chance to keep it: ${showPercent(chance)}`} tone={tone} />
      )}
    </Card>
  );
};
