export { INK, KEPT, Line, Paper } from './Paper';
