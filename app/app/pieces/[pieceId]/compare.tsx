import { CompareScreen } from '@/features/compare/CompareScreen';
import { PieceFrame } from '@/features/pieces/PieceFrame';

export default function Compare() {
  return <PieceFrame>{(record) => <CompareScreen record={record} />}</PieceFrame>;
}
