import {
  DECISIONS,
  PRIMERS,
  SUBSTRATES,
  type Bleed,
  type Finish,
  type Primer,
  type Schools,
  type Substrate,
} from '../catalog';
import { showsOldWood, type Scheme } from '../piece';
import { CHOICE_WORDS } from '../words';

/** What decides on a primer. */
export interface PrimerNeed {
  readonly scheme: Scheme;
  readonly substrate: Substrate;
  /** The film that stays on the surface, "bare" after stripping. */
  readonly film: Finish;
  readonly glossy: boolean;
  readonly bleed: Bleed;
  /** Chance that it bleeds at all. */
  readonly bleedChance: number;
  readonly knots: boolean;
  readonly odour: boolean;
  readonly schools: Pick<Schools, 'prime' | 'blocker'>;
}

/** Which primer a surface needs, in order of precedence: the first that applies is taken. */
interface PrimerRule {
  readonly id: string;
  readonly primer: Primer | ((need: PrimerNeed) => Primer);
  readonly applies: (need: PrimerNeed) => boolean;
  readonly because: (need: PrimerNeed) => string;
}

const { primer: WORDS } = CHOICE_WORDS;

const painted = (need: PrimerNeed): boolean => need.scheme.kind === 'painted';

const familyOf = (need: PrimerNeed) => SUBSTRATES.get(need.substrate).family;

/** The school "always" leaves nothing to chance: where wood might bleed at all, it is blocked. */
const worthBlocking = (need: PrimerNeed): number =>
  need.schools.prime === 'always'
    ? DECISIONS.bleedWorthBlockingAlways.value
    : DECISIONS.bleedWorthBlocking.value;

/** Paint primes for itself on a sound film, in the school of that name. */
const primesItself = (need: PrimerNeed): boolean =>
  need.schools.prime === 'selfPriming' && need.film !== 'bare';

/** School "prime by risk", the default: a primer answers a need, and no need means no primer. */
export const PRIMER_RULES: readonly PrimerRule[] = [
  {
    id: 'shellac-holds-bleed',
    primer: (need) => (need.schools.blocker === 'clear' ? 'clearShellac' : 'pigmentedShellac'),
    applies: (need) =>
      painted(need) && (need.bleedChance >= worthBlocking(need) || need.knots || need.odour),
    because: (need) =>
      need.odour
        ? WORDS.odour
        : need.knots
          ? WORDS.knots
          : WORDS.bleed(need.bleed === 'none' ? 'tannin' : need.bleed),
  },
  {
    id: 'bonding-on-glossy',
    primer: 'bonding',
    applies: (need) =>
      painted(need) && (need.glossy || ['printed', 'other'].includes(familyOf(need))),
    because: () => WORDS.slick,
  },
  {
    id: 'seal-board',
    primer: 'sealing',
    applies: (need) => painted(need) && familyOf(need) === 'board',
    because: () => WORDS.board,
  },
  {
    id: 'acrylic-by-default',
    primer: 'acrylic',
    applies: (need) => painted(need) && !primesItself(need),
    because: (need) => (need.film === 'bare' ? WORDS.bareWood : WORDS.soundFilm),
  },
  {
    id: 'clear-shellac-under-wash',
    primer: 'clearShellac',
    applies: (need) =>
      need.scheme.kind === 'washed' && need.bleedChance >= DECISIONS.bleedWorthBlocking.value,
    because: () => WORDS.wash,
  },
  {
    id: 'clear-shellac-holds-dye',
    primer: 'clearShellac',
    applies: (need) =>
      showsOldWood(need.scheme) &&
      need.bleed === 'dye' &&
      need.bleedChance >= DECISIONS.dyeWorthSealing.value,
    because: () => WORDS.dye,
  },
];

/** The primer a surface needs with the rule that says so; undefined where it needs none. */
export const choosePrimer = (
  need: PrimerNeed,
): { rule: string; primer: (typeof PRIMERS.rows)[number]; because: string } | undefined => {
  const rule = PRIMER_RULES.find((it) => it.applies(need));
  if (!rule) return undefined;
  const primer = typeof rule.primer === 'function' ? rule.primer(need) : rule.primer;
  return { rule: rule.id, primer: PRIMERS.get(primer), because: rule.because(need) };
};
