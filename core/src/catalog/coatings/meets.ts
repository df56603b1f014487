import type { Meeting, Nature } from '../meetings';

type Meets = Readonly<Record<Nature, Meeting>>;

const primer: Meets = {
  wood: 'keys',
  board: 'keys',
  slick: 'bond',
  wax: 'waxed',
  oiled: 'cured',
  shellac: 'dull',
  thinShellac: 'keys',
  lacquer: 'dull',
  oilFilm: 'dull',
  oldOil: 'dull',
  factory: 'bond',
  waterFilm: 'dull',
  mineral: 'keys',
  oilStain: 'shut',
  gel: 'shut',
  waterStain: 'shut',
  waxedShellac: 'dewax',
  distemper: 'powder',
  silicone: 'craters',
  filler: 'keys',
};

/** Grips what a plain primer slides off, and binds what powders. */
const bondingPrimer: Meets = { ...primer, slick: 'dull', factory: 'dull', distemper: 'binds' };

/** Bare board drinks it. */
const waterPaint: Meets = { ...primer, board: 'seal' };

const mineralPaint: Meets = { ...waterPaint, mineral: 'itself' };

const effect: Meets = { ...waterPaint, waterFilm: 'keys', filler: 'closed' };

const oilPaint: Meets = {
  ...waterPaint,
  oiled: 'keys',
  mineral: 'skin',
  oilStain: 'keys',
  gel: 'keys',
  waterStain: 'keys',
};

/** No primer: what lies below is seen through it. */
const waterClear: Meets = {
  ...primer,
  slick: 'dull',
  factory: 'dull',
  oilStain: 'keys',
  gel: 'keys',
  waterStain: 'keys',
  filler: 'closed',
};

const oilClear: Meets = { ...waterClear, oiled: 'keys' };

/** Melts into its own kind, and lifts what its solvent softens. */
const lacquer: Meets = {
  ...waterClear,
  slick: 'bond',
  lacquer: 'itself',
  oilFilm: 'lifts',
  oldOil: 'lifts',
  waterFilm: 'lifts',
};

/** Lies on wood, on a dulled film, or as a glaze on matt paint. */
const gelStain: Meets = {
  ...oilClear,
  board: 'closed',
  slick: 'closed',
  oiled: 'dull',
  oilStain: 'itself',
  gel: 'itself',
};

/** Wants wood that nothing closes. */
const openStain: Meets = {
  wood: 'keys',
  board: 'closed',
  slick: 'closed',
  wax: 'waxed',
  oiled: 'closed',
  shellac: 'closed',
  thinShellac: 'closed',
  lacquer: 'closed',
  oilFilm: 'closed',
  oldOil: 'closed',
  factory: 'closed',
  waterFilm: 'closed',
  mineral: 'closed',
  oilStain: 'itself',
  gel: 'closed',
  waterStain: 'keys',
  waxedShellac: 'closed',
  distemper: 'closed',
  silicone: 'closed',
  filler: 'closed',
};

const waterStain: Meets = { ...openStain, oilStain: 'beads', waterStain: 'itself' };

const oil: Meets = { ...openStain, oiled: 'itself', oldOil: 'itself', oilStain: 'keys' };

/** Sticks to nearly all, and shuts in what would come through. */
const shellac: Meets = {
  wood: 'keys',
  board: 'keys',
  slick: 'dull',
  wax: 'waxed',
  oiled: 'keys',
  shellac: 'itself',
  thinShellac: 'itself',
  lacquer: 'dull',
  oilFilm: 'dull',
  oldOil: 'dull',
  factory: 'dull',
  waterFilm: 'dull',
  mineral: 'keys',
  oilStain: 'keys',
  gel: 'keys',
  waterStain: 'keys',
  waxedShellac: 'itself',
  distemper: 'binds',
  silicone: 'holds',
  filler: 'keys',
};

const caulk: Meets = {
  wood: 'seal',
  board: 'seal',
  slick: 'bond',
  wax: 'waxed',
  oiled: 'cured',
  shellac: 'keys',
  thinShellac: 'keys',
  lacquer: 'dull',
  oilFilm: 'dull',
  oldOil: 'dull',
  factory: 'bond',
  waterFilm: 'keys',
  mineral: 'keys',
  oilStain: 'order',
  gel: 'order',
  waterStain: 'order',
  waxedShellac: 'dewax',
  distemper: 'powder',
  silicone: 'craters',
  filler: 'keys',
};

const grainFiller: Meets = {
  wood: 'keys',
  board: 'keys',
  slick: 'closed',
  wax: 'waxed',
  oiled: 'cured',
  shellac: 'keys',
  thinShellac: 'keys',
  lacquer: 'dull',
  oilFilm: 'dull',
  oldOil: 'dull',
  factory: 'closed',
  waterFilm: 'dull',
  mineral: 'skin',
  oilStain: 'washcoat',
  gel: 'washcoat',
  waterStain: 'washcoat',
  waxedShellac: 'dewax',
  distemper: 'powder',
  silicone: 'craters',
  filler: 'itself',
};

/** Lies on everything but what powders; nothing lies on it. */
const wax: Meets = {
  wood: 'keys',
  board: 'keys',
  slick: 'closed',
  wax: 'itself',
  oiled: 'keys',
  shellac: 'keys',
  thinShellac: 'keys',
  lacquer: 'keys',
  oilFilm: 'keys',
  oldOil: 'keys',
  factory: 'keys',
  waterFilm: 'keys',
  mineral: 'keys',
  oilStain: 'keys',
  gel: 'keys',
  waterStain: 'keys',
  waxedShellac: 'keys',
  distemper: 'powder',
  silicone: 'keys',
  filler: 'closed',
};

/**
 * How each family of coatings meets each kind of face (common practice, no source): what coatings
 * of one binder and one purpose share stands once, and each names its family; what a family does
 * otherwise than its kin is all that stands in it.
 */
export const MEETS = {
  primer,
  bondingPrimer,
  waterPaint,
  caulk,
  shellac,
  openStain,
  waterStain,
  effect,
  gelStain,
  grainFiller,
  oil,
  mineralPaint,
  oilClear,
  oilPaint,
  lacquer,
  wax,
  waterClear,
} as const;
