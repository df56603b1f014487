import { MINUTE_MS, ONE_IN_TEN_SIGMA } from '../units';
import { linesOf, type DoneWork, type LogLine } from '../piece';

/** One stretch of work that was timed: what it was planned for, and what it took. */
export interface Timed {
  /** Kind of work. */
  readonly kind: string;
  readonly plannedMinutes: number;
  readonly actualMinutes: number;
  /** Who did it; empty where nobody said. */
  readonly by: string;
  /** The work on record that it is, for asking about it. */
  readonly doneIds: readonly string[];
  readonly endedAt: string;
  readonly title: string;
}

/** How long one kind of work takes against the plan. */
export interface Pace {
  /** Actual over planned minutes: the middle of what is believed. */
  readonly ratio: number;
  /** Eight of ten believe it between these. */
  readonly band: readonly [number, number];
  /** Eight of ten single jobs of this kind are between these. */
  readonly single: readonly [number, number];
  /** How many timed jobs it rests on. */
  readonly count: number;
}

/** What was learned of a worker's pace. */
export interface Paces {
  /** Of a kind of work; of one that was never timed, what the others make likely. */
  readonly of: (kind: string) => Pace;
  /** Jobs that took far more or less than the others of their kind: asked about, not left out. */
  readonly outliers: readonly Timed[];
}

/** Spread of one job about its kind, as a standard deviation of the logarithm, and how many jobs that belief is worth (J). */
const JOB = { spread: 0.35, worth: 8 } as const;
/** Spread of the kinds about the worker, and of workers about the catalog (J). */
const KINDS_SPREAD = 0.3;
const WORKERS_SPREAD = 0.4;
/** Beyond so many standard deviations a job is asked about. */
const ODD = 3;
/** Shorter than this nothing is learned from, minutes. */
const SHORTEST = 1;

const minutesBetween = (from: string, to: string): number =>
  (Date.parse(to) - Date.parse(from)) / MINUTE_MS;

/** Active minutes of work on record: from its beginning to its end, without its pauses. */
export const activeMinutes = (it: DoneWork, now?: string): number => {
  const end = it.endedAt ?? now ?? it.startedAt;
  const paused = it.pauses.reduce(
    (sum, { from, to }) => sum + Math.max(0, minutesBetween(from, to ?? end)),
    0,
  );
  return Math.max(0, minutesBetween(it.startedAt, end) - paused);
};

/**
 * The timed jobs of a record. Tasks that were begun and ended together were one job; what was put on
 * record as done without having been begun has no time. What somebody said of it afterwards counts before
 * what was measured; a job of which somebody said that it is no measure is left out.
 */
export const timedIn = (
  done: readonly DoneWork[],
  log: readonly LogLine[] = [],
): readonly Timed[] => {
  const said = new Map(
    linesOf(log, 'time').flatMap((it) => it.doneIds.map((id) => [id, it.minutes] as const)),
  );
  const jobs = new Map<string, DoneWork[]>();
  for (const it of done) {
    if (!it.timed || it.endedAt === null || it.planned === null) continue;
    const key = `${it.startedAt}/${it.endedAt}/${it.by}/${it.planned.kind}`;
    jobs.set(key, [...(jobs.get(key) ?? []), it]);
  }
  return [...jobs.values()].flatMap((own): Timed[] => {
    const [first] = own;
    if (!first?.planned) return [];
    const plannedMinutes = own.reduce((sum, it) => sum + (it.planned?.minutes ?? 0), 0);
    const corrected = said.get(first.id);
    if (corrected === null) return [];
    const actualMinutes = corrected ?? activeMinutes(first);
    return plannedMinutes < SHORTEST || actualMinutes < SHORTEST
      ? []
      : [
          {
            kind: first.planned.kind,
            plannedMinutes,
            actualMinutes,
            by: first.by,
            doneIds: own.map((it) => it.id),
            endedAt: first.endedAt ?? first.startedAt,
            title: first.title,
          },
        ];
  });
};

const mean = (list: readonly number[]): number =>
  list.reduce((sum, it) => sum + it, 0) / Math.max(1, list.length);

/**
 * Learns a pace from timed jobs: logarithms of actual over planned minutes, normal about their kind,
 * kinds normal about the worker, workers normal about the catalog (a two-level model with partial
 * pooling: few jobs of a kind are drawn to the worker's mean, no jobs at all to the catalog's). The
 * spread of single jobs is learned too, drawn to its belief by as many jobs as that is worth.
 * Model and its spreads: J; equations: Gelman et al., Bayesian Data Analysis, ch. 5 (from memory).
 * @param jobs of one worker, or of all
 */
export const learnPaces = (jobs: readonly Timed[]): Paces => {
  const byKind = new Map<string, number[]>();
  const logOf = ({ actualMinutes, plannedMinutes }: Timed): number =>
    Math.log(actualMinutes / plannedMinutes);
  for (const it of jobs) byKind.set(it.kind, [...(byKind.get(it.kind) ?? []), logOf(it)]);
  let squares = 0;
  for (const list of byKind.values()) {
    const middle = mean(list);
    for (const it of list) squares += (it - middle) ** 2;
  }
  const free = Math.max(0, jobs.length - byKind.size);
  const jobVariance = (JOB.worth * JOB.spread ** 2 + squares) / (JOB.worth + free);
  const kindVariance = KINDS_SPREAD ** 2;
  /** The worker: each kind speaks with its own precision; the catalog speaks as well. */
  let precision = 1 / WORKERS_SPREAD ** 2;
  let weighted = 0;
  for (const list of byKind.values()) {
    const own = 1 / (kindVariance + jobVariance / list.length);
    precision += own;
    weighted += own * mean(list);
  }
  const [worker, workerVariance] = [weighted / precision, 1 / precision];
  const paceOfKind = (kind: string): Pace => {
    const list = byKind.get(kind) ?? [];
    const count = list.length;
    const pooled = count === 0 ? 0 : kindVariance / (kindVariance + jobVariance / count);
    const middle = pooled * mean(list) + (1 - pooled) * worker;
    const variance =
      1 / (1 / kindVariance + count / jobVariance) + (1 - pooled) ** 2 * workerVariance;
    const within = (of: number): readonly [number, number] => [
      Math.exp(middle - ONE_IN_TEN_SIGMA * Math.sqrt(of)),
      Math.exp(middle + ONE_IN_TEN_SIGMA * Math.sqrt(of)),
    ];
    return {
      ratio: Math.exp(middle),
      band: within(variance),
      single: within(variance + jobVariance),
      count,
    };
  };
  const known = new Map<string, Pace>();
  const of = (kind: string): Pace => {
    const pace = known.get(kind) ?? paceOfKind(kind);
    known.set(kind, pace);
    return pace;
  };
  return {
    of,
    outliers: jobs.filter(
      (it) => Math.abs(logOf(it) - Math.log(of(it.kind).ratio)) > ODD * Math.sqrt(jobVariance),
    ),
  };
};
