import { DAMAGES, DAMAGE_LIMITS, SUBSTRATES, type Damage } from '../../catalog';
import { visibilityOf, type Finding, type SchemeKind, type Surface } from '../../piece';
import { showLength, type UnitSystem } from '../../units';
import { LOOK_WORDS } from '../../words';
import type { SurfaceBeliefs } from './result';

const { damage: WORDS } = LOOK_WORDS;

export type Severity = 'slight' | 'serious' | 'grave';

/** What a damage rules out, and why. */
export interface RuledOut {
  readonly rule: string;
  readonly schemes: readonly SchemeKind[];
  readonly because: string;
}

interface Situation {
  readonly finding: Finding;
  readonly surface: Surface;
  readonly beliefs: SurfaceBeliefs;
  /** Area of the largest, mm²; undefined where nobody measured. */
  readonly areaMm2: number | undefined;
}

interface DamageRule {
  readonly id: string;
  readonly schemes: readonly SchemeKind[];
  readonly applies: (it: Situation) => boolean;
  readonly because: string;
}

const WOOD_SEEN: readonly SchemeKind[] = ['clear', 'stained', 'washed'];

const is = (it: Situation, ...damages: readonly Damage[]): boolean =>
  damages.includes(it.finding.damage);
const inView = (it: Situation): boolean => visibilityOf(it.surface) === 'high';
const large = (it: Situation): boolean => (it.areaMm2 ?? Infinity) > DAMAGE_LIMITS.overlookedMm2;
const thinFace = (it: Situation): boolean =>
  SUBSTRATES.get(it.beliefs.substrate.likeliest).thinFace;

/** What damages rule out (common practice, no source). */
export const DAMAGE_RULES: readonly DamageRule[] = [
  {
    id: 'patch-shows',
    schemes: WOOD_SEEN,
    applies: (it) => is(it, 'missingVeneer', 'missingEdge') && inView(it) && large(it),
    because: WORDS.patchShows,
  },
  {
    id: 'fill-shows',
    schemes: ['stained'],
    applies: (it) => is(it, 'gouge', 'smallHole', 'burn', 'crack') && inView(it) && large(it),
    because: WORDS.fillShows,
  },
  {
    id: 'stain-in-thin-wood',
    schemes: WOOD_SEEN,
    applies: (it) => is(it, 'darkRing', 'burn') && thinFace(it),
    because: WORDS.stainInThinWood,
  },
  {
    id: 'film-does-not-hold',
    schemes: ['leave'],
    applies: (it) => is(it, 'peeling', 'liftingFoil', 'liftingVeneer', 'delaminated'),
    because: WORDS.filmLifts,
  },
  {
    id: 'swelling-stays',
    schemes: ['clear', 'stained', 'leave'],
    applies: (it) => is(it, 'swollenBoard'),
    because: WORDS.swellingStays,
  },
  {
    id: 'alive',
    schemes: ['painted', 'stained', 'clear', 'leave'],
    applies: (it) => is(it, 'insects', 'mould'),
    because: WORDS.alive,
  },
];

/** "40 × 25 mm, 3 mm deep"; empty where nobody measured. */
export const damageSizeInWords = (it: Finding, units: UnitSystem): string => {
  const flat = [it.lengthMm, it.widthMm].filter((mm) => mm !== null);
  const deep = it.depthMm === null ? [] : [WORDS.deep(showLength(it.depthMm, units))];
  const across = flat.map((mm) => showLength(mm, units).replace(/ (mm|in)$/, '')).join(' × ');
  const unit = units === 'metric' ? 'mm' : 'in';
  return [...(flat.length > 0 ? [`${across} ${unit}`] : []), ...deep].join(', ');
};

/** How bad a damage is, what it rules out, and both in words. */
export const judgeFinding = (
  finding: Finding,
  surface: Surface,
  beliefs: SurfaceBeliefs,
  units: UnitSystem = 'metric',
): {
  readonly severity: Severity;
  readonly ruledOut: readonly RuledOut[];
  readonly text: string;
} => {
  const areaMm2 =
    finding.lengthMm !== null && finding.widthMm !== null
      ? finding.lengthMm * finding.widthMm
      : undefined;
  const situation = { finding, surface, beliefs, areaMm2 };
  const ruledOut = DAMAGE_RULES.filter((rule) => rule.applies(situation)).map((rule) => ({
    rule: rule.id,
    schemes: rule.schemes,
    because: rule.because,
  }));
  const row = DAMAGES.get(finding.damage);
  const share = areaMm2 === undefined ? 0 : (areaMm2 * finding.count) / surface.areaMm2;
  const seen = { high: 0, middle: 0, low: -1 }[visibilityOf(surface)];
  const points = row.severity + (share > DAMAGE_LIMITS.largeShare ? 1 : 0) + seen;
  const what = [row.label, damageSizeInWords(finding, units), WORDS.where[visibilityOf(surface)]];
  return {
    severity: points >= 3 ? 'grave' : points >= 2 ? 'serious' : 'slight',
    ruledOut,
    text: WORDS.told(
      what,
      ruledOut.map((it) => it.because),
    ),
  };
};
