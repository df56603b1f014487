import { PieceFrame } from '@/features/pieces/PieceFrame';
import { CareScreen } from '@/features/route/CareScreen';

export default function Care() {
  return <PieceFrame bare>{(record) => <CareScreen record={record} />}</PieceFrame>;
}
