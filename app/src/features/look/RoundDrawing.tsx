import { GLANCES } from '@obrik/core/catalog';
import type { Piece, Surface } from '@obrik/core/piece';
import { View } from 'react-native';
import { Label, Tag, useWide } from '@/ui/controls';
import { UnfoldedPiece, type SurfaceMark } from '@/ui/drawings';
import { GroupRow } from './GroupRow';

interface RoundDrawingProps {
  readonly piece: Piece;
  readonly marks: ReadonlyMap<string, SurfaceMark>;
  /** Which of the questions this is, from 1. */
  readonly turn: number;
  /** Surfaces of which to choose. */
  readonly surfaces: readonly Surface[];
  readonly chosen: readonly string[];
  readonly onToggle: (surfaceId: string) => void;
  readonly onChoose: (surfaceIds: readonly string[]) => void;
}

/** On a walk round: the drawing with the surfaces that an answer is for, one by one or by group. */
export const RoundDrawing = ({
  piece,
  marks,
  turn,
  surfaces,
  chosen,
  onToggle,
  onChoose,
}: RoundDrawingProps) => (
  <>
    <View style={{ flexDirection: 'row', justifyContent: 'space-between', alignItems: 'center' }}>
      <Label heading>Walk round</Label>
      {/* After the glances there is one more: what else is wrong with it. */}
      <Tag text={`${turn} of ${GLANCES.length + 1}`} tone="amber" />
    </View>
    <UnfoldedPiece
      piece={piece}
      marks={marks}
      selected={new Set(chosen)}
      onSelect={onToggle}
      maxHeight={useWide() ? 460 : 160}
    />
    <GroupRow surfaces={surfaces} chosen={chosen} onChoose={onChoose} />
  </>
);
