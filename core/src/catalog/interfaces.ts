import { FINISHES, type Finish } from './finishes';
import { COATINGS, type Coating } from './coatings';
import { PRACTICE } from './source';
import { SUBSTRATES, type Substrate } from './substrates';

/**
 * How one material meets another.
 * ok: goes on as it is. scuff: after dulling. barrier: with another coat between. never: not at all.
 */
export type Verdict = 'ok' | 'scuff' | 'barrier' | 'never';

/** What a face is like to the coat that comes next. */
export const NATURES = [
  'wood',
  'board',
  'slick',
  'wax',
  'oiled',
  'shellac',
  'lacquer',
  'oilFilm',
  'factory',
  'waterFilm',
  'mineral',
  'stain',
  'filler',
] as const;
export type Nature = (typeof NATURES)[number];

const BY_SUBSTRATE: Readonly<Record<Substrate, Nature>> = {
  hardwood: 'wood',
  softwood: 'wood',
  plywood: 'wood',
  veneerSolid: 'wood',
  veneerCore: 'wood',
  hpl: 'slick',
  foil: 'slick',
  board: 'board',
  other: 'slick',
};

const BY_FINISH: Readonly<Record<Exclude<Finish, 'bare'>, Nature>> = {
  wax: 'wax',
  // Cured for years: a film, if a thin one.
  oil: 'oilFilm',
  shellac: 'shellac',
  lacquer: 'lacquer',
  varnish: 'oilFilm',
  factory: 'factory',
  latex: 'waterFilm',
  alkyd: 'oilFilm',
  chalk: 'mineral',
  milk: 'mineral',
};

const BY_COATING: Readonly<Record<Coating, Nature>> = {
  pigmentedShellac: 'shellac',
  clearShellac: 'shellac',
  bonding: 'waterFilm',
  sealing: 'waterFilm',
  acrylic: 'waterFilm',
  // Sanded back it is as open as chalk.
  grainFiller: 'mineral',
  caulk: 'filler',
  wallPaint: 'waterFilm',
  cabinetEnamel: 'waterFilm',
  mineralPaint: 'mineral',
  oilEnamel: 'oilFilm',
  conditioner: 'stain',
  oilStain: 'stain',
  waterStain: 'stain',
  gelStain: 'stain',
  // Matt and open, as long as nothing closes them.
  wash: 'mineral',
  glaze: 'mineral',
  dryBrush: 'mineral',
  waterClear: 'waterFilm',
  oilClear: 'oilFilm',
  hardOil: 'oiled',
  pasteWax: 'wax',
};

/** A layer that something may be laid on: the substrate, an old finish, or a new coat. */
export type Layer =
  | { readonly of: 'substrate'; readonly id: Substrate }
  | { readonly of: 'old'; readonly id: Exclude<Finish, 'bare'> }
  | { readonly of: 'coat'; readonly id: Coating };

export const natureOf = (it: Layer): Nature => {
  switch (it.of) {
    case 'substrate':
      return BY_SUBSTRATE[it.id];
    case 'old':
      return BY_FINISH[it.id];
    case 'coat':
      return BY_COATING[it.id];
  }
};

/** The name of a layer: “maple”, “old lacquer”, “waterborne clear”. */
export const layerLabel = (it: Layer): string => {
  switch (it.of) {
    case 'substrate':
      return SUBSTRATES.get(it.id).label;
    case 'old':
      return `old ${FINISHES.get(it.id).label}`;
    case 'coat':
      return COATINGS.get(it.id).label;
  }
};

/** Thickness of an old layer that nobody measured, µm (modelling judgement). */
export const OLD_FILM_UM = 40;

/** Every layer that there is. */
export const LAYERS: readonly Layer[] = [
  ...SUBSTRATES.ids.map((id) => ({ of: 'substrate', id }) as const),
  ...FINISHES.ids.flatMap((id) => (id === 'bare' ? [] : [{ of: 'old', id } as const])),
  ...COATINGS.ids.map((id) => ({ of: 'coat', id }) as const),
];

/** Why a coat meets a face as it does. Common practice, no source. */
export const MEETINGS = {
  keys: { may: 'ok', because: 'It soaks in or grips as it is.' },
  itself: { may: 'ok', because: 'It melts into or bites on a coat of its own kind.' },
  dull: { may: 'scuff', because: 'A closed film gives no hold until it is dulled.' },
  bond: {
    may: 'barrier',
    because: 'The face is too slick for it: scuff, then a bonding primer between.',
  },
  seal: { may: 'barrier', because: 'Bare board drinks it, edges most: a sealing primer between.' },
  shut: { may: 'barrier', because: 'What is below creeps or bleeds into it: shellac between.' },
  cured: {
    may: 'barrier',
    because: 'Water beads on oil that has not cured for weeks: shellac between.',
  },
  closed: { may: 'never', because: 'It works in open wood, and there is none to take it.' },
  waxed: {
    may: 'never',
    because: 'Nothing but wax sticks over wax: take it off with mineral spirits first.',
  },
  skin: {
    may: 'never',
    because: 'A coat that stays soft or powdery below cracks a harder one above.',
  },
  order: {
    may: 'never',
    because: 'It belongs below the film: over it, it never dries or rubs off.',
  },
} as const satisfies Readonly<Record<string, { may: Verdict; because: string }>>;
export type Meeting = keyof typeof MEETINGS;

type Row = Readonly<Record<Nature, Meeting>>;

/** Rows of the matrix in the order of NATURES. */
const row = (...cells: readonly Meeting[]): Row =>
  Object.fromEntries(NATURES.map((nature, at) => [nature, cells[at]])) as Row;

// prettier-ignore
const ROWS = {
  //               wood      board     slick     wax      oiled    shellac  lacquer  oilFilm  factory  waterFilm mineral  stain    filler
  shellac:     row('keys',   'keys',   'dull',   'waxed', 'keys',  'itself','dull',  'dull',  'dull',  'dull',   'keys',  'keys',  'keys'),
  bonding:     row('keys',   'keys',   'dull',   'waxed', 'cured', 'dull',  'dull',  'dull',  'dull',  'dull',   'keys',  'shut',  'keys'),
  primer:      row('keys',   'keys',   'bond',   'waxed', 'cured', 'dull',  'dull',  'dull',  'bond',  'dull',   'keys',  'shut',  'keys'),
  waterPaint:  row('keys',   'seal',   'bond',   'waxed', 'cured', 'dull',  'dull',  'dull',  'bond',  'dull',   'keys',  'shut',  'keys'),
  mineral:     row('keys',   'seal',   'bond',   'waxed', 'cured', 'dull',  'dull',  'dull',  'bond',  'dull',   'itself','shut',  'keys'),
  oilPaint:    row('keys',   'seal',   'bond',   'waxed', 'keys',  'dull',  'dull',  'dull',  'bond',  'dull',   'skin',  'keys',  'keys'),
  openStain:   row('keys',   'closed', 'closed', 'waxed', 'closed','closed','closed','closed','closed','closed', 'closed','itself','closed'),
  gelStain:    row('keys',   'closed', 'closed', 'waxed', 'dull',  'dull',  'dull',  'dull',  'dull',  'dull',   'closed','itself','closed'),
  effect:      row('keys',   'seal',   'bond',   'waxed', 'cured', 'dull',  'dull',  'dull',  'bond',  'keys',   'keys',  'shut',  'closed'),
  waterClear:  row('keys',   'keys',   'dull',   'waxed', 'cured', 'dull',  'dull',  'dull',  'dull',  'dull',   'keys',  'keys',  'closed'),
  oilClear:    row('keys',   'keys',   'dull',   'waxed', 'keys',  'dull',  'dull',  'dull',  'dull',  'dull',   'keys',  'keys',  'closed'),
  oil:         row('keys',   'closed', 'closed', 'waxed', 'itself','closed','closed','closed','closed','closed', 'closed','keys',  'closed'),
  wax:         row('keys',   'keys',   'closed', 'itself','keys',  'keys',  'keys',  'keys',  'keys',  'keys',   'keys',  'keys',  'closed'),
  grainFiller: row('keys',   'keys',   'closed', 'waxed', 'cured', 'keys',  'dull',  'dull',  'closed','dull',   'skin',  'keys',  'itself'),
  caulk:       row('seal',   'seal',   'bond',   'waxed', 'cured', 'keys',  'dull',  'dull',  'bond',  'keys',   'keys',  'order', 'keys'),
} as const;
type Base = keyof typeof ROWS;

const BASES: Readonly<Record<Coating, Base>> = {
  pigmentedShellac: 'shellac',
  clearShellac: 'shellac',
  bonding: 'bonding',
  sealing: 'primer',
  acrylic: 'primer',
  grainFiller: 'grainFiller',
  caulk: 'caulk',
  wallPaint: 'waterPaint',
  cabinetEnamel: 'waterPaint',
  mineralPaint: 'mineral',
  oilEnamel: 'oilPaint',
  conditioner: 'openStain',
  oilStain: 'openStain',
  waterStain: 'openStain',
  gelStain: 'gelStain',
  wash: 'effect',
  glaze: 'effect',
  dryBrush: 'effect',
  waterClear: 'waterClear',
  oilClear: 'oilClear',
  hardOil: 'oil',
  pasteWax: 'wax',
};

/** How a coat meets a layer; a coat within the window of its own kind bites on it. */
export const meetingOf = (over: Coating, under: Layer): Meeting =>
  under.of === 'coat' && under.id === over ? 'itself' : ROWS[BASES[over]][natureOf(under)];

export const INTERFACES_SOURCE = PRACTICE;
