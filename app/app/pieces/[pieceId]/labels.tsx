import { PieceFrame } from '@/features/pieces/PieceFrame';
import { LabelsScreen } from '@/features/hardware/LabelsScreen';

export default function Labels() {
  return <PieceFrame bare>{(record) => <LabelsScreen record={record} />}</PieceFrame>;
}
