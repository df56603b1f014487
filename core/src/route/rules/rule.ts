import {
  DANGERS,
  DECISIONS,
  MATERIALS,
  METHODS,
  lineOf,
  wornTogether,
  type CheckId,
  type Method,
  type MethodRow,
  type Protection,
  type Told,
} from '../../catalog';
import { LEAD_ON_PIECE, cautionsOf, type CautionWords, type RiskKind } from '../../words';
import {
  PLAIN,
  dangersOf,
  disturbs,
  type Consumed,
  type Lag,
  type Place,
  type Traits,
} from '../../effect';
import {
  batchKeyOf,
  keyOf,
  placeOf,
  type Effort,
  type Gate,
  type GateKind,
  type Phase,
  type Risk,
  type SetUp,
  type Task,
} from '../../work';
import { checksOf } from '../finish/checks';
import type { Whole } from '../context/whole';
import type { SurfaceContext } from '../context/context';
import { linesFor } from './lines';
import { openQuestions } from '../context/questions';

/** Chances by kind, as a rule tells them; what is left out can't happen. */
export type Chances = Readonly<Partial<Record<RiskKind, number>>>;

/** What follows from the method alone. */
type OfMethod = 'opensLayers' | 'makesDust' | 'dedusts' | 'wets' | 'heats' | 'evicts';

const traitsOfMethod = (it: MethodRow): Pick<Traits, OfMethod> => ({
  opensLayers: it.opensLayers,
  makesDust: it.dust,
  dedusts: it.dedusts,
  wets: it.wet,
  heats: it.heat,
  evicts: it.evicts,
});

/** Work that a rule asks for, before it is a task: what is left out is nothing, or the usual. */
export interface Draft {
  readonly method: Method;
  /** The surfaces that it is done on or speaks for; those of its rule where left out. */
  readonly on?: readonly SurfaceContext[];
  /** Place within the phase; lower comes first. */
  readonly rank: number;
  /** Where a rule asks for several tasks on one place: which of them; "1" where left out. */
  readonly occurrence?: string;
  /** Facts that like work on other places must share to be done in one go. */
  readonly setUp?: SetUp;
  readonly title: string;
  readonly how: readonly Told[];
  /** What its method does not say: what it makes of the face, lays, takes off or mends. */
  readonly traits?: Partial<Omit<Traits, OfMethod>>;
  readonly effort: Effort;
  readonly consumes?: readonly Consumed[];
  readonly protection?: readonly Protection[];
  /** Beside those that the materials bring with them. */
  readonly cautions?: readonly CautionWords[];
  /** Questions to answer afterwards, beside those that such work is always looked at with. */
  readonly checks?: readonly CheckId[];
  readonly risks?: Chances;
  readonly wait?: Lag | null;
  readonly gate?: Gate;
  /** Kinds of open questions that have to be answered first; what opens layers or covers them waits for lead. */
  readonly waitsFor?: readonly GateKind[];
  readonly ladder?: Task['ladder'];
  readonly sandThrough?: Task['sandThrough'];
  readonly insteadOf?: Task['insteadOf'];
  /** Done to the old part, before it is off and a fresh one in its place. */
  readonly onOldPart?: true;
  /** Its own reason, where it is another than the rule's. */
  readonly because?: string;
  readonly evidence?: readonly string[];
  /** The reason holds wherever it is done, and names no surface. */
  readonly general?: boolean;
}

interface Named {
  readonly id: string;
  readonly phase: Phase;
  /** Goes ahead even where the aim of the surface is refused: it does not commit to the aim. */
  readonly regardless?: boolean;
}

/** A named judgement of the trade about one surface: when it applies, why, and the work that follows. */
export interface SurfaceRule extends Named {
  readonly of: 'surface';
  /** Is something missing on the surface, as it is now? */
  readonly applies: (s: SurfaceContext, asked: readonly Task[]) => boolean;
  readonly because: (s: SurfaceContext) => string;
  /** The reason holds wherever it applies, and names no surface. */
  readonly general?: boolean;
  /** Observations that the judgement rests on. */
  readonly evidence?: (s: SurfaceContext) => readonly string[];
  readonly work: (s: SurfaceContext, asked: readonly Task[]) => readonly Draft[];
}

/** A named judgement about the piece, or about parts that come off it. */
export interface PieceRule extends Named {
  readonly of: 'piece';
  readonly place: Place;
  /** Its reason is said of the surfaces by name. */
  readonly ofSurface?: boolean;
  /** The surfaces that ask for it, as they are now; none where nothing is missing. */
  readonly asks: (whole: Whole) => readonly SurfaceContext[];
  readonly because: (whole: Whole, asking: readonly SurfaceContext[]) => string;
  readonly evidence?: (asking: readonly SurfaceContext[]) => readonly string[];
  readonly work: (whole: Whole, asking: readonly SurfaceContext[]) => Draft | readonly Draft[];
}

export type Rule = SurfaceRule | PieceRule;

/** Rules are told without the word for what they are about. */
export const surfaceRule = (it: Omit<SurfaceRule, 'of'>): SurfaceRule => ({ of: 'surface', ...it });
export const pieceRule = (it: Omit<PieceRule, 'of'>): PieceRule => ({ of: 'piece', ...it });

const unique = <T>(list: readonly T[]): readonly T[] => [...new Set(list)];

/** The risks of one surface that are worth a word. */
const risksOn = (surfaceIds: readonly string[], chances: Chances = {}): readonly Risk[] =>
  (Object.entries(chances) as [RiskKind, number][])
    .filter(([, chance]) => chance >= DECISIONS.riskWorthSaying.value)
    .flatMap(([kind, chance]) =>
      surfaceIds.map((surfaceId) => ({ kind, surfaceId, chance: Math.min(1, chance) })),
    );

const uniqueCautions = (list: readonly CautionWords[]): readonly CautionWords[] => [
  ...new Map(list.map((it) => [it.text, it])).values(),
];

/** Where a draft is done, by which rule, and why. */
interface Grounds {
  readonly rule: Named;
  readonly place: Place;
  readonly faces: readonly SurfaceContext[];
  readonly because: string;
  readonly ofSurface: boolean;
  readonly evidence: readonly string[];
}

/** Phases in which nobody touches the paint: a record and a care sheet. */
const HANDS_OFF: readonly Phase[] = ['record', 'handover'];
/** Readings that have to be in order before a coat goes on. */
const BEFORE_COATS: readonly GateKind[] = ['moisture', 'ph', 'air'];

/** Lines that do more than their method says are a mistake in the catalog: its judgement would not cover them. */
const checked = (method: MethodRow, told: readonly Told[]): readonly Told[] => {
  const all = told.map(lineOf).flatMap((it) => [it, ...it.instead]);
  const stray = all.find((it) => it.does.some((one) => !method.does.includes(one)));
  if (stray) {
    throw new Error(
      `A line of "${method.id}" does more than the method: "${stray.text}" (${stray.does.join(', ')}). Add it to the method's "does" in catalog/methods, and judge it.`,
    );
  }
  return told;
};

/** Makes a task of a draft: its key, its protection and cautions from the materials, and what holds it. */
export const taskOf = (draft: Draft, on: Grounds): Task => {
  const { rule, place, faces } = on;
  const surfaceIds = faces.map((s) => s.surface.id);
  const open = unique(faces.flatMap(openQuestions));
  const occurrence = draft.occurrence ?? '1';
  const method = METHODS.get(draft.method);
  const traits: Traits = { ...PLAIN, ...traitsOfMethod(method), ...draft.traits };
  const consumes = draft.consumes ?? [];
  const materials = consumes.map((it) => MATERIALS.get(it.material));
  const waitsFor: readonly GateKind[] = [
    ...(draft.waitsFor ?? []),
    // A coat over layers that nobody has tested hides them from the test.
    ...(disturbs(traits) || traits.lays ? (['lead'] as const) : []),
    ...(traits.lays ? BEFORE_COATS : []),
    ...(consumes.some((it) => it.why === 'fills' || it.why === 'glues')
      ? (['moisture'] as const)
      : []),
  ];
  const holds = open.filter((it) => waitsFor.includes(it) && it !== draft.gate?.kind);
  const { lines, otherwise } = linesFor(checked(method, draft.how), {
    faces,
    filmOn: placeOf(rule.phase) <= placeOf('strip') || faces.some((s) => !s.strips),
    ofPiece: place.of !== 'surface',
    onOldPart: draft.onOldPart === true,
    waitsForLead: holds.includes('lead'),
  });
  const setUp = draft.setUp ?? {};
  const withLead = faces.some((s) => s.leadOnPiece) && !HANDS_OFF.includes(rule.phase);
  const dangers = unique([
    ...dangersOf(traits),
    ...lines.flatMap((it) => it.does),
    ...(withLead ? (['lead'] as const) : []),
  ]);
  return {
    key: keyOf(place, rule.id, occurrence),
    rule: rule.id,
    place,
    occurrence,
    phase: rule.phase,
    rank: draft.rank,
    surfaceIds,
    method: draft.method,
    setUp,
    batchKey: batchKeyOf({ rule: rule.id, method: draft.method, setUp, holds }, otherwise),
    traits,
    title: draft.title,
    how: lines,
    reason: {
      rule: rule.id,
      text: draft.because ?? on.because,
      ofSurface: on.ofSurface && !draft.general,
      observationIds: unique(draft.evidence ?? on.evidence),
    },
    effort: draft.effort,
    consumes,
    protection: wornTogether([
      ...method.protection,
      ...(draft.protection ?? []),
      ...materials.flatMap((it) => it.protection),
      ...dangers.flatMap((it) => DANGERS.get(it).needs),
    ]),
    cautions: uniqueCautions([
      ...(draft.cautions ?? []),
      ...cautionsOf(materials.flatMap((it) => it.hazards)),
      ...(withLead ? [LEAD_ON_PIECE] : []),
    ]),
    checks: checksOf({ traits, consumes, own: draft.checks ?? [] }),
    risks: risksOn(surfaceIds, draft.risks),
    wait: draft.wait ?? null,
    gate: draft.gate ?? null,
    holds,
    ladder: draft.ladder ?? null,
    sandThrough: draft.sandThrough ?? null,
    insteadOf: draft.insteadOf ?? [],
  };
};
