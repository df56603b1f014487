import type { Aim, Scheme, SchemeKind, Shade, Topcoat } from '@obrik/core/piece';

export const KINDS: readonly { readonly value: SchemeKind; readonly title: string }[] = [
  { value: 'painted', title: 'Painted' },
  { value: 'stained', title: 'Stained + clear' },
  { value: 'clear', title: 'Clear' },
  { value: 'leave', title: 'Leave as it is' },
];

export const SHADES: readonly { readonly value: Shade; readonly title: string }[] = [
  { value: 'white', title: 'White' },
  { value: 'pale', title: 'Pale' },
  { value: 'mid', title: 'Mid' },
  { value: 'dark', title: 'Dark' },
];

export const TOPCOATS: readonly { readonly value: Topcoat; readonly title: string }[] = [
  { value: 'none', title: 'No topcoat' },
  { value: 'waterborne', title: 'Waterborne clear' },
  { value: 'oil', title: 'Oil-based clear' },
  { value: 'wax', title: 'Wax' },
];

export const STRIP_WISHES: readonly { readonly value: Aim['stripWish']; readonly title: string }[] =
  [
    { value: 'best', title: 'Obrik chooses' },
    { value: 'gel', title: 'Gel' },
    { value: 'mild', title: 'Mild' },
    { value: 'scrape', title: 'Scrape' },
    { value: 'sand', title: 'Sand' },
    { value: 'heat', title: 'Heat' },
  ];

/** What is chosen on the Aim screen; parts that a kind has no use for are kept for the next. */
export interface Choice {
  readonly kind: SchemeKind;
  readonly shade: Shade;
  readonly topcoat: Topcoat;
  readonly stripWish: Aim['stripWish'];
}

export const FIRST_CHOICE: Choice = {
  kind: 'painted',
  shade: 'pale',
  topcoat: 'waterborne',
  stripWish: 'best',
};

/** The scheme of a choice. A stain has no white. */
export const schemeOf = ({ kind, shade, topcoat }: Choice): Scheme => {
  switch (kind) {
    case 'painted':
      return { kind, shade, topcoat };
    case 'stained':
      return { kind, shade: shade === 'white' ? 'pale' : shade, topcoat };
    case 'clear':
      return { kind, topcoat };
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
