export { HandbookScreen as default } from '@/features/handbook/HandbookScreen';
