import { z } from 'zod';
import { CHECKS, DISCOVERIES, MATERIALS, MENDS, REMEDIES, TIMERS } from '../catalog';
import { id } from './evidence';
import { typedText } from './text';

const when = z.iso.datetime({ message: 'Give the time as UTC, like 2026-01-31T18:20:00Z.' });

/**
 * How far the state of surfaces is set back: what was done there and no longer holds. It stands in
 * the record itself, so that the state stays what it was whatever later catalogs say.
 */
export const setback = z.object({
  /** New coats that no longer count: the one on top, or all of them. */
  film: z.enum(['none', 'top', 'all']).default('none'),
  /** Conditions that no longer hold, by name. */
  lost: z.array(z.string().max(40)).max(40).default([]),
  /** Findings that were mended and are open again. */
  reopened: z.array(id).max(200).default([]),
  /** Work that sets it right, before anything is laid over it. */
  mend: MENDS.id.nullable().default(null),
});
export type Setback = z.infer<typeof setback>;

/** Nothing is set back. */
export const NO_SETBACK: Setback = { film: 'none', lost: [], reopened: [], mend: null };

/** What every line of the log has. */
const line = {
  id,
  at: when,
  by: typedText().max(80).default(''),
  /** The tasks that it came up at; none where it came up between. */
  taskKeys: z.array(z.string().min(1).max(400)).max(200).default([]),
  surfaceIds: z.array(id).max(200).default([]),
};

/** A check was answered. */
const checkLine = z
  .object({
    ...line,
    of: z.literal('check'),
    check: CHECKS.id,
    answer: z.string().max(40),
    /** Where on the first surface; shares of its face from the upper left corner. */
    place: z
      .object({ x: z.number().min(0).max(1), y: z.number().min(0).max(1) })
      .nullable()
      .default(null),
    setback: setback.nullable().default(null),
  })
  .superRefine((it, context) => {
    const { answers } = CHECKS.get(it.check);
    if (answers.some((one) => one.id === it.answer)) return;
    const known = answers.map((one) => one.id).join(', ');
    context.addIssue({
      code: 'custom',
      path: ['answer'],
      message: `This check is answered by one of: ${known}.`,
    });
  });

/** Something turned up. */
const discoveryLine = z.object({
  ...line,
  of: z.literal('discovery'),
  kind: DISCOVERIES.id,
  /** What was decided; null where that was put off. */
  remedy: REMEDIES.id.nullable().default(null),
  note: typedText().max(500).default(''),
  setback,
});

const noteLine = z.object({
  ...line,
  of: z.literal('note'),
  text: typedText().trim().min(1, 'Write something.').max(1000, 'Keep it under 1000 letters.'),
});

/** Material that was used, in its unit. */
const usedLine = z.object({
  ...line,
  of: z.literal('used'),
  material: MATERIALS.id,
  quantity: z
    .number('Give a figure.')
    .min(0, 'Not less than nothing.')
    .max(10_000, 'That is too much to be true.'),
  /** What stands on the container. */
  lot: typedText().trim().max(60).default(''),
  /** The container of the stock that it came from; null where nobody said. */
  containerId: id.nullable().default(null),
  /** Of a coat: its colour, as the route names it. */
  colour: typedText().max(40).nullable().default(null),
});

/** A time that is kept at the bench. */
const timerLine = z.object({
  ...line,
  of: z.literal('timer'),
  timer: TIMERS.id,
  endsAt: when,
  /** When somebody saw that it had rung, or stopped it; null while it runs. */
  endedAt: when.nullable().default(null),
});

/** How long work really took, where the clock got it wrong; null where it is no measure of the pace. */
const timeLine = z.object({
  ...line,
  of: z.literal('time'),
  doneIds: z.array(id).min(1).max(200),
  minutes: z.number().min(0).max(100_000).nullable(),
});

/** Work was done though other steps come before it, and why. */
const earlyLine = z.object({
  ...line,
  of: z.literal('early'),
  reason: typedText()
    .trim()
    .min(1, 'Give a reason, in a word or two.')
    .max(200, 'Keep it under 200 letters.'),
  /** Titles of the steps that were open. */
  open: z.array(typedText().max(200)).max(50),
});

/** One line of what is written down at the bench. */
export const logLine = z.discriminatedUnion('of', [
  checkLine,
  discoveryLine,
  noteLine,
  usedLine,
  timerLine,
  timeLine,
  earlyLine,
]);
export type LogLine = z.infer<typeof logLine>;
export type LineOf<Of extends LogLine['of']> = Extract<LogLine, { of: Of }>;
export type Discovery = LineOf<'discovery'>;

/** The lines of one kind, in the order of the record. */
export const linesOf = <Of extends LogLine['of']>(
  log: readonly LogLine[],
  of: Of,
): readonly LineOf<Of>[] => log.filter((it): it is LineOf<Of> => it.of === of);
