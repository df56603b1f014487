import { PieceFrame } from '@/features/pieces/PieceFrame';
import { KnownScreen } from '@/features/known/KnownScreen';

export default function Known() {
  return <PieceFrame bare>{(record) => <KnownScreen record={record} />}</PieceFrame>;
}
