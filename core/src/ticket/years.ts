/** "about 1938", "1930–1939", "age unknown". */
export const yearsInWords = (it: {
  readonly yearFrom: number | null;
  readonly yearTo: number | null;
}): string => {
  const { yearFrom: from, yearTo: to } = it;
  if (from !== null && to !== null) return from === to ? `about ${from}` : `${from}–${to}`;
  if (from !== null) return `after ${from}`;
  if (to !== null) return `before ${to}`;
  return 'age unknown';
};
