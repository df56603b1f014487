import { SHADE_COLOURS, SHEENS as SHEEN_ROWS } from '@obrik/core/catalog';
import { shadeOf } from '@obrik/core/coating';
import type {
  Aim,
  Distress,
  Effect,
  PaintClass,
  Scheme,
  SchemeKind,
  Shade,
  Sheen,
  Topcoat,
  Wear,
} from '@obrik/core/piece';

import { TOPCOAT_WORDS, capital } from '@obrik/core/words';

type Choices<Value extends string> = readonly { readonly value: Value; readonly title: string }[];

export const KINDS: Choices<SchemeKind> = [
  { value: 'painted', title: 'Painted' },
  { value: 'stained', title: 'Stained + clear' },
  { value: 'clear', title: 'Clear' },
  { value: 'washed', title: 'Wash over wood' },
  { value: 'veneered', title: 'New veneer' },
  { value: 'freshened', title: 'Freshen up' },
  { value: 'leave', title: 'Leave as it is' },
];

export const SHADES: Choices<Shade> = [
  { value: 'white', title: 'White' },
  { value: 'pale', title: 'Pale' },
  { value: 'mid', title: 'Mid' },
  { value: 'dark', title: 'Dark' },
];

export const EFFECTS: Choices<Effect> = [
  { value: 'plain', title: 'Plain' },
  { value: 'distressed', title: 'Distressed' },
  { value: 'washed', title: 'Washed over' },
  { value: 'glazed', title: 'Glazed' },
  { value: 'dryBrushed', title: 'Dry-brushed' },
];

export const DISTRESS_STRENGTHS: Choices<Distress['strength']> = [
  { value: 'light', title: 'Lightly' },
  { value: 'usual', title: 'As usual' },
  { value: 'hard', title: 'Hard' },
];

export const DISTRESS_PLACES: Choices<Distress['where']> = [
  { value: 'edges', title: 'Edges only' },
  { value: 'edgesAndFields', title: 'Edges and flats' },
];

export const PAINTS: Choices<PaintClass> = [
  { value: 'cabinetEnamel', title: 'Cabinet enamel' },
  { value: 'wallPaint', title: 'Acrylic paint' },
  { value: 'mineralPaint', title: 'Chalk or mineral' },
];

const OFFERED_TOPCOATS: readonly Topcoat[] = ['none', 'waterborne', 'oil', 'hardOil', 'wax'];

export const TOPCOATS: Choices<Topcoat> = OFFERED_TOPCOATS.map((value) => ({
  value,
  title: capital(TOPCOAT_WORDS[value]),
}));

const OFFERED_SHEENS: readonly Sheen[] = ['G1', 'G3', 'G4', 'G5', 'G6'];

export const SHEENS: Choices<Sheen> = OFFERED_SHEENS.map((value) => ({
  value,
  title: capital(SHEEN_ROWS.get(value).label),
}));

export const GRAINS: Choices<'open' | 'filled'> = [
  { value: 'open', title: 'Pores open' },
  { value: 'filled', title: 'Pores filled' },
];

export const WEARS: Choices<Wear | 'byPlace'> = [
  { value: 'byPlace', title: 'By its place' },
  { value: 'high', title: 'Hard' },
  { value: 'middle', title: 'A little' },
  { value: 'low', title: 'Hardly' },
];

export const STRIP_WISHES: Choices<Aim['stripWish']> = [
  { value: 'best', title: 'Obrik chooses' },
  { value: 'gel', title: 'Gel' },
  { value: 'mild', title: 'Mild' },
  { value: 'scrape', title: 'Scrape' },
  { value: 'sand', title: 'Sand' },
  { value: 'heat', title: 'Heat' },
  { value: 'caustic', title: 'Caustic foam' },
];

/** What is chosen on the Aim screen; parts that a kind has no use for are kept for the next. */
export interface Choice {
  readonly kind: SchemeKind;
  readonly shade: Shade;
  /** sRGB; the typical colour of the shade where none was picked. */
  readonly colour: string | undefined;
  readonly paint: PaintClass;
  readonly effect: Effect;
  readonly distress: Distress;
  readonly topcoat: Topcoat;
  readonly sheen: Sheen;
  readonly wear: Wear | 'byPlace';
  readonly grain: 'open' | 'filled';
  readonly stripWish: Aim['stripWish'];
}

export const FIRST_CHOICE: Choice = {
  kind: 'painted',
  shade: 'pale',
  colour: undefined,
  paint: 'cabinetEnamel',
  effect: 'plain',
  distress: { strength: 'usual', where: 'edges' },
  topcoat: 'waterborne',
  sheen: 'G4',
  wear: 'byPlace',
  grain: 'open',
  stripWish: 'best',
};

/** A colour that was picked, with its shade. */
export const picked = (colour: string): Pick<Choice, 'colour' | 'shade'> => ({
  colour,
  shade: shadeOf(colour),
});

/** The colour to show for a choice. */
export const shownColour = ({ colour, shade }: Choice): string => colour ?? SHADE_COLOURS[shade];

/** The scheme of a choice. A stain has no white. */
export const schemeOf = (it: Choice): Scheme => {
  const { kind, shade, topcoat, sheen } = it;
  const colour = it.colour ? { colour: it.colour } : {};
  const details = { topcoat, sheen, ...(it.wear === 'byPlace' ? {} : { wear: it.wear }) };
  const grain = it.grain === 'filled' ? { grain: it.grain } : {};
  const stain = shade === 'white' ? 'pale' : shade;
  switch (kind) {
    case 'painted':
      return {
        kind,
        shade,
        ...colour,
        paint: it.paint,
        effect: it.effect,
        ...(it.effect === 'distressed' ? { distress: it.distress } : {}),
        ...grain,
        ...details,
      };
    case 'stained':
      return { kind, shade: stain, ...grain, ...details };
    case 'veneered':
      return { kind, shade: stain, ...details };
    case 'clear':
      return { kind, ...grain, ...details };
    case 'washed':
      return { kind, shade, ...colour, ...details };
    case 'freshened':
    case 'leave':
      return { kind };
  }
};

/** The choice that an aim was made with. */
export const choiceOf = ({ scheme, stripWish }: Aim): Choice => ({
  ...FIRST_CHOICE,
  ...scheme,
  stripWish,
});

/** What of a choice a kind has a use for. */
export const uses = (kind: SchemeKind) => ({
  shade: kind === 'stained' || kind === 'veneered',
  colour: kind === 'painted' || kind === 'washed',
  paint: kind === 'painted',
  grain: kind === 'painted' || kind === 'stained' || kind === 'clear',
  topcoat: kind !== 'freshened' && kind !== 'leave',
  strips: kind === 'stained' || kind === 'clear' || kind === 'washed',
});
