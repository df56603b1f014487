import { z } from 'zod';

/** How light the colour to come is: light ones show bleed and yellowing. */
export const shade = z.enum(['white', 'pale', 'mid', 'dark']);
export type Shade = z.infer<typeof shade>;

export const topcoat = z.enum(['none', 'waterborne', 'oil', 'wax']);
export type Topcoat = z.infer<typeof topcoat>;

/** What a surface shall become. */
export const scheme = z.discriminatedUnion('kind', [
  z.object({ kind: z.literal('painted'), shade, topcoat }),
  z.object({ kind: z.literal('stained'), shade: z.enum(['pale', 'mid', 'dark']), topcoat }),
  z.object({ kind: z.literal('clear'), topcoat }),
  z.object({ kind: z.literal('leave') }),
]);
export type Scheme = z.infer<typeof scheme>;
export type SchemeKind = Scheme['kind'];

/** How the old finish shall come off, where the user insists; "best" lets the planner choose. */
export const stripWish = z.enum(['best', 'gel', 'mild', 'scrape', 'sand', 'heat']);

/** The aim for one surface. */
export const aim = z.object({
  surfaceId: z.string().min(1).max(64),
  scheme,
  stripWish: stripWish.default('best'),
});
export type Aim = z.infer<typeof aim>;

const TOPCOAT_WORDS: Readonly<Record<Topcoat, string>> = {
  none: 'no topcoat',
  waterborne: 'waterborne clear',
  oil: 'oil-based clear',
  wax: 'wax',
};

const SHADE_WORDS: Readonly<Record<Shade, string>> = {
  white: 'white',
  pale: 'pale colour',
  mid: 'mid colour',
  dark: 'dark colour',
};

/** A scheme in words: "painted, pale colour, waterborne clear". */
export const schemeInWords = (it: Scheme): string => {
  switch (it.kind) {
    case 'painted':
      return `painted, ${SHADE_WORDS[it.shade]}, ${TOPCOAT_WORDS[it.topcoat]}`;
    case 'stained':
      return `stained ${it.shade}, ${TOPCOAT_WORDS[it.topcoat]}`;
    case 'clear':
      return `clear, ${TOPCOAT_WORDS[it.topcoat]}`;
    case 'leave':
      return 'left as it is';
  }
};
