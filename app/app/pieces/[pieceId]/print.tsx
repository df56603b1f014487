import { PieceFrame } from '@/features/pieces/PieceFrame';
import { PrintScreen } from '@/features/route/PrintScreen';

export default function Print() {
  return <PieceFrame bare>{(record) => <PrintScreen record={record} />}</PieceFrame>;
}
