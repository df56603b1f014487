export { ticketNumber } from './number';
export { yearsInWords } from './years';
