/** The day on the clock of a place, YYYY-MM-DD. @param timeZone a name of the time-zone database */
export const dayIn = (timeZone: string, at: Date): string =>
  new Intl.DateTimeFormat('sv-SE', {
    timeZone,
    year: 'numeric',
    month: '2-digit',
    day: '2-digit',
  }).format(at);
