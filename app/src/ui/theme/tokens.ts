/** Colours of one mode. Every pair used for text reaches 4.5:1 (see tokens.web.test.tsx). */
export interface Palette {
  readonly paper: string;
  readonly card: string;
  readonly ink: string;
  readonly ink2: string;
  readonly line: string;
  readonly amber: string;
  readonly amberFill: string;
  readonly amberSoft: string;
  readonly onAmberFill: string;
  readonly slate: string;
  readonly slateSoft: string;
  readonly moss: string;
  readonly mossSoft: string;
  readonly vermilion: string;
  readonly vermilionSoft: string;
}

export type Mode = 'light' | 'dark';

export const PALETTES: Readonly<Record<Mode, Palette>> = {
  light: {
    paper: '#F4EFE4',
    card: '#FFFCF5',
    ink: '#1E2226',
    ink2: '#555A5E',
    line: '#D9D0BE',
    amber: '#94500F',
    amberFill: '#E8A33D',
    amberSoft: '#F8E6C6',
    onAmberFill: '#1B1508',
    slate: '#38566F',
    slateSoft: '#DCE6EC',
    moss: '#3B673C',
    mossSoft: '#DDE9D8',
    vermilion: '#AE2F1B',
    vermilionSoft: '#F7DCD5',
  },
  dark: {
    paper: '#15181A',
    card: '#1F2427',
    ink: '#F2EDE1',
    ink2: '#B9B3A6',
    line: '#3A4045',
    amber: '#F2B056',
    amberFill: '#E8A33D',
    amberSoft: '#40301A',
    onAmberFill: '#1B1508',
    slate: '#9CBFDA',
    slateSoft: '#22313D',
    moss: '#96C893',
    mossSoft: '#203022',
    vermilion: '#FF8A73',
    vermilionSoft: '#46211B',
  },
};

/** What a colour is for: the next thing, information, done, harm, or nothing special. */
export type Tone = 'amber' | 'slate' | 'moss' | 'vermilion' | 'plain';

/** Text and ground of a tone. */
export const toneOf = (palette: Palette, tone: Tone): { text: string; ground: string } => {
  switch (tone) {
    case 'amber':
      return { text: palette.amber, ground: palette.amberSoft };
    case 'slate':
      return { text: palette.slate, ground: palette.slateSoft };
    case 'moss':
      return { text: palette.moss, ground: palette.mossSoft };
    case 'vermilion':
      return { text: palette.vermilion, ground: palette.vermilionSoft };
    case 'plain':
      return { text: palette.ink2, ground: palette.paper };
  }
};

export const FONTS = {
  text: 'AtkinsonHyperlegibleNext_400Regular',
  textBold: 'AtkinsonHyperlegibleNext_600SemiBold',
  head: 'BarlowCondensed_500Medium',
  headBold: 'BarlowCondensed_600SemiBold',
} as const;

export const SIZES = {
  figure: 104,
  heading: 30,
  subheading: 25,
  title: 17,
  body: 16,
  small: 14,
  label: 13,
} as const;

/** Smallest height of anything to be hit with a gloved thumb. */
export const TARGET = 48;
export const BUTTON_HEIGHT = 52;
export const RADIUS = 4;

/** From this width on there are two panes. */
export const WIDE_FROM = 1000;
