import { PieceFrame } from '@/features/pieces/PieceFrame';
import { AimScreen } from '@/features/aim/AimScreen';

export default function Aim() {
  return <PieceFrame>{(record) => <AimScreen record={record} />}</PieceFrame>;
}
