export { INK, KEPT, PrintedLine, Paper } from './Paper';
export { PaperSheet } from './PaperSheet';
