import { COATINGS, RATES, type Coating, type Rate } from '../catalog';
import { squareMetres } from '../units';
import { carriesDoors, type SurfaceContext } from './context';
import type { GateKind, Operation, Phase } from './operation';
import type { Chances } from './risk';

/** Work that a rule asks for on one surface. Like work on other surfaces is merged with it. */
export interface Work {
  /** What kind of work: names the method, and with `variant` what may be merged. */
  readonly method: string;
  readonly variant?: string;
  /** Place within the phase; lower comes first. */
  readonly rank: number;
  readonly title: string;
  /** Active minutes that grow with the work. */
  readonly minutes: number;
  /** The rate whose fixed part is charged once for all surfaces together. */
  readonly setUp?: Rate;
  readonly how: readonly string[];
  readonly materials?: readonly string[];
  readonly wait?: Operation['wait'];
  readonly protection?: readonly string[];
  readonly cautions?: Operation['cautions'];
  readonly grits?: readonly number[];
  readonly ladder?: Operation['ladder'];
  readonly sandThrough?: Operation['sandThrough'];
  readonly makesDust?: boolean;
  readonly dedusts?: boolean;
  readonly coating?: Operation['coating'];
  readonly sprayed?: boolean;
  readonly risks?: Chances;
  readonly leaves?: Operation['leaves'];
  readonly gate?: Operation['gate'];
  /** Kinds of gates on this surface that have to be answered first; dust always waits for lead. */
  readonly waitsFor?: readonly GateKind[];
  readonly insteadOf?: readonly Operation['insteadOf'][number][];
}

/** A label at the start of a title or a list. */
export const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);

/** Dulls a coat so that the next one grips, and takes the dust off; wet where lead lies below. */
export const dullCoat = (
  s: SurfaceContext,
  { id, grit, rank, next }: { id: string; grit: number; rank: number; next: string },
): Work => {
  const wet = s.lead === 'found';
  return {
    method: 'dull',
    variant: `${id}${wet ? '-wet' : ''}`,
    rank,
    title: wet ? `Dull wet with P${grit}, wipe` : `Dull with P${grit}, dedust`,
    ...effort('coatScuff', s, wet ? 1.5 : 1),
    how: [
      wet
        ? `Wet-or-dry P${grit} and a sponge, light; do not cut through to the old paint.`
        : `P${grit} by hand, light; do not cut through at edges.`,
      wet
        ? 'Wipe the slurry up, bag the wipes, let it dry.'
        : 'Vacuum, lint-free cloth, tack cloth.',
      next,
    ],
    materials: [`P${grit} paper`, wet ? 'Sponge' : 'Tack cloth'],
    wait: wet ? { minutes: 120, until: 'dry' } : null,
    protection: wet ? ['P100 respirator', 'Nitrile gloves'] : ['Dust mask'],
    cautions: wet ? [{ text: 'Lead below: nothing dry, nothing hot.', lastWord: CODE }] : [],
    grits: [grit],
    makesDust: !wet,
    dedusts: true,
    leaves: 'dulled',
  };
};

/** From this area on masking and cleaning the gun are made good by its speed, m². */
const WORTH_SPRAYING =
  (RATES.spray.fixed - RATES.coat.fixed) / (RATES.coat.perM2 - RATES.spray.perM2);

/** Is this coat sprayed? Where the shop has a gun, the material bears it, and the area is worth it. */
const isSprayed = (s: SurfaceContext, coating: Coating): boolean =>
  s.shop.tools.includes('sprayer') &&
  COATINGS.get(coating).sprayable &&
  s.sameCoatM2 >= WORTH_SPRAYING;

const BY_GUN: readonly string[] = [
  'Mask what is not to be coated, floor and wall too.',
  'First pass one way, the second across; then look under every edge.',
  'What the gun can’t reach is brushed between sprayed coats, never after the last.',
  'Dry, P320 light: it knocks down nibs and dry spray.',
];
const BOTH_SIDES = 'Backs first; the edges go with the second side. Stand them on points.';

/** Lays one coat of a material, with its steps, wait, protection and cautions from the catalog. */
export const layCoat = (
  s: SurfaceContext,
  coating: Coating,
  rest: Pick<Work, 'variant' | 'rank' | 'title'> & {
    readonly how?: readonly string[];
    readonly rate?: Rate;
    readonly risks?: Chances;
  },
): Work => {
  const row = COATINGS.get(coating);
  const film = row.wetUm > 0;
  const sprayed = rest.rate === undefined && isSprayed(s, coating);
  return {
    method: `coat-${coating}`,
    variant: [rest.variant, sprayed ? 'sprayed' : undefined].filter(Boolean).join('-'),
    rank: rest.rank,
    title: sprayed ? `${rest.title}, sprayed` : rest.title,
    ...effort(rest.rate ?? (sprayed ? 'spray' : film ? 'coat' : 'wiped'), s),
    how: [
      ...(rest.how ?? []),
      ...(film && carriesDoors(s) ? [BOTH_SIDES] : []),
      ...(sprayed ? [...BY_GUN, row.sprayer] : []),
      ...row.steps,
      `Clean tools with ${row.cleaner}.`,
    ],
    materials: [capital(row.label), ...(sprayed ? ['P320 paper', 'Masking film'] : [])],
    wait: {
      minutes: row.recoatMinutes,
      until: row.mechanism === 'wax' ? 'it is hazy' : 'dry to the touch, by the label',
    },
    protection: sprayed
      ? [...new Set([...row.protection, 'Organic-vapour cartridges', 'P100 filter', 'Goggles'])]
      : row.protection,
    cautions:
      row.mechanism === 'oxidation' ? [OILY_RAGS] : row.cleaner === 'water' ? [] : [SOLVENT_RAGS],
    coating,
    sprayed,
    risks: rest.risks,
  };
};

/** A named judgement of the trade: when it applies, why, and the work that follows. */
export interface Rule {
  readonly id: string;
  readonly phase: Phase;
  /** Goes ahead even where the aim of the surface is refused: it does not commit to the aim. */
  readonly regardless?: boolean;
  readonly applies: (s: SurfaceContext) => boolean;
  readonly because: (s: SurfaceContext) => string;
  /** Observations that the judgement rests on. */
  readonly evidence?: (s: SurfaceContext) => readonly string[];
  readonly work: (s: SurfaceContext) => readonly Work[];
}

/**
 * Active minutes of plain work on a surface: the part that grows with its area, and the rate whose
 * fixed part is charged once for all surfaces of the operation.
 * @param times how often it is gone over
 */
export const effort = (
  rate: Rate,
  s: SurfaceContext,
  times = 1,
): Required<Pick<Work, 'minutes' | 'setUp'>> => ({
  minutes: RATES[rate].perM2 * squareMetres(s.surface.areaMm2) * times,
  setUp: rate,
});

export const LABEL = 'The product label has the last word.';
export const CODE = 'Local code and licensed practice have the last word.';
export const KIT = "The test kit's own leaflet has the last word.";

export const SOLVENT_RAGS: Operation['cautions'][number] = {
  text: 'Solvent-wet rags burn: flat outdoors to dry, or in a lidded metal can.',
  lastWord: LABEL,
};
export const OILY_RAGS: Operation['cautions'][number] = {
  text: 'Rags wet with drying oil heat up by themselves and can ignite: flat outdoors to dry, or under water in a lidded metal can.',
  lastWord: LABEL,
};
export const SANDING_DUST: Operation['cautions'][number] = {
  text: 'Wood dust: extraction and P100; hardwood dust is carcinogenic (IARC group 1), limit 1 mg/m³ (NIOSH REL).',
  lastWord: CODE,
};
