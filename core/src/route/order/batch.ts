import { MATERIALS, PROTECTIONS, UNTILS, wornTogether, type Schools } from '../../catalog';
import { COAT_WORDS, about, capital } from '../../words';
import { type Consumed } from '../../effect';
import { minutesEach, type Task } from '../../work';
import type { Graph } from './graph';
import { groupBy } from '../group';
import type { Operation } from './operation';

const unique = <T>(list: readonly T[]): T[] => [...new Set(list)];

const uniqueBy = <T>(list: readonly T[], key: (it: T) => string): T[] => [
  ...new Map(list.map((it) => [key(it), it])).values(),
];

const sum = (list: readonly number[]): number => list.reduce((a, b) => a + b, 0);

/** What decides how tasks become operations, beside the tasks. */
export interface BatchIn {
  readonly schools: Schools;
  readonly onTop: ReadonlySet<string>;
  /** Names of the surfaces, in the order of the piece. */
  readonly names: ReadonlyMap<string, string>;
}

/** Surfaces of a run in the order of the piece; for a coat, body or top first by the school. */
const surfacesIn = (run: readonly Task[], { schools, onTop, names }: BatchIn): string[] => {
  const ids = new Set(run.flatMap((it) => it.surfaceIds));
  const inPiece = [...names.keys()].filter((id) => ids.has(id));
  if (!run[0]?.traits.lays) return inPiece;
  const [top, body] = [true, false].map((wanted) =>
    inPiece.filter((id) => onTop.has(id) === wanted),
  );
  return [
    ...((schools.faces === 'topFirst' ? top : body) ?? []),
    ...((schools.faces === 'topFirst' ? body : top) ?? []),
  ];
};

/** What comes right before a node of the graph, with the rule of each. */
type Before = (node: number) => readonly (readonly [number, number])[];

const beforeIn = ({ edges }: Graph): Before => {
  const into = new Map<number, [number, number][]>();
  for (const [before, after, rule] of edges) {
    const list = into.get(after);
    if (list) list.push([before, rule]);
    else into.set(after, [[before, rule]]);
  }
  return (node) => into.get(node) ?? [];
};

/**
 * Runs of tasks that follow each other, share their set-up, and of which none has to wait for
 * another of the run.
 */
const runsOf = (
  tasks: readonly Task[],
  nodeOf: ReadonlyMap<string, number>,
  before: Before,
): readonly Task[][] => {
  const runs: Task[][] = [];
  let inRun = new Set<number>();
  for (const it of tasks) {
    const run = runs.at(-1);
    const node = nodeOf.get(it.key) ?? -1;
    const waitsInRun = before(node).some(([one]) => inRun.has(one));
    if (run?.[0]?.batchKey === it.batchKey && !waitsInRun) {
      run.push(it);
      inRun.add(node);
    } else {
      runs.push([it]);
      inRun = new Set([node]);
    }
  }
  return runs;
};

/** Up to so many surfaces are named in a reason that holds for all of them. */
const FEW = 3;

/** The reasons of a run; surfaces with the same reason share one sentence: "Top, legs: …". */
const reasonsOf = (run: readonly Task[], within: BatchIn): Operation['reasons'] => {
  const alike = groupBy(run, ({ reason }) => `${reason.rule}/${reason.ofSurface}/${reason.text}`);
  return [...alike.values()].flatMap((group) => {
    const [first] = group;
    if (!first) return [];
    const { rule, text, ofSurface } = first.reason;
    const names = surfacesIn(group, within).map((id) => within.names.get(id) ?? id);
    return [
      {
        rule,
        // Said of all that is done here, and of many: they stand beside it already.
        text:
          ofSurface && (alike.size > 1 || names.length <= FEW) ? about(names, text) : capital(text),
        observationIds: unique(group.flatMap((it) => it.reason.observationIds)),
      },
    ];
  });
};

/** What the tasks of a run take together, each material once. */
const consumedIn = (run: readonly Task[]): Consumed[] =>
  [
    ...groupBy(
      run.flatMap((it) => it.consumes),
      (it) => `${it.material}/${it.why}`,
    ).values(),
  ].flatMap((group) => {
    const [first] = group;
    return first ? [{ ...first, quantity: sum(group.map((it) => it.quantity)) }] : [];
  });

/** Where a coat goes on body and top in one go, which of them comes first, by the shop's school. */
const faceOrder = (run: readonly Task[], { schools, onTop }: BatchIn): readonly string[] => {
  const faces = run.filter((it) => it.surfaceIds.some((id) => onTop.has(id))).length;
  return run[0]?.traits.lays && faces > 0 && faces < run.length
    ? [COAT_WORDS.coat.facesFirst[schools.faces]]
    : [];
};

/** The longest wait speaks for all. */
const waitOf = (run: readonly Task[]): Operation['wait'] => {
  const longest = run
    .flatMap((it) => it.wait ?? [])
    .reduce<Task['wait']>((a, b) => (a && a.min >= b.min ? a : b), null);
  return longest && longest.min > 0
    ? { minutes: longest.min, until: longest.until ? UNTILS.get(longest.until).label : '' }
    : null;
};

/** The face that is likeliest to be sanded through speaks for all. */
const worstSandThrough = (run: readonly Task[]): Operation['sandThrough'] =>
  run
    .flatMap((it) => it.sandThrough ?? [])
    .reduce<Operation['sandThrough']>((a, b) => (a && a.edge >= b.edge ? a : b), null);

/** Active minutes of a run: its tasks', and setting up once. */
const minutesIn = (run: readonly Task[]): number =>
  Math.max(1, Math.round(sum(minutesEach(run.map((it) => it.effort)))));

type Told = Omit<Operation, 'heldBy' | 'after'>;

const operationOf = (run: readonly Task[], within: BatchIn): Told | undefined => {
  const [first] = run;
  if (!first) return undefined;
  const { traits } = first;
  const consumes = consumedIn(run);
  const coating = traits.lays?.coating ?? null;
  return {
    id: first.key,
    taskKeys: run.map((it) => it.key),
    phase: first.phase,
    method: first.method,
    title: first.title,
    surfaceIds: surfacesIn(run, within),
    how: [...faceOrder(run, within), ...unique(run.flatMap((it) => it.how.map((one) => one.text)))],
    materials: unique(consumes.map((it) => MATERIALS.get(it.material).label)),
    consumes,
    minutes: minutesIn(run),
    wait: waitOf(run),
    protection: wornTogether(run.flatMap((it) => it.protection)).map(
      (it) => PROTECTIONS.get(it).label,
    ),
    cautions: uniqueBy(
      run.flatMap((it) => it.cautions),
      (it) => it.text,
    ),
    checks: uniqueBy(
      run.flatMap((it) => it.checks),
      (it) => it.id,
    ),
    reasons: reasonsOf(run, within),
    grits: traits.grits,
    ladder: first.ladder,
    sandThrough: worstSandThrough(run),
    makesDust: traits.makesDust,
    dedusts: traits.dedusts,
    coats: coating !== null,
    coating,
    litres:
      coating === null
        ? null
        : sum(consumes.filter((it) => it.material === coating).map((it) => it.quantity)),
    sprayed: traits.sprayed,
    risks: uniqueBy(
      run.flatMap((it) => it.risks),
      (it) => `${it.kind}/${it.surfaceId}`,
    ),
    gate: first.gate,
    holds: first.holds,
    insteadOf: uniqueBy(
      run.flatMap((it) => it.insteadOf),
      (it) => it.label,
    ),
  };
};

/**
 * Makes operations of tasks in order: what is done in one go, with what all of it comes after.
 * @param tasks in the order of the work
 */
export const batchesOf = (
  tasks: readonly Task[],
  graph: Graph,
  within: BatchIn,
): readonly Operation[] => {
  const before = beforeIn(graph);
  const nodeOf = new Map(graph.nodes.map((key, node) => [key, node]));
  const runs = runsOf(tasks, nodeOf, before);
  const told = runs.flatMap((run) => operationOf(run, within) ?? []);
  const placeOfNode = new Map<number, number>();
  told.forEach((it, place) => {
    for (const key of it.taskKeys) placeOfNode.set(nodeOf.get(key) ?? -1, place);
  });
  const gates = new Set(
    tasks.filter((it) => it.gate !== null).map((it) => nodeOf.get(it.key) ?? -1),
  );
  /** All that comes before a milestone comes before what follows it: the last of them speaks for all. */
  const lastBefore = new Map<number, number>();
  const placeBefore = (node: number): number => {
    if (node < graph.firstMilestone) return placeOfNode.get(node) ?? -1;
    const known = lastBefore.get(node);
    if (known !== undefined) return known;
    const last = before(node).reduce((a, [b]) => Math.max(a, placeOfNode.get(b) ?? -1), -1);
    lastBefore.set(node, last);
    return last;
  };
  return told.map((it, at) => {
    const nearest = new Map<number, number>();
    const heldBy = new Set<number>();
    for (const key of it.taskKeys) {
      for (const [node, rule] of before(nodeOf.get(key) ?? -1)) {
        const place = placeBefore(node);
        if (place < at && place > (nearest.get(rule) ?? -1)) nearest.set(rule, place);
        if (gates.has(node) && graph.rules[rule]?.id === 'gate-before-what-it-decides') {
          heldBy.add(placeOfNode.get(node) ?? -1);
        }
      }
    }
    return {
      ...it,
      heldBy: [...heldBy].sort((a, b) => a - b).flatMap((place) => told[place]?.id ?? []),
      after: [...nearest].flatMap(([rule, place]) => {
        const { id = '', because = '' } = graph.rules[rule] ?? {};
        return [{ operationId: told[place]?.id ?? '', rule: id, because }];
      }),
    };
  });
};
