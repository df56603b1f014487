import { PieceFrame } from '@/features/pieces/PieceFrame';
import { EditPieceScreen } from '@/features/pieces/EditPieceScreen';

export default function Edit() {
  return <PieceFrame>{(record) => <EditPieceScreen record={record} />}</PieceFrame>;
}
