import { PieceFrame } from '@/features/pieces/PieceFrame';
import { HardwareScreen } from '@/features/hardware/HardwareScreen';

export default function Hardware() {
  return <PieceFrame>{(record) => <HardwareScreen record={record} />}</PieceFrame>;
}
