import {
  outcomeOf,
  prepare,
  waitEnds,
  type Booking,
  type JobPlan,
  type ScheduleProblem,
} from '../schedule';

const EASE = 1e-3;

/**
 * What is wrong with a plan, found by looking at each pair and each minute where something begins:
 * slow, and nothing that the engine uses to build it but the clock of drying.
 */
export const planFaults = (problem: ScheduleProblem, plan: JobPlan): readonly string[] => {
  const { jobs, links, resources, calendars } = problem;
  const faults: string[] = [];
  const made = plan.bookings.filter((it): it is Booking => it !== undefined);
  const jobOf = ({ job }: Booking) => {
    const it = jobs[job];
    if (!it) throw new Error(`No job ${job}`);
    return it;
  };
  const wayOf = (it: Booking) => {
    const way = jobOf(it).ways[it.way];
    if (!way) throw new Error(`No way ${it.way}`);
    return way;
  };
  const segments = (it: Booking) =>
    (calendars[wayOf(it).calendar]?.spans ?? [])
      .map(({ from, to }) => ({ from: Math.max(from, it.start), to: Math.min(to, it.end) }))
      .filter(({ from, to }) => to > from);
  const dryAt = (it: Booking) => {
    const { wet } = jobOf(it);
    return wet ? waitEnds(problem, wet, it.end, wayOf(it).space) : it.end;
  };

  const heldUntil = (it: Booking) => {
    const { holds } = jobOf(it);
    return holds ? waitEnds(problem, holds, it.end, wayOf(it).space) : it.end;
  };

  for (const it of made) {
    const job = jobOf(it);
    if (job.fixed) {
      if (it.start !== job.fixed.start || it.end !== job.fixed.end)
        faults.push(`${job.key} was moved`);
      continue;
    }
    const worked = segments(it).reduce((sum, { from, to }) => sum + to - from, 0);
    const wanted = job.work + (it.sparesSetUp ? 0 : job.setUp);
    if (Math.abs(worked - wanted) > EASE) faults.push(`${job.key} has ${worked} of ${wanted} min`);
    const couldBeWhole = (calendars[wayOf(it).calendar]?.spans ?? []).some(
      ({ from, to }) => to - from >= wanted,
    );
    if (job.whole && couldBeWhole && segments(it).length > 1)
      faults.push(`${job.key} was broken off`);
    if (it.start < Math.max(problem.from, job.release) - EASE)
      faults.push(`${job.key} is too early`);
    if (it.sparesSetUp) {
      const spared = wayOf(it).hands.every((hand) =>
        made.some(
          (other) =>
            other !== it &&
            wayOf(other).hands.includes(hand) &&
            jobOf(other).batchKey === job.batchKey &&
            Math.abs(other.end - it.start) <= 1,
        ),
      );
      if (!spared) faults.push(`${job.key} spares what nobody set up`);
    }
  }
  for (const link of links) {
    const [a, b] = [plan.bookings[link.before], plan.bookings[link.after]];
    if (!b || jobs[link.after]?.fixed) continue;
    if (!a) faults.push(`${jobs[link.after]?.key} comes without what is before it`);
    else if (b.start < waitEnds(problem, link.min, a.end, wayOf(a).space) - EASE) {
      faults.push(`${jobs[link.after]?.key} does not wait`);
    }
  }
  const missed = new Set(outcomeOf(prepare(problem), plan).missed.map((it) => it.link));
  for (const link of links) {
    const [a, b] = [plan.bookings[link.before], plan.bookings[link.after]];
    if (!link.max || !a || !b || missed.has(link)) continue;
    if (b.start > waitEnds(problem, link.max, a.end, wayOf(a).space) + 0.01) {
      faults.push(`${jobs[link.after]?.key} comes too late and nobody says so`);
    }
  }
  made.forEach((a, index) => {
    for (const b of made.slice(index + 1)) {
      if (jobOf(a).fixed && jobOf(b).fixed) continue;
      const hands = wayOf(a).hands.some((hand) => wayOf(b).hands.includes(hand));
      const overlap = Math.min(a.end, b.end) - Math.max(a.start, b.start);
      if (hands && overlap > EASE) faults.push(`${jobOf(a).key} and ${jobOf(b).key} share hands`);
    }
  });
  for (const dusty of made.filter((it) => jobOf(it).makesDust)) {
    for (const wet of made.filter((it) => jobOf(it).wet)) {
      const { space } = wayOf(dusty);
      if (dusty === wet || space === null || space !== wayOf(wet).space) continue;
      if (jobOf(dusty).fixed && jobOf(wet).fixed) continue;
      for (const { from, to } of segments(dusty)) {
        const overlap = Math.min(to + problem.dustSettles, dryAt(wet)) - Math.max(from, wet.start);
        if (overlap > EASE) faults.push(`${jobOf(dusty).key} makes dust beside ${jobOf(wet).key}`);
      }
    }
  }
  resources.forEach(({ name, capacity, isPerson }, resource) => {
    if (isPerson) return;
    const taken = made.flatMap((it) => [
      ...wayOf(it)
        .uses.filter((use) => use.resource === resource)
        .map(({ amount }) => ({ from: it.start, to: it.end, amount })),
      ...wayOf(it)
        .racks.filter((use) => use.resource === resource)
        .map(({ amount }) => ({ from: it.start, to: heldUntil(it), amount })),
    ]);
    for (const { from } of taken) {
      const load = taken
        .filter((it) => it.from <= from + EASE && it.to > from + 2 * EASE)
        .reduce((sum, it) => sum + it.amount, 0);
      if (load > capacity + EASE) faults.push(`${name} holds ${load} of ${capacity}`);
    }
  });
  return faults;
};
