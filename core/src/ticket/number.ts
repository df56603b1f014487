/** "04", as on the ticket; "new" before the shop has given it one. */
export const ticketNumber = (number: number | null): string =>
  number === null ? 'new' : String(number).padStart(2, '0');
