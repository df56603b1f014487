import type { Piece } from '@obrik/core/piece';
import { useRouter } from 'expo-router';
import { useCase } from '@/api/useCase';
import { MainButton, Strong, Ticket } from '@/ui/controls';
import { shortName } from './times';

interface FinishedCardProps {
  readonly piece: Piece;
  readonly number: string;
}

/** A piece whose every step is done: the last look is next. Nothing for one that is not that far. */
export const FinishedCard = ({ piece, number }: FinishedCardProps) => {
  const router = useRouter();
  const { route } = useCase(piece);
  if (route.operations.length > 0) return null;
  return (
    <Ticket number={number} word={shortName(piece.name)} edge="amber">
      <Strong>{piece.name}: every step is done</Strong>
      <MainButton
        title="Last look"
        label={`Last look: ${piece.name}`}
        onPress={() => router.navigate(`/pieces/${piece.id}/last-look`)}
      />
    </Ticket>
  );
};
