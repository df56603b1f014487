import { PieceFrame } from '@/features/pieces/PieceFrame';
import { HistoryScreen } from '@/features/history/HistoryScreen';

export default function History() {
  return <PieceFrame>{(record) => <HistoryScreen record={record} />}</PieceFrame>;
}
