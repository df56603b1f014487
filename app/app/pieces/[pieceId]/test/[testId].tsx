import { PieceFrame } from '@/features/pieces/PieceFrame';
import { TestScreen } from '@/features/test/TestScreen';

export default function Test() {
  return <PieceFrame bare>{(record) => <TestScreen record={record} />}</PieceFrame>;
}
