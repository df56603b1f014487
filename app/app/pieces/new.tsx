export { NewPieceScreen as default } from '@/features/pieces/NewPieceScreen';
