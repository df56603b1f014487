import { COATINGS, type Coating } from '../catalog';
import { capital } from './language';
import { showTemperature, showVolume, type UnitSystem } from '../units';

/** What is wrong with the air, as it is said. */
export const AIR_FAULTS = {
  cold: 'too cold',
  hot: 'too hot',
  humid: 'too humid',
  dew: 'the dew point is too near',
} as const;
export type AirFault = keyof typeof AIR_FAULTS;

const inList = (faults: readonly AirFault[]): string =>
  faults.map((it) => AIR_FAULTS[it]).join(' and ');

/** Up to this, a coat dries as fast as the tin says. */
const AS_LABELLED = 1.15;

/** How fast waterborne coats dry in this air. */
const paceInWords = (slower: number | null): string => {
  if (slower === null) return 'Water-based coats don’t dry in this air.';
  if (slower > AS_LABELLED)
    return `Water-based coats take ${slower.toFixed(1)} × as long as the tin says.`;
  if (slower < 1 / AS_LABELLED)
    return 'Water-based coats dry faster than the tin says: keep a wet edge.';
  return 'Water-based coats dry as the tin says.';
};

/** What would mend the air, as facts. */
type MendFacts =
  | { readonly kind: 'heat'; readonly toCelsius: number }
  | { readonly kind: 'dry'; readonly toHumidity: number; readonly waterGrams: number }
  | { readonly kind: 'wait'; readonly until: number }
  | { readonly kind: 'other'; readonly coatings: readonly Coating[] };

export const CLOCK_WORDS = {
  /** What the air means, in a sentence or two. @param changes when it changes, as a time */
  air: (it: {
    readonly slower: number | null;
    readonly wrong: readonly AirFault[];
    readonly changes: string | null;
    readonly then: readonly AirFault[];
  }): string => {
    const pace = paceInWords(it.slower);
    if (it.wrong.length > 0) {
      const now = `Not for coating now: ${inList(it.wrong)}.`;
      return it.changes === null ? now : `${now} Fine again from ${it.changes}.`;
    }
    return it.changes === null
      ? `${pace} Fine to coat.`
      : `${pace} Fine to coat until ${it.changes}, then ${inList(it.then)}.`;
  },
  figures: (celsius: number, humidity: number, units: UnitSystem): string =>
    `${showTemperature(celsius, units)} · ${Math.round(humidity)} %`,
  /** The air of some days, for those who can’t see the picture. */
  ahead: (
    hours: readonly { readonly celsius: number; readonly humidity: number }[],
    units: UnitSystem,
  ): string => {
    const warmth = hours.map((it) => it.celsius);
    const damp = hours.map((it) => it.humidity);
    const [coldest, warmest] = [Math.min(...warmth), Math.max(...warmth)];
    return `From ${showTemperature(coldest, units)} to ${showTemperature(warmest, units)}, from ${Math.round(Math.min(...damp))} to ${Math.round(Math.max(...damp))} % humidity.`;
  },
  /** What would mend the air for a coat. @param time how a minute is said */
  mend: (it: MendFacts, time: (minute: number) => string, units: UnitSystem): string => {
    switch (it.kind) {
      case 'heat':
        return `Heat the room to ${showTemperature(it.toCelsius, units)}.`;
      case 'dry':
        return `Dry its air to ${it.toHumidity} %: at least ${showVolume(it.waterGrams / 1000, units)} of water to take out.`;
      case 'wait':
        return `Wait until ${time(it.until)}.`;
      case 'other':
        return `Or another coat that bears this air: ${it.coatings.map((one) => COATINGS.get(one).label.toLowerCase()).join(', ')}.`;
    }
  },
  because: {
    free: () => 'Can begin at once.',
    hours: () => 'Begins with the working hours.',
    air: () => 'The air bears no such coat before, in the hours in which somebody works.',
    turn: () => 'Its turn comes then.',
    release: () => 'Put off until then.',
    material: () => 'Its material is missing until then.',
    fixed: () => 'Under way.',
    after: (it: { readonly title: string }) => `Waits for: ${it.title}.`,
    hands: (it: { readonly title: string; readonly name: string }) =>
      `The same hands are at: ${it.title} (${it.name}).`,
    wetBeside: (it: { readonly name: string }) => `No dust beside the wet coat on ${it.name}.`,
    dustBeside: (it: { readonly name: string }) => `Not in the dust of ${it.name}.`,
    full: (it: { readonly place: string }) => `${it.place} is full until then.`,
  },
  /** Why a step has no time as things are. */
  stalled: {
    drying: (title: string) => `“${title}” never dries in this air.`,
    air: (it: { readonly coating: Coating; readonly wrong: readonly AirFault[] }) =>
      it.wrong.length === 0
        ? `${capital(COATINGS.get(it.coating).label)} never dries in this air.`
        : `Wrong air for ${COATINGS.get(it.coating).label}: ${inList(it.wrong)}.`,
    hours: () => 'No stretch of working hours is long enough.',
    after: (title: string) => `Waiting on “${title}”.`,
  },
  /** That a plan has no end, and why. @param count steps that are stalled */
  noEnd: (count: number) =>
    `No finish date: ${count === 1 ? '1 step is' : `${count} steps are`} stalled.`,
  /** That nothing can be done now, and why not. */
  nothingNow: (it: {
    readonly drying: boolean;
    readonly asks: boolean;
    readonly planned: boolean;
    readonly stalled: boolean;
  }) => {
    if (it.drying && it.asks)
      return 'Nothing to do now: everything is drying or waiting on an answer.';
    if (it.drying) return 'Nothing to do now: everything is drying.';
    if (it.asks) return 'Nothing to do now: everything is waiting on an answer.';
    if (it.stalled) return 'Nothing to do now: the next steps are stalled.';
    return it.planned
      ? 'Nothing to do now. The next step has its time below.'
      : 'Nothing left to do on the bench.';
  },
  finished: (day: string) => `Everything finished ${day}.`,
  stalledBy: (count: number) =>
    count === 1 ? 'A step would be stalled.' : `${count} steps would be stalled.`,
  /** What the air holds up on a piece. @param until about when it can be laid, as a day */
  heldByAir: (it: {
    readonly coating: Coating;
    readonly place: string;
    readonly wrong: readonly AirFault[];
    readonly until: string | null;
  }) => {
    const coat = COATINGS.get(it.coating).label;
    const air = it.wrong.length === 0 ? 'Wrong air' : capital(inList(it.wrong));
    const end =
      it.until === null
        ? 'There’s no end to that in sight.'
        : `By the usual course of the year, that lasts until about ${it.until}.`;
    return `${air} in “${it.place}” for ${coat}. ${end}`;
  },
  /** What would help, with the day on which the piece is done by it. */
  airRemedy: (
    it:
      | { readonly kind: 'heater'; readonly watt: number; readonly toCelsius: number }
      | { readonly kind: 'indoors'; readonly toCelsius: number }
      | { readonly kind: 'material'; readonly coating: Coating },
    units: UnitSystem,
  ): { readonly title: string; readonly how: string; readonly act: string } => {
    switch (it.kind) {
      case 'heater':
        return {
          title: `Heat to ${showTemperature(it.toCelsius, units)}`,
          how: `With a heater of ${(it.watt / 1000).toFixed(0)} kW where you coat. No open flame near solvents.`,
          act: 'Plan with heater',
        };
      case 'indoors':
        return {
          title: 'Coat indoors',
          how: `In a room at ${showTemperature(it.toCelsius, units)}. Dusty work stays where it is. Air the room well.`,
          act: 'Plan indoors',
        };
      case 'material':
        return {
          title: `Use ${COATINGS.get(it.coating).label}`,
          how: 'Another class of material, which can take this air. Follow its label.',
          act: 'Plan with it',
        };
    }
  },
  /** How good a plan is. @param bound the day before which nothing could be done */
  quality: (it: {
    readonly gap: number;
    readonly bound: string;
    readonly from: 'chain' | 'hands';
  }): string => {
    const why =
      it.from === 'chain'
        ? 'drying, the air and the order of the work take that long'
        : 'there are no more hours than that';
    return it.gap < 0.005
      ? `It can’t be done sooner: ${why}.`
      : `No order of the work is done before ${it.bound}: ${why}. This plan is at most ${Math.max(1, Math.round(it.gap * 100))} % longer.`;
  },
  scuff: (minutes: string): string =>
    `The window of the coat below is closed by then: scuff first, ${minutes}.`,
  moreScuffs: (minutes: string): string =>
    `Windows close that would have been held: ${minutes} of scuffing more.`,
  whatIf: {
    heat: 'Heated to 20 °C',
    fan: 'A fan in the room',
    secondPerson: 'A second person',
    saturday: 'Saturdays as well',
    sunday: 'Sundays as well',
    waterbased: 'Water-based instead of oil-based',
    startSaturday: 'Begin on Saturday only',
  },
} as const;
