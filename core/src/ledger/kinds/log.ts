import { z } from 'zod';
import { CHECKS, DISCOVERIES, MATERIALS, REMEDIES, TIMERS } from '../../catalog';
import { good, logLine, type LogLine } from '../../piece';
import { BENCH_WORDS } from '../../words';
import { changeKind, hasId, type ToldFor } from './kind';

const lineInWords = (it: LogLine, { surfaceName }: ToldFor): string => {
  const where = it.surfaceIds.map(surfaceName).join(', ');
  const at = where ? `${where}: ` : '';
  switch (it.of) {
    case 'check': {
      const row = CHECKS.get(it.check);
      const answer = row.answers.find((one) => one.id === it.answer)?.label ?? it.answer;
      return `${at}${row.question} ${answer}${it.setback ? ' (it comes again)' : ''}`;
    }
    case 'discovery': {
      const decided = it.remedy ? REMEDIES.get(it.remedy).label : 'put off';
      return `${at}${DISCOVERIES.get(it.kind).label}. Decided: ${decided}`;
    }
    case 'note':
      return `${at}${it.text}`;
    case 'used': {
      const { label, unit } = MATERIALS.get(it.material);
      return `Used: ${label} ${it.quantity} ${unit}${it.lot ? `, lot ${it.lot}` : ''}`;
    }
    case 'timer':
      return `${TIMERS.get(it.timer).label}: timer ${it.endedAt === null ? 'set' : 'stopped'}`;
    case 'early':
      return `${at}${BENCH_WORDS.book.early(it.open, it.reason)}`;
    case 'time':
      return it.minutes === null
        ? 'A time left out of the pace'
        : `A time corrected to ${Math.round(it.minutes)} min`;
  }
};

/** This was written down at the bench; a line that is there already becomes what it says now. */
export const log = changeKind(
  'log',
  { lines: z.array(logLine).min(1).max(200) },
  {
    about: 'piece',
    group: 'done',
    up: [],
    apply: (before, it) => {
      const told = new Map(it.lines.map((one) => [one.id, one]));
      const kept = before.log.map((old) => told.get(old.id) ?? old);
      const fresh = [...told.values()].filter((one) => !hasId(before.log, one.id));
      return good({ ...before, log: [...kept, ...fresh] });
    },
    madeFrom: (piece) =>
      piece.log.map((one) => ({ change: { kind: 'log', lines: [one] }, at: one.at, by: one.by })),
    told: (it, context) => it.lines.map((one) => lineInWords(one, context)).join('; '),
  },
);
