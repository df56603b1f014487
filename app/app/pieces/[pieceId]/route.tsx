import { PieceFrame } from '@/features/pieces/PieceFrame';
import { RouteScreen } from '@/features/route/RouteScreen';

export default function Route() {
  return <PieceFrame>{(record) => <RouteScreen record={record} />}</PieceFrame>;
}
