import type { LogLine } from '@obrik/core/piece';
import { changeInWords } from '@obrik/core/ledger';

const line = {
  id: 'x',
  at: '2026-03-02T10:00:00Z',
  by: 'Runa',
  taskKeys: [],
  surfaceIds: ['top'],
};
const nothing = { film: 'none' as const, lost: [], reopened: [], mend: null };

const LINES: readonly (readonly [LogLine, string])[] = [
  [
    { ...line, of: 'check', check: 'waterClear', answer: 'grey', place: null, setback: nothing },
    'Top: Is the last wash water clear? Grey or brown (it comes again)',
  ],
  [
    { ...line, of: 'check', check: 'noBleed', answer: 'white', place: null, setback: null },
    'Top: Does any place turn yellow, pink or brown? No, it stays even',
  ],
  [
    {
      ...line,
      of: 'discovery',
      kind: 'bleed',
      remedy: 'sealAndRepaint',
      note: '',
      setback: nothing,
    },
    'Top: Colour comes through primer or paint. Decided: Seal it with shellac, then paint again',
  ],
  [
    { ...line, of: 'discovery', kind: 'runs', remedy: null, note: '', setback: nothing },
    'Top: Runs, dust or lap marks. Decided: put off',
  ],
  [{ ...line, of: 'note', text: 'Smells of smoke.' }, 'Top: Smells of smoke.'],
  [
    {
      ...line,
      of: 'used',
      material: 'woodGlue',
      quantity: 0.05,
      lot: 'G 3',
      containerId: null,
      colour: null,
    },
    'Used: Wood glue 0.05 L, lot G 3',
  ],
  [
    { ...line, of: 'timer', timer: 'gelDwell', endsAt: line.at, endedAt: null },
    'Stripper at work: timer set',
  ],
  [{ ...line, of: 'time', doneIds: ['d'], minutes: 42.4 }, 'A time corrected to 42 min'],
  [{ ...line, of: 'time', doneIds: ['d'], minutes: null }, 'A time left out of the pace'],
];

it.each(LINES)('the history tells %#', (told, words) => {
  const said = changeInWords(
    { kind: 'log', lines: [told] },
    { units: 'metric', surfaceName: (id) => id.charAt(0).toUpperCase() + id.slice(1) },
  );
  expect(said).toBe(words);
});
