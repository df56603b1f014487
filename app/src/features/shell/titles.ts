/** What each screen is called, by the last part of its address. */
const TITLES: Readonly<Record<string, string>> = {
  today: 'Today',
  week: 'The week',
  air: 'Air',
  'came-up': 'Something came up',
  pieces: 'Pieces',
  new: 'New piece',
  handbook: 'Handbook',
  settings: 'Settings',
  pair: 'Pairing',
  waiting: 'What waits',
  shopping: 'Shopping',
  list: 'Shopping list',
  stock: 'Stock',
  prices: 'Prices',
  money: 'Money',
  look: 'Look',
  walk: 'Walk round',
  aim: 'Aim',
  route: 'Route',
  clock: 'Clock',
  bench: 'Bench',
  costs: 'Costs',
  compare: 'Compare',
  quote: 'Quote',
  book: 'Job record',
  care: 'Care sheet',
  edit: 'Edit',
  files: 'Files',
  hardware: 'Hardware',
  labels: 'Labels',
  history: 'History',
  'history-sheet': 'History',
  known: 'What we know',
  print: 'Print',
  'turned-up': 'Something turned up',
  'last-look': 'Last look',
  story: 'Story',
};

/** The title of the screen at an address; the test of a piece has its own. */
export const titleAt = (path: string): string => {
  const parts = path.split('/').filter((it) => it !== '');
  if (parts.at(-2) === 'test') return 'Test';
  return TITLES[parts.at(-1) ?? ''] ?? '';
};
