import type { Hardware } from '@obrik/core/piece';

const NAMES: Readonly<Record<Hardware['kind'], string>> = {
  pull: 'Pull',
  knob: 'Knob',
  hinge: 'Hinge',
  lock: 'Lock',
  escutcheon: 'Escutcheon',
  caster: 'Caster',
  bracket: 'Bracket',
  runner: 'Runner',
  stop: 'Stop',
  lid: 'Lid',
  glass: 'Glass',
  mirror: 'Mirror',
  other: 'Other',
};

/** Kinds of fittings to choose from. */
export const KINDS = (Object.keys(NAMES) as Hardware['kind'][]).map((value) => ({
  value,
  title: NAMES[value],
}));

/** "24 × Brass pull with label frame". */
export const fittingsInWords = (it: Hardware): string =>
  `${it.count} × ${it.name || NAMES[it.kind]}`;
