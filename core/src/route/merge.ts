import { RATES, TRANSFER } from '../catalog';
import { litresFor } from '../coating';
import { isFaceOnTop } from '../piece';
import { sideOf, type Side, type SurfaceContext } from './context';
import type { GateKind, Operation } from './operation';
import { risksOf } from './risk';
import type { Rule, Work } from './rule';

/** An operation before it is put in order. */
export interface Draft {
  readonly operation: Operation;
  readonly rank: number;
  readonly waitsFor: readonly GateKind[];
  /** Where a two-tone piece is coated one side after the other. */
  readonly side: Side | undefined;
}

/** One rule's work on one surface. */
export interface Proposal {
  readonly rule: Rule;
  readonly surface: SurfaceContext;
  readonly work: Work;
}

/** Minutes for setting up, charged once for all surfaces together. */
const setUpMinutes = (group: readonly Proposal[]): number =>
  Math.max(0, ...group.flatMap(({ work }) => (work.setUp ? RATES[work.setUp].fixed : [])));

/** Work done once for the piece, however many surfaces ask for it. */
const ONCE = new Set([
  'photograph',
  'contain-lead',
  'hardware-off',
  'doors-off',
  'drawers-out',
  'hardware-on',
  'doors-on',
  'drawers-in',
  'anchor',
  'bumpers',
  'care-sheet',
  'harden',
  'polish-fittings',
  'repaint-fittings',
  'fill-old-holes',
  'drill-new-holes',
]);

/** From here on a two-tone piece is coated one side after the other. */
const apart = ({ rule, surface, work }: Proposal): Side | undefined =>
  rule.phase === 'colour' || rule.phase === 'protect' || work.method === 'mask-border'
    ? sideOf(surface)
    : undefined;

/** Same method and variant, and the same answer to the lead gate, may be one operation. */
const keyOf = (it: Proposal): string => {
  const { rule, surface, work } = it;
  const held = work.makesDust && surface.lead === 'open' ? 'held' : '';
  return [rule.phase, work.method, work.variant, held, apart(it)].filter(Boolean).join('.');
};

const unique = <T>(list: readonly T[]): T[] => [...new Set(list)];

const uniqueBy = <T>(list: readonly T[], key: (it: T) => string): T[] => [
  ...new Map(list.map((it) => [key(it), it])).values(),
];

const sum = (list: readonly number[]): number => list.reduce((a, b) => a + b, 0);

/** Two rules that ask for the same work on one surface are answered by doing it once. */
const minutesOnAll = (group: readonly Proposal[]): number =>
  sum(
    unique(group.map((it) => it.surface)).map((surface) => {
      const onIt = group.filter((it) => it.surface === surface);
      return Math.max(
        ...unique(onIt.map((it) => it.rule)).map((rule) =>
          sum(onIt.filter((it) => it.rule === rule).map((it) => it.work.minutes)),
        ),
      );
    }),
  );

const FACES_FIRST = {
  bodyFirst: 'Body first, the face on top last: nothing drips on it.',
  topFirst: 'The face on top first: it gets the longest time to harden.',
} as const;

/** Where a coat goes on body and top in one session, which of them comes first, by the shop's school. */
const faceOrder = (group: readonly Proposal[]): readonly string[] => {
  const faces = group.filter((it) => isFaceOnTop(it.surface.surface)).length;
  const [first] = group;
  return first?.work.coating && faces > 0 && faces < group.length
    ? [FACES_FIRST[first.surface.shop.schools.faces]]
    : [];
};

/** Surfaces in the order in which they are worked on. */
const inOrderOfWork = (group: readonly Proposal[]): readonly string[] => {
  const rank = ({ surface: s }: Proposal): number =>
    isFaceOnTop(s.surface) === (s.shop.schools.faces === 'topFirst') ? 0 : 1;
  return unique(
    (group[0]?.work.coating ? [...group].sort((a, b) => rank(a) - rank(b)) : group).map(
      (it) => it.surface.surface.id,
    ),
  );
};

/** The reasons of a group; surfaces with the same reason share one sentence: "Top, legs: …". */
const reasonsOf = (group: readonly Proposal[]): Operation['reasons'] => {
  const byText = new Map<
    string,
    { rule: string; said: string; names: string[]; observationIds: string[] }
  >();
  for (const { rule, surface: s } of group) {
    const text = rule.because(s);
    const prefix = `${s.surface.name}: `;
    const isNamed = text.startsWith(prefix);
    const said = isNamed ? text.slice(prefix.length) : text;
    const key = `${rule.id}/${isNamed}/${said}`;
    const known = byText.get(key) ?? { rule: rule.id, said, names: [], observationIds: [] };
    byText.set(key, {
      ...known,
      names: isNamed ? unique([...known.names, s.surface.name]) : [],
      observationIds: unique([...known.observationIds, ...(rule.evidence?.(s) ?? [])]),
    });
  }
  return [...byText.values()].map(({ rule, said, names, observationIds }) => ({
    rule,
    text: names.length > 0 ? `${names.join(', ')}: ${said}` : said,
    observationIds,
  }));
};

/** What a coat takes on all surfaces of a group, losses counted in, L. */
const litresOn = (group: readonly Proposal[]): number | null => {
  const coating = group[0]?.work.coating;
  if (!coating) return null;
  const surfaces = unique(group.map((it) => it.surface));
  const area = sum(surfaces.map((it) => it.surface.areaMm2));
  return litresFor(coating, area) / TRANSFER[group[0]?.work.sprayed ? 'sprayed' : 'brushed'];
};

/** The face that is likeliest to be sanded through speaks for all. */
const worstSandThrough = (group: readonly Proposal[]): Operation['sandThrough'] =>
  group
    .flatMap((it) => it.work.sandThrough ?? [])
    .reduce<Operation['sandThrough']>((a, b) => (a && a.edge >= b.edge ? a : b), null);

const mergeGroup = (id: string, group: readonly Proposal[]): Draft | undefined => {
  const [first] = group;
  if (!first) return undefined;
  const { work, rule } = first;
  const worked = ONCE.has(work.method)
    ? Math.max(...group.map((it) => it.work.minutes))
    : minutesOnAll(group);
  const wait = group
    .flatMap((it) => it.work.wait ?? [])
    .reduce<Operation['wait']>((a, b) => (a && a.minutes >= b.minutes ? a : b), null);
  return {
    rank: work.rank,
    waitsFor: unique(group.flatMap((it) => it.work.waitsFor ?? [])),
    side: apart(first),
    operation: {
      id,
      phase: rule.phase,
      method: work.method,
      title: work.title,
      surfaceIds: [...inOrderOfWork(group)],
      how: [...faceOrder(group), ...unique(group.flatMap((it) => it.work.how))],
      materials: unique(group.flatMap((it) => it.work.materials ?? [])),
      minutes: Math.max(1, Math.round(worked + setUpMinutes(group))),
      wait,
      protection: unique(group.flatMap((it) => it.work.protection ?? [])),
      cautions: uniqueBy(
        group.flatMap((it) => it.work.cautions ?? []),
        (it) => it.text,
      ),
      reasons: reasonsOf(group),
      grits: [...(work.grits ?? [])],
      ladder: work.ladder ?? null,
      sandThrough: worstSandThrough(group),
      makesDust: work.makesDust ?? false,
      dedusts: work.dedusts ?? false,
      coats: work.coating !== undefined && work.coating !== null,
      coating: work.coating ?? null,
      litres: litresOn(group),
      sprayed: work.sprayed ?? false,
      leaves: work.leaves ?? null,
      risks: uniqueBy(
        group.flatMap((it) => risksOf(it.surface.surface.id, it.work.risks)),
        (it) => `${it.kind}/${it.surfaceId}`,
      ),
      gate: work.gate ?? null,
      heldBy: [],
      after: [],
      insteadOf: uniqueBy(
        group.flatMap((it) => it.work.insteadOf ?? []),
        (it) => it.label,
      ),
    },
  };
};

/** Puts like work on different surfaces together. */
export const merge = (proposals: readonly Proposal[]): readonly Draft[] => {
  const groups = new Map<string, Proposal[]>();
  for (const it of proposals) {
    const key = keyOf(it);
    groups.set(key, [...(groups.get(key) ?? []), it]);
  }
  return [...groups].flatMap(([id, group]) => mergeGroup(id, group) ?? []);
};
