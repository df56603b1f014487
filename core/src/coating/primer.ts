import {
  BLEEDS,
  COATINGS,
  DECISIONS,
  MINUTES_PER_MINOR_UNIT,
  MISHAPS,
  PRIMERS,
  RATES,
  WEIGHTS,
  type Bleed,
  type Finish,
  type Primer,
  type Schools,
} from '../catalog';
import { isCoated, isLightColour, showsOldWood, type Scheme } from '../piece';
import { CHOICE_WORDS } from '../words';
import { litresFor } from './film';

/** What decides on a primer. Chances are of the face as it will be when the primer goes on. */
export interface PrimerNeed {
  readonly scheme: Scheme;
  /** Area of the face, m². */
  readonly m2: number;
  /** The film that stays on the surface, "bare" after stripping. */
  readonly film: Finish;
  /** Chance of each kind of bleed. */
  readonly bleed: Readonly<Record<Exclude<Bleed, 'none'>, number>>;
  /** Chance that the face is slick: laminate, foil, factory film. */
  readonly slick: number;
  /** Chance that it powders. */
  readonly powdery: number;
  /** Chance that bare board lies open. */
  readonly bareBoard: number;
  readonly odour: boolean;
  /** Chance that wax or waxy shellac is in the clear film that stays under a new one. */
  readonly waxyFilm: number;
  /** Chance of a wood whose oil keeps films from holding. */
  readonly oily: number;
  /** Craters were found: silicone polish got onto it. */
  readonly silicone: boolean;
  /** It was seen to come through on this face, and is to be shut in. */
  readonly cameThrough: boolean;
  readonly schools: Pick<Schools, 'prime' | 'blocker'>;
}

/** Which primer, by which rule, and why. */
export interface PrimerChoice {
  readonly rule: PrimerRule;
  readonly primer: (typeof PRIMERS.rows)[number];
  readonly because: string;
}

export type PrimerRule =
  | 'shellac-holds-odour'
  | 'shellac-holds-silicone'
  | 'shellac-holds-bleed'
  | 'blocker-of-the-shop'
  | 'bonding-on-glossy'
  | 'seal-board'
  | 'acrylic-by-default'
  | 'clear-shellac-under-wash'
  | 'clear-shellac-holds-dye'
  | 'clear-shellac-on-oily-wood'
  | 'clear-shellac-over-old-film';

const { primer: WORDS } = CHOICE_WORDS;

const KINDS = BLEEDS.ids.filter((id) => id !== 'none');

/** Chance that it bleeds at all. */
const bleedChance = ({ bleed }: PrimerNeed): number =>
  KINDS.reduce((sum, kind) => sum + bleed[kind], 0);

/** The likeliest kind of bleed. */
const worstBleed = ({ bleed }: PrimerNeed): Exclude<Bleed, 'none'> =>
  KINDS.reduce((a, b) => (bleed[b] > bleed[a] ? b : a));

/** Minutes that a mishap costs on a face, its own chance counted in. */
const costOf = (id: (typeof MISHAPS.ids)[number], m2: number): number => {
  const { chance, fixedMinutes, minutesPerM2 } = MISHAPS.get(id);
  return (chance === 'thin-veneer' ? 1 : chance) * (fixedMinutes + minutesPerM2 * m2);
};

/** What a primer takes by itself: its coats, dulling each, and its price; minutes. */
const ownCost = (id: Primer, m2: number): number => {
  const { coats } = PRIMERS.get(id);
  const { coat, dull } = RATES;
  const litres = litresFor(id, m2 * 1e6);
  return (
    coats *
    (coat.fixed +
      dull.fixed +
      (coat.each + dull.each) * m2 +
      litres * COATINGS.get(id).pricePerLitre * MINUTES_PER_MINOR_UNIT.value)
  );
};

/** Share of a kind of bleed that a primer holds; an old stain is held like dye. */
const heldBy = (primer: Primer, kind: Exclude<Bleed, 'none'>): number =>
  PRIMERS.get(primer).holds[kind === 'stain' ? 'dye' : kind];

/** Chance that bleed gets past a primer, or comes through where there is none. */
export const bleedPast = (primer: Primer | undefined, bleed: PrimerNeed['bleed']): number =>
  KINDS.reduce((sum, kind) => sum + bleed[kind] * (1 - (primer ? heldBy(primer, kind) : 0)), 0);

/**
 * Expected loss of a primer under paint, minutes: what it takes, and for every mishap that it does
 * not prevent its chance times its cost, by the loss table that Look decides with.
 */
const lossOf = (id: Primer, need: PrimerNeed): number => {
  const { m2, bleed, slick, powdery, scheme, schools } = need;
  const { grips } = PRIMERS.get(id);
  const bleeds = isLightColour(scheme) ? bleedPast(id, bleed) : 0;
  const mishaps =
    bleeds * costOf('bleed-through', m2) +
    slick * (1 - grips) * costOf('peel-off-gloss', m2) +
    powdery * (1 - grips) * costOf('powdery-ground', m2);
  const caution = schools.prime === 'always' ? WEIGHTS.alwaysPrimes : 1;
  return ownCost(id, m2) + caution * mishaps;
};

/** Paint primes for itself on a sound film, in the school of that name. */
const primesItself = ({ schools, film }: PrimerNeed): boolean =>
  schools.prime === 'selfPriming' && film !== 'bare';

/** What blocks in shops that keep away from shellac; what it can't hold, shellac still does. */
const BLOCKERS = { alkyd: 'alkydBlocker', waterborne: 'waterBlocker' } as const;

/** The shop's own blocker, where it holds every kind of bleed that is to be feared here. */
const blockerOfShop = ({ schools, bleed, slick, powdery }: PrimerNeed): Primer | undefined => {
  if (schools.blocker === 'pigmented' || schools.blocker === 'clear') return undefined;
  // On what is slick or powders only shellac holds as well as it blocks.
  if (Math.max(slick, powdery) >= DECISIONS.forbids.value) return undefined;
  const own = BLOCKERS[schools.blocker];
  return KINDS.every(
    (kind) =>
      bleed[kind] < DECISIONS.forbids.value || heldBy(own, kind) >= DECISIONS.blockerHolds.value,
  )
    ? own
    : undefined;
};

const underPaint = (need: PrimerNeed): { readonly rule: PrimerRule; readonly primer: Primer } => {
  const { scheme, schools, odour, silicone } = need;
  const isRubbedThrough = scheme.kind === 'painted' && scheme.effect === 'distressed';
  const shellac: Primer =
    schools.blocker === 'clear' || isRubbedThrough ? 'clearShellac' : 'pigmentedShellac';
  const blocker = isRubbedThrough ? shellac : (blockerOfShop(need) ?? shellac);
  if (odour) return { rule: 'shellac-holds-odour', primer: shellac };
  if (silicone) return { rule: 'shellac-holds-silicone', primer: shellac };
  // Seen is seen, whatever the chances were and however dark the colour is.
  if (need.cameThrough) {
    return {
      rule: blocker === shellac ? 'shellac-holds-bleed' : 'blocker-of-the-shop',
      primer: blocker,
    };
  }
  const plain: Primer = need.bareBoard >= DECISIONS.likelyForTesting.value ? 'sealing' : 'acrylic';
  // A primer that grips is weighed only where there is something to grip.
  const gripping = Math.max(need.slick, need.powdery) >= DECISIONS.forbids.value;
  const best = [plain, ...(gripping ? (['bonding'] as const) : []), blocker].reduce((a, b) =>
    lossOf(b, need) < lossOf(a, need) ? b : a,
  );
  if (best === blocker) {
    return { rule: best === shellac ? 'shellac-holds-bleed' : 'blocker-of-the-shop', primer: best };
  }
  if (best === 'bonding') return { rule: 'bonding-on-glossy', primer: 'bonding' };
  return { rule: plain === 'sealing' ? 'seal-board' : 'acrylic-by-default', primer: plain };
};

/** Does a film come over the wood, rather than oil or wax that goes into it? */
const filmsOver = (scheme: Scheme): boolean =>
  isCoated(scheme) &&
  scheme.topcoat !== 'none' &&
  scheme.topcoat !== 'hardOil' &&
  scheme.topcoat !== 'wax';

const ruleFor = (
  need: PrimerNeed,
): { readonly rule: PrimerRule; readonly primer: Primer } | undefined => {
  const { scheme } = need;
  if (scheme.kind === 'painted') {
    const chosen = underPaint(need);
    return chosen.rule === 'acrylic-by-default' && primesItself(need) ? undefined : chosen;
  }
  if (scheme.kind === 'washed' && bleedChance(need) >= DECISIONS.bleedWorthBlocking.value) {
    return { rule: 'clear-shellac-under-wash', primer: 'clearShellac' };
  }
  if (
    scheme.kind === 'clear' &&
    need.film !== 'bare' &&
    need.waxyFilm >= DECISIONS.forbids.value &&
    scheme.topcoat !== 'shellac' &&
    filmsOver(scheme)
  ) {
    return { rule: 'clear-shellac-over-old-film', primer: 'clearShellac' };
  }
  const open = showsOldWood(scheme) && need.film === 'bare';
  if (open && need.odour && filmsOver(scheme)) {
    return { rule: 'shellac-holds-odour', primer: 'clearShellac' };
  }
  if (open && need.oily >= DECISIONS.likelyForTesting.value && filmsOver(scheme)) {
    return { rule: 'clear-shellac-on-oily-wood', primer: 'clearShellac' };
  }
  return open && need.bleed.dye >= DECISIONS.dyeWorthSealing.value
    ? { rule: 'clear-shellac-holds-dye', primer: 'clearShellac' }
    : undefined;
};

const because = (rule: PrimerRule, need: PrimerNeed): string => {
  switch (rule) {
    case 'shellac-holds-odour':
      return WORDS.odour;
    case 'shellac-holds-silicone':
      return WORDS.silicone;
    case 'blocker-of-the-shop':
      return WORDS.shopsBlocker(bleedChance(need));
    case 'shellac-holds-bleed':
      return worstBleed(need) === 'resin'
        ? WORDS.knots
        : WORDS.bleed(
            KINDS.filter((kind) => need.bleed[kind] >= DECISIONS.forbids.value),
            worstBleed(need),
            bleedChance(need),
          );
    case 'bonding-on-glossy':
      return need.powdery > need.slick ? WORDS.powdery : WORDS.slick(need.slick);
    case 'seal-board':
      return WORDS.board;
    case 'acrylic-by-default':
      return need.film === 'bare' ? WORDS.bareWood : WORDS.soundFilm;
    case 'clear-shellac-under-wash':
      return WORDS.wash;
    case 'clear-shellac-over-old-film':
      return WORDS.oldFilm(need.waxyFilm);
    case 'clear-shellac-on-oily-wood':
      return WORDS.oily;
    case 'clear-shellac-holds-dye':
      return WORDS.dye;
  }
};

/**
 * The primer a surface needs with the rule that says so: under paint the one of least expected
 * loss over what the face may be; undefined where it needs none.
 */
export const choosePrimer = (need: PrimerNeed): PrimerChoice | undefined => {
  const chosen = ruleFor(need);
  return (
    chosen && {
      rule: chosen.rule,
      primer: PRIMERS.get(chosen.primer),
      because: because(chosen.rule, need),
    }
  );
};
