import { PieceFrame } from '@/features/pieces/PieceFrame';
import { LookScreen } from '@/features/look/LookScreen';

export default function Look() {
  return <PieceFrame>{(record) => <LookScreen record={record} />}</PieceFrame>;
}
