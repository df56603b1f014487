import { SHADE_COLOURS, SHEENS as SHEEN_ROWS, PAINTS, type PaintClass } from '@obrik/core/catalog';
import { colourName, shadeOf } from '@obrik/core/coating';
import { topcoat } from '@obrik/core/piece';
import type {
  Aim,
  Applicator,
  Distress,
  PaintEffect,
  NewPart,
  Scheme,
  SchemeKind,
  Shade,
  Sheen,
  StainClass,
  Topcoat,
  Wear,
} from '@obrik/core/piece';

import { topcoatWords, capital, counted } from '@obrik/core/words';

type Choices<Value extends string> = readonly { readonly value: Value; readonly title: string }[];

export const SCHEME_KINDS: Choices<SchemeKind> = [
  { value: 'painted', title: 'Painted' },
  { value: 'stained', title: 'Stained + clear' },
  { value: 'clear', title: 'Clear' },
  { value: 'washed', title: 'Wash over wood' },
  { value: 'veneered', title: 'New veneer' },
  { value: 'touchedIn', title: 'Mend in spots' },
  { value: 'freshened', title: 'Freshen up' },
  { value: 'leave', title: 'Leave as it is' },
];

export const SHADES: Choices<Shade> = [
  { value: 'white', title: 'White' },
  { value: 'pale', title: 'Pale' },
  { value: 'mid', title: 'Mid' },
  { value: 'dark', title: 'Dark' },
];

export const EFFECTS: Choices<PaintEffect> = [
  { value: 'plain', title: 'Plain' },
  { value: 'distressed', title: 'Distressed' },
  { value: 'washed', title: 'Washed over' },
  { value: 'glazed', title: 'Glazed' },
  { value: 'dryBrushed', title: 'Dry-brushed' },
  { value: 'stencilled', title: 'Stencilled' },
  { value: 'gilded', title: 'Metal wax' },
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

export const PAINT_OPTIONS: Choices<PaintClass> = PAINTS.rows.map(({ id, offered }) => ({
  value: id,
  title: offered.called,
}));

export const STAINS: Choices<StainClass> = [
  { value: 'oil', title: 'Oil-based' },
  { value: 'water', title: 'Water-based' },
  { value: 'gel', title: 'Gel' },
  { value: 'varnish', title: 'Stain and varnish in one' },
  { value: 'tintedOil', title: 'Tinted oil' },
];

export const YES_NO: Choices<'no' | 'yes'> = [
  { value: 'no', title: 'No' },
  { value: 'yes', title: 'Yes' },
];

export const STAINS_OVER: Choices<'none' | 'pale' | 'mid' | 'dark'> = [
  { value: 'none', title: 'Wash only' },
  { value: 'pale', title: 'Pale stain over it' },
  { value: 'mid', title: 'Mid' },
  { value: 'dark', title: 'Dark' },
];

export const NEW_PARTS: Choices<NewPart | 'old'> = [
  { value: 'old', title: 'Keep it' },
  { value: 'board', title: 'New fibreboard' },
  { value: 'plywood', title: 'New plywood' },
  { value: 'solid', title: 'New solid wood' },
];

export const APPLICATORS: Choices<Applicator> = [
  { value: 'best', title: 'Obrik chooses' },
  { value: 'brush', title: 'Brush' },
  { value: 'roller', title: 'Roller' },
  { value: 'gun', title: 'Spray gun' },
];

export const TOPCOAT_OPTIONS: Choices<Topcoat> = topcoat.options.map((value) => ({
  value,
  title: capital(topcoatWords(value)),
}));

const OFFERED_SHEENS: readonly Sheen[] = ['G1', 'G3', 'G4', 'G5', 'G6'];

export const SHEEN_OPTIONS: Choices<Sheen> = OFFERED_SHEENS.map((value) => ({
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
  readonly effect: PaintEffect;
  readonly distress: Distress;
  readonly topcoat: Topcoat;
  readonly sheen: Sheen;
  readonly wear: Wear | 'byPlace';
  readonly grain: 'open' | 'filled';
  readonly stripWish: Aim['stripWish'];
  readonly stain: StainClass;
  readonly toned: boolean;
  readonly bleached: boolean;
  readonly stainOver: 'none' | 'pale' | 'mid' | 'dark';
  readonly applicator: Applicator;
  readonly newPart: NewPart | 'old';
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
  stain: 'oil',
  toned: false,
  bleached: false,
  stainOver: 'none',
  applicator: 'best',
  newPart: 'old',
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
  const woodShade = shade === 'white' ? 'pale' : shade;
  const bleached = it.bleached ? { bleached: true } : {};
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
      return {
        kind,
        shade: woodShade,
        ...(it.stain === 'oil' ? {} : { stain: it.stain }),
        ...(it.toned ? { toned: true } : {}),
        ...bleached,
        ...grain,
        ...details,
      };
    case 'veneered':
      return { kind, shade: woodShade, ...details };
    case 'clear':
      return { kind, ...bleached, ...grain, ...details };
    case 'washed':
      return {
        kind,
        shade,
        ...colour,
        ...(it.stainOver === 'none' ? {} : { stainOver: it.stainOver }),
        ...details,
      };
    case 'touchedIn':
    case 'freshened':
    case 'leave':
      return { kind };
  }
};

/** What a tap on the button does: "Paint 6 surfaces Chalk dust". */
export const applyInWords = (it: Choice, count: number): string => {
  const where = counted(count, 'surface');
  const colour = colourName(shownColour(it));
  const wood = it.shade === 'white' ? 'pale' : it.shade;
  switch (it.kind) {
    case 'painted':
      return `Paint ${where} ${colour}`;
    case 'washed':
      return `Wash ${where} ${colour}`;
    case 'stained':
      return `Stain ${where} ${wood}`;
    case 'veneered':
      return `Veneer ${where}`;
    case 'clear':
      return `Clear-coat ${where}`;
    case 'touchedIn':
      return `Spot-repair ${where}`;
    case 'freshened':
      return `Freshen ${where}`;
    case 'leave':
      return `Leave ${where} as found`;
  }
};

/** The choice that an aim was made with. */
export const choiceOf = ({ scheme, stripWish, applicator = 'best', newPart }: Aim): Choice => ({
  ...FIRST_CHOICE,
  ...scheme,
  stripWish,
  applicator,
  newPart: newPart ?? 'old',
});

/** What of a choice a kind has a use for. */
export const uses = (kind: SchemeKind) => ({
  shade: kind === 'stained' || kind === 'veneered',
  colour: kind === 'painted' || kind === 'washed',
  paint: kind === 'painted',
  stain: kind === 'stained',
  bleached: kind === 'stained' || kind === 'clear',
  stainOver: kind === 'washed',
  grain: kind === 'painted' || kind === 'stained' || kind === 'clear',
  topcoat: kind !== 'touchedIn' && kind !== 'freshened' && kind !== 'leave',
  strips: kind === 'stained' || kind === 'clear' || kind === 'washed',
});
