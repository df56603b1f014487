import { JUDGEMENT, PRACTICE, type SourceMark } from './source';
import { table } from './table';

/** What has to leave before something is dry. */
export type Vapour = 'water' | 'alcohol' | 'spirits';

interface DryingRow<Id extends string> {
  readonly id: Id;
  /** As it is said: "dries as …". */
  readonly label: string;
  /** What evaporates; null where nothing has to leave. */
  readonly vapour: Vapour | null;
  /** Share of the label time that goes into evaporating; the rest hardens. */
  readonly evaporates: number;
  /** The hardening part takes twice as long this many K colder. */
  readonly doublesEachK: number;
  /** Hardening in the film goes with its thickness, with its square, or not at all. */
  readonly filmPower: 0 | 1 | 2;
  /** Hardening takes this much longer for each % of humidity above the label's. */
  readonly dampSlows: number;
  /** Colder than this nothing goes on, °C; null where it only gets slower. */
  readonly stallsBelow: number | null;
  /** An early and a late one among ten, as shares of the expected time. */
  readonly early: number;
  readonly late: number;
  readonly source: SourceMark;
}

const row = <const Id extends string>(it: Omit<DryingRow<Id>, 'source'>): DryingRow<Id> => ({
  ...it,
  source: JUDGEMENT,
});

/** Air that label times are meant for. */
export const LABEL_AIR = { celsius: 23, humidity: 50, source: PRACTICE } as const;

/** Air for which the pace of drying is reckoned at all; beyond it is taken at the nearest end. */
export const DRYING_RANGE = {
  fromCelsius: 2,
  toCelsius: 38,
  fromHumidity: 15,
  toHumidity: 95,
  source: JUDGEMENT,
} as const;

/** How each kind of thing dries: evaporation by vapour, then hardening by temperature. */
export const DRYING = table([
  // Water leaves with the deficit of the air, then the particles have to flow together.
  row({
    id: 'water',
    label: 'a waterborne film',
    vapour: 'water',
    evaporates: 0.6,
    doublesEachK: 10,
    filmPower: 2,
    dampSlows: 0,
    stallsBelow: 8,
    early: 0.8,
    late: 1.4,
  }),
  row({
    id: 'alcohol',
    label: 'a film from alcohol',
    vapour: 'alcohol',
    evaporates: 1,
    doublesEachK: 10,
    filmPower: 1,
    dampSlows: 0,
    stallsBelow: null,
    early: 0.8,
    late: 1.35,
  }),
  row({
    id: 'solvent',
    label: 'a film from solvent',
    vapour: 'spirits',
    evaporates: 1,
    doublesEachK: 10,
    filmPower: 1,
    dampSlows: 0,
    stallsBelow: null,
    early: 0.8,
    late: 1.35,
  }),
  // Spirits leave in the first quarter; then oxygen has to get into the film.
  row({
    id: 'oxidation',
    label: 'an oil film',
    vapour: 'spirits',
    evaporates: 0.25,
    doublesEachK: 10,
    filmPower: 2,
    dampSlows: 0.015,
    stallsBelow: 4,
    early: 0.75,
    late: 1.6,
  }),
  row({
    id: 'wax',
    label: 'wax',
    vapour: 'spirits',
    evaporates: 1,
    doublesEachK: 10,
    filmPower: 0,
    dampSlows: 0,
    stallsBelow: null,
    early: 0.75,
    late: 1.5,
  }),
  row({
    id: 'reaction',
    label: 'what sets by its hardener',
    vapour: null,
    evaporates: 0,
    doublesEachK: 10,
    filmPower: 0,
    dampSlows: 0,
    stallsBelow: 4,
    early: 0.8,
    late: 1.4,
  }),
  row({
    id: 'glue',
    label: 'wood glue',
    vapour: 'water',
    evaporates: 0.25,
    doublesEachK: 10,
    filmPower: 0,
    dampSlows: 0,
    stallsBelow: 8,
    early: 0.85,
    late: 1.3,
  }),
  row({
    id: 'filler',
    label: 'a filler that dries',
    vapour: 'water',
    evaporates: 0.3,
    doublesEachK: 12,
    filmPower: 2,
    dampSlows: 0,
    stallsBelow: 5,
    early: 0.75,
    late: 1.5,
  }),
  row({
    id: 'wetWood',
    label: 'wet wood',
    vapour: 'water',
    evaporates: 1,
    doublesEachK: 10,
    filmPower: 0,
    dampSlows: 0,
    stallsBelow: null,
    early: 0.7,
    late: 1.5,
  }),
]);
export type Drying = (typeof DRYING.ids)[number];

/** How the air moves over the face, and how much faster what evaporates leaves then. */
export const AIR_MOVEMENT = table([
  { id: 'still', label: 'still air', faster: 1, source: JUDGEMENT },
  { id: 'draught', label: 'a window open', faster: 1.25, source: JUDGEMENT },
  { id: 'fan', label: 'a fan in the room', faster: 1.6, source: JUDGEMENT },
] as const);
export type AirMovement = (typeof AIR_MOVEMENT.ids)[number];

/**
 * Vapour pressure of ethanol by Antoine's equation, mmHg and °C, −57 to 80 °C (Lange's Handbook of
 * Chemistry; values from memory); and heat of vaporisation of mineral spirits, kJ/mol.
 */
export const VAPOUR = {
  ethanol: { a: 8.20417, b: 1642.89, c: 230.3 },
  spiritsHeat: 45,
  source: JUDGEMENT,
} as const;

/** Hardener by mass: range that still sets, as shares of the right one; the time goes with its inverse. */
export const HARDENER = { from: 0.6, to: 1.5, source: JUDGEMENT } as const;

/** What a coat is when, as shares of a time of its definition. */
export const COAT_STATES = table([
  { id: 'touchDry', label: 'dry to the touch', source: JUDGEMENT },
  { id: 'sandable', label: 'can be sanded', source: PRACTICE },
  { id: 'recoatOpens', label: 'takes the next coat', source: PRACTICE },
  { id: 'handle', label: 'can be taped and turned', source: JUDGEMENT },
  { id: 'recoatCloses', label: 'wants a scuff first', source: PRACTICE },
  { id: 'reassemble', label: 'bears its parts', source: PRACTICE },
  { id: 'lightUse', label: 'bears light use', source: JUDGEMENT },
  { id: 'cured', label: 'hard in full', source: PRACTICE },
] as const);
export type CoatState = (typeof COAT_STATES.ids)[number];

/** Dry to the touch after this share of the recoat time, and light use after this share of the cure. */
export const COAT_SHARES = {
  touchDry: { water: 0.3, alcohol: 0.3, solvent: 0.3, oxidation: 0.6, wax: 0.5 },
  lightUse: 0.25,
  source: JUDGEMENT,
} as const;

/** Dust in the air settles for this long before a coat, minutes. */
export const DUST_SETTLES = { value: 30, source: PRACTICE } as const;

/** A face follows the air of its room with this time constant, hours. */
export const FACE_LAG = { hours: 2.5, source: JUDGEMENT } as const;

/**
 * Half-time in which a board, bare on both sides, follows the air: this many days at 20 mm, with the
 * square of its thickness; a film on it makes it so many times slower.
 */
export const BOARD_HALF_TIME = { days: 7, atMm: 20, filmSlower: 4, source: JUDGEMENT } as const;
