export { INK, KEPT, Line, Paper } from './Paper';
export { PaperSheet } from './PaperSheet';
