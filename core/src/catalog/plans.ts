import type { Coating } from './coatings';
import { SLOWER } from './decisions';
import { CLEAR_COATS } from './limits';
import type { Rate } from './rates';
import { PAPER_CHOICES } from './sandingModel';
import { JUDGEMENT, type SourceMark } from './source';
import { OILY, PAINT, POWDERY, PRINTED, type StateCondition } from './state';
import type { StripWay } from './stripWays';
import { table } from './table';

/** What the owner may want of a surface, as far as it decides what has to be known. */
export type AimKind = 'clear' | 'stained' | 'paintedLight' | 'paintedDark';

/** A way to treat a surface, as coarse as the decision what to test next needs it. */
export interface PlanRow<Id extends string = string> {
  readonly id: Id;
  readonly label: string;
  readonly shows: 'clear' | 'stained' | 'paint';
  readonly strips: boolean;
  readonly dust: boolean;
  /** Washes off wax and silicone first. */
  readonly washes: boolean;
  /** Has a stain-blocking primer. */
  readonly blocks: boolean;
  /** Has a primer that grips smooth faces. */
  readonly bonds: boolean;
  /** The work in short: what the planner would do, by the same rates and materials. */
  readonly does: readonly PlanStep[];
  readonly source: SourceMark;
}

/** A step of a plan: work by a rate, a way to strip, a ladder on bare wood, or coats. */
export type PlanStep =
  | { readonly rate: Rate; readonly times?: number }
  | { readonly strip: StripWay }
  | { readonly ladderTo: number }
  | { readonly coats: Coating; readonly count: number; readonly rate?: Rate };

const plan = <const Id extends string>(it: Omit<PlanRow<Id>, 'source'>) => ({
  ...it,
  source: JUDGEMENT,
});

const STRIP = { strips: true, dust: true, washes: true, blocks: false, bonds: false } as const;
const SCUFF = { shows: 'paint', strips: false, dust: true, bonds: false } as const;

const CLEAN: readonly PlanStep[] = [{ rate: 'vacuum' }, { rate: 'degrease' }];
const WASH: PlanStep = { rate: 'waxOff' };
const SCUFFED: readonly PlanStep[] = [{ rate: 'scuff' }, { rate: 'dedust' }];
const stripped = (target: number): readonly PlanStep[] => [
  ...CLEAN,
  { strip: 'gel' },
  { ladderTo: target },
  { rate: 'dedust' },
];
const BLOCKED: readonly PlanStep[] = [
  { coats: 'pigmentedShellac', count: 2 },
  { rate: 'dull', times: 2 },
];
const BONDED: readonly PlanStep[] = [{ coats: 'bonding', count: 1 }, { rate: 'dull' }];
const PAINTED: PlanStep = { coats: 'cabinetEnamel', count: 2 };
const CLEARED: PlanStep = { coats: 'waterClear', count: CLEAR_COATS.middle };

/** The ways that compete for a surface when Obrik decides which test is worth its minutes. */
export const PLANS = table([
  plan({
    id: 'strip-clear',
    label: 'strip and clear',
    shows: 'clear',
    ...STRIP,
    does: [...stripped(PAPER_CHOICES.target.wood.solid), CLEARED],
  }),
  plan({
    id: 'strip-stain',
    label: 'strip and stain',
    shows: 'stained',
    ...STRIP,
    does: [
      ...stripped(PAPER_CHOICES.target.stained.solid),
      { coats: 'oilStain', count: 1, rate: 'wiped' },
      CLEARED,
    ],
  }),
  plan({
    id: 'scuff-paint',
    label: 'scuff and paint',
    ...SCUFF,
    washes: false,
    blocks: false,
    does: [...CLEAN, ...SCUFFED, PAINTED],
  }),
  plan({
    id: 'wash-scuff-paint',
    label: 'wash off the wax, scuff and paint',
    ...SCUFF,
    washes: true,
    blocks: false,
    does: [...CLEAN, WASH, ...SCUFFED, PAINTED],
  }),
  plan({
    id: 'scuff-block-paint',
    label: 'scuff, block and paint',
    ...SCUFF,
    washes: false,
    blocks: true,
    does: [...CLEAN, ...SCUFFED, ...BLOCKED, PAINTED],
  }),
  plan({
    id: 'wash-scuff-block-paint',
    label: 'wash off the wax, scuff, block and paint',
    ...SCUFF,
    washes: true,
    blocks: true,
    does: [...CLEAN, WASH, ...SCUFFED, ...BLOCKED, PAINTED],
  }),
  plan({
    id: 'scuff-bond-paint',
    label: 'scuff, bonding primer and paint',
    ...SCUFF,
    bonds: true,
    washes: false,
    blocks: false,
    does: [...CLEAN, ...SCUFFED, ...BONDED, PAINTED],
  }),
  plan({
    id: 'encapsulate',
    label: 'seal in wet, block and paint',
    shows: 'paint',
    strips: false,
    dust: false,
    washes: true,
    blocks: true,
    bonds: true,
    does: [
      { rate: 'contain' },
      ...CLEAN,
      WASH,
      { rate: 'wetScuff' },
      { coats: 'pigmentedShellac', count: 2 },
      { rate: 'dullWet', times: 2 * SLOWER.wet },
      PAINTED,
    ],
  }),
]);

type Traits = Pick<PlanRow, 'strips' | 'dust' | 'washes' | 'blocks' | 'bonds' | 'shows'>;

interface MishapRow<Id extends string = string> {
  readonly id: Id;
  readonly label: string;
  readonly when: StateCondition;
  /** Plans in which it can happen; a list of what they may show. */
  readonly plan: Partial<Omit<Traits, 'shows'>> & { readonly shows?: readonly PlanRow['shows'][] };
  /** Aims for which it is a mishap; absent: all. */
  readonly aims?: readonly AimKind[];
  /** Chance of it; 'thin-veneer' is the chance that the face is too thin to be stripped and sanded. */
  readonly chance: number | 'thin-veneer';
  readonly fixedMinutes: number;
  readonly minutesPerM2: number;
  readonly source: SourceMark;
}
const mishap = <const Id extends string>(it: Omit<MishapRow<Id>, 'source'>) => ({
  ...it,
  source: JUDGEMENT,
});

/** What goes wrong with a plan on a surface that is not what was thought, and what it costs. */
export const MISHAPS = table([
  mishap({
    id: 'lead-dust',
    label: 'lead dust in the shop',
    when: { lead: ['present'] },
    plan: { dust: true },
    chance: 1,
    fixedMinutes: 20_000,
    minutesPerM2: 0,
  }),
  mishap({
    id: 'stain-on-print',
    label: 'stripper and stain on a face that is not wood',
    when: { substrate: [...PRINTED, 'board', 'other'] },
    plan: { shows: ['clear', 'stained'] },
    chance: 1,
    fixedMinutes: 90,
    minutesPerM2: 300,
  }),
  mishap({
    id: 'sand-through',
    label: 'sanding through the veneer',
    when: { substrate: ['veneerSolid', 'veneerCore', 'plywood'] },
    plan: { strips: true },
    chance: 'thin-veneer',
    fixedMinutes: 90,
    minutesPerM2: 240,
  }),
  mishap({
    id: 'bleed-through',
    label: 'stains through the paint',
    when: { bleed: ['tannin', 'resin', 'dye', 'stain'] },
    plan: { blocks: false, shows: ['paint'] },
    aims: ['paintedLight'],
    chance: 0.85,
    fixedMinutes: 60,
    minutesPerM2: 160,
  }),
  mishap({
    id: 'dye-in-clear',
    label: 'old dye running into the clear coat',
    when: { bleed: ['dye'] },
    plan: { shows: ['clear', 'stained'] },
    chance: 0.3,
    fixedMinutes: 30,
    minutesPerM2: 80,
  }),
  mishap({
    id: 'peel-over-wax',
    label: 'paint peeling off wax',
    when: { finish: ['wax', 'waxedFilm'] },
    plan: { washes: false, shows: ['paint'] },
    chance: 0.6,
    fixedMinutes: 60,
    minutesPerM2: 260,
  }),
  mishap({
    id: 'peel-off-gloss',
    label: 'paint peeling off a factory film',
    when: { finish: ['factory'] },
    plan: { bonds: false, blocks: false, shows: ['paint'] },
    chance: 0.35,
    fixedMinutes: 60,
    minutesPerM2: 260,
  }),
  mishap({
    id: 'powdery-ground',
    label: 'paint lifting off powdery old paint',
    when: { finish: POWDERY },
    plan: { bonds: false, blocks: false, shows: ['paint'] },
    chance: 0.25,
    fixedMinutes: 60,
    minutesPerM2: 260,
  }),
  mishap({
    id: 'blotches',
    label: 'stain going on in blotches',
    when: { wood: ['pale', 'knotty', 'cherry'] },
    plan: { shows: ['stained'] },
    chance: 0.4,
    fixedMinutes: 20,
    minutesPerM2: 60,
  }),
  mishap({
    id: 'refuses-stain',
    label: 'oily wood refusing stain and clear',
    when: { wood: OILY },
    plan: { shows: ['clear', 'stained'] },
    chance: 0.3,
    fixedMinutes: 40,
    minutesPerM2: 100,
  }),
  mishap({
    id: 'many-layers-to-strip',
    label: 'paint taking twice as long to strip',
    when: { finish: PAINT },
    plan: { strips: true },
    chance: 1,
    fixedMinutes: 15,
    minutesPerM2: 60,
  }),
]);

/** What it is worth to get what was aimed at, minutes: what a plan that misses the aim is charged. */
export const AIM_MISSED = {
  woodForPaint: { fixedMinutes: 60, minutesPerM2: 200 },
  stainForClear: { fixedMinutes: 25, minutesPerM2: 40 },
  source: JUDGEMENT,
} as const;

/** What is likely wanted where nobody has said so yet. */
export const AIM_SHARES: Readonly<Record<AimKind, number>> = {
  clear: 0.25,
  stained: 0.2,
  paintedLight: 0.35,
  paintedDark: 0.2,
};

/**
 * How much more is paid in tests than a mistake would cost in minutes. A test is cheap and a
 * mistake is not only minutes: material, trust, a date. Set so that following the advice goes
 * wrong no more often than doing every test there is (see npm run bench).
 */
export const MISTAKE_WEIGHT = { value: 150, source: JUDGEMENT } as const;
