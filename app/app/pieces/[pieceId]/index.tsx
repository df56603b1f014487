import { Redirect, useLocalSearchParams } from 'expo-router';

export default function PieceHome() {
  const { pieceId } = useLocalSearchParams<{ pieceId: string }>();
  return <Redirect href={`/pieces/${pieceId}/look`} />;
}
