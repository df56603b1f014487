import { COAT_WORDS, listed } from '../../words';
import type { Condition } from '../../effect';
import { borderAreaOf, tapeMinutesOf, type Side } from '../context/borders';
import { pieceRule, type Draft, type Rule } from './rule';
import type { Whole } from '../context/whole';
import { ofUnits, wait } from './common';
import { type SurfaceContext, isDone } from '../context/context';

const WORDS = COAT_WORDS.maskBorder;

/** The name of a side in keys: its first surface, which no other side has. */
const nameOf = ({ surfaces }: Side): string => surfaces[0]?.surface.id ?? '';

/** Sides that are masked for the coats of those before them in their group. */
const isCoatedLater = (it: Side): boolean => it.coated && it.order > 0;

/** Sides that are done while others of their group still wait for their coats. */
const isDoneEarlier = (it: Side, all: readonly Side[]): boolean =>
  it.coated &&
  all.some((other) => other.group === it.group && other.coated && other.order > it.order);

const isLacking = ({ surfaces }: Side, condition: Condition): boolean =>
  surfaces.some((s) => !isDone(s, condition));

/** Sides of a kind on which something is still to be done. */
const lacking = (
  whole: Whole,
  condition: Condition,
  kind: (it: Side, all: readonly Side[]) => boolean,
): readonly Side[] => {
  const all = whole.sides();
  return all.filter((it) => kind(it, all) && isLacking(it, condition));
};

const surfacesIn = (sides: readonly Side[]): readonly SurfaceContext[] =>
  sides.flatMap((it) => it.surfaces);

/** One draft for each side. */
const perSide = (
  sides: readonly Side[],
  draft: (side: Side) => Omit<Draft, 'on' | 'occurrence'>,
): readonly Draft[] =>
  sides.map((side) => ({ on: side.surfaces, occurrence: nameOf(side), ...draft(side) }));

/** Before the first side gets its coats: what is coated later, or not at all, goes under tape. */
export const BORDER_BEFORE_RULES: readonly Rule[] = [
  pieceRule({
    id: 'mask-what-gets-no-coat',
    phase: 'block',
    place: { of: 'piece' },
    asks: (whole) => surfacesIn(lacking(whole, 'masked', (it) => !it.coated)),
    because: () => WORDS.bare.because,
    work: (whole) =>
      perSide(
        lacking(whole, 'masked', (it) => !it.coated),
        ({ surfaces, group }) => ({
          rank: -30,
          title: WORDS.bare.title,
          how: WORDS.bare.how(listed(surfaces.map((s) => s.surface.name)), group),
          ...ofUnits('mask-bare', surfaces.length),
          traits: { makes: ['masked'] },
        }),
      ),
  }),
  pieceRule({
    id: 'mask-what-is-coated-later',
    phase: 'block',
    place: { of: 'piece' },
    asks: (whole) => surfacesIn(lacking(whole, 'masked', isCoatedLater)),
    because: () => WORDS.before.because,
    work: (whole) =>
      perSide(lacking(whole, 'masked', isCoatedLater), ({ surfaces }) => ({
        rank: 50,
        title: WORDS.before.title,
        how: WORDS.before.how,
        ...ofUnits('mask-border', borderAreaOf(surfaces)),
        traits: { makes: ['masked'] },
      })),
  }),
];

/** Between the sides: what is done hardens, and goes under tape in its turn. */
export const BORDER_BETWEEN_RULES: readonly Rule[] = [
  pieceRule({
    id: 'tape-on-hard-film-only',
    phase: 'protect',
    place: { of: 'piece' },
    asks: (whole) => surfacesIn(lacking(whole, 'hardened', isDoneEarlier)),
    because: () => WORDS.harden.because,
    work: (whole) =>
      perSide(lacking(whole, 'hardened', isDoneEarlier), ({ surfaces }) => {
        const minutes = Math.max(...surfaces.map(tapeMinutesOf));
        return {
          setUp: { minutes },
          rank: 90,
          title: WORDS.harden.title,
          how: WORDS.harden.how,
          ...ofUnits('harden', 1),
          traits: { makes: ['hardened'] },
          wait: wait(minutes, 'tapeMaySit', null),
        };
      }),
  }),
  pieceRule({
    id: 'mask-what-is-done',
    phase: 'protect',
    place: { of: 'piece' },
    asks: (whole) => surfacesIn(lacking(whole, 'taped', isDoneEarlier)),
    because: () => WORDS.onFilm.because,
    work: (whole) =>
      perSide(lacking(whole, 'taped', isDoneEarlier), ({ surfaces }) => ({
        rank: 91,
        title: WORDS.onFilm.title,
        how: WORDS.onFilm.how,
        ...ofUnits('mask-border', borderAreaOf(surfaces)),
        traits: { makes: ['taped'] },
      })),
  }),
];
