import type { Damage } from '@obrik/core/catalog';
import Svg, { Path, Rect } from 'react-native-svg';
import { usePalette } from '../theme';

/** A face of 44 × 32 with the damage on it: lines, and what is dark or gone. */
interface Drawing {
  readonly lines?: string;
  readonly dark?: string;
}

const RING = 'M22 6 a10 10 0 1 0 .1 0 Z';
const BLOB = 'M14 10 q8 -6 15 1 q6 8 -3 12 q-12 4 -15 -4 q-1 -6 3 -9 Z';

const DRAWINGS: Readonly<Record<Damage, Drawing>> = {
  dent: { lines: 'M10 20 q12 -12 24 0 M14 21 q8 -6 16 0' },
  scratch: { lines: 'M8 24 L34 8 M14 26 L30 16' },
  gouge: { dark: 'M12 14 l6 -5 l10 2 l6 7 l-8 6 l-9 -2 Z' },
  missingEdge: { dark: 'M26 1 L43 1 L43 18 L36 14 L33 8 Z' },
  crack: { lines: 'M2 17 L12 14 L20 18 L30 13 L42 16', dark: 'M12 14 L20 18 L30 13 L20 16 Z' },
  liftingVeneer: { lines: 'M2 20 H26 Q36 20 42 8 M26 20 H42 M6 14 H22' },
  missingVeneer: { dark: 'M16 1 H34 L31 9 L34 15 L18 17 L20 8 Z', lines: 'M4 8 H14 M4 24 H40' },
  looseJoint: { lines: 'M8 30 V8 H18 V30 M20 12 H42 M20 20 H42 M19 8 L19 24' },
  splitBack: { lines: 'M6 4 V28 M38 4 V28 M22 4 L20 12 L24 18 L21 28' },
  whiteRing: { lines: RING },
  darkRing: { lines: RING, dark: 'M22 6 a10 10 0 1 0 .1 0 Z M22 9 a7 7 0 1 1 -.1 0 Z' },
  smallHole: { dark: 'M14 14 a3 3 0 1 0 .1 0 Z M30 14 a3 3 0 1 0 .1 0 Z' },
  delaminated: { lines: 'M2 8 H42 M2 14 H24 L42 11 M2 18 H24 L42 20 M2 24 H42' },
  brokenDovetail: { lines: 'M4 4 H22 L26 10 H40 M4 28 H22 L26 22 H40 M22 12 L26 16 L22 20' },
  jointGap: { lines: 'M20 2 V30 M23 2 V30 M4 10 H16 M28 10 H40' },
  catchingDrawer: { lines: 'M6 10 H38 V24 H6 Z M6 6 H38 M20 17 h4 M40 8 l-4 4' },
  burn: { dark: BLOB, lines: 'M10 8 q12 -8 22 2 q8 12 -5 17' },
  swollenBoard: { lines: 'M2 22 H12 Q20 6 28 8 Q36 10 42 22 M2 28 H42' },
  liftingFoil: { lines: 'M2 18 H28 Q40 18 38 6 M28 18 H42 M2 26 H42' },
  openGrain: { lines: 'M6 8 h10 M20 8 h14 M10 14 h16 M30 14 h8 M6 20 h12 M22 20 h14 M12 26 h20' },
  carving: { lines: 'M6 24 Q12 4 22 16 Q32 28 38 8 M10 20 q6 -6 8 2 M34 12 q-6 4 -8 -2' },
  peeling: {
    lines: 'M4 10 L16 12 L12 20 L22 18 L20 28 M26 4 L30 12 L40 10',
    dark: 'M16 12 L22 18 L12 20 Z',
  },
  runs: { lines: 'M4 6 H40 M12 6 V20 a3 3 0 0 0 6 0 V6 M26 6 V14 a3 3 0 0 0 6 0 V6' },
  grime: { dark: 'M8 20 q6 -10 12 -2 q6 6 14 -4 q6 10 -6 12 q-14 4 -20 -6 Z' },
  residue: { lines: 'M10 8 H32 V24 H10 Z M14 12 l4 3 l-3 4 l6 2 M26 12 l3 6' },
  cementResidue: { dark: 'M10 22 l4 -10 l8 4 l6 -6 l6 10 l-8 4 l-8 -2 Z' },
  weepsColour: { lines: 'M8 8 H30 V24 H8 Z', dark: 'M24 14 q8 4 10 14 q-12 0 -14 -6 Z' },
  odour: {
    lines:
      'M14 28 q-6 -8 0 -12 q6 -6 0 -12 M24 28 q-6 -8 0 -12 q6 -6 0 -12 M34 28 q-6 -8 0 -12 q6 -6 0 -12',
  },
  silicone: {
    lines:
      'M12 10 a4 4 0 1 0 .1 0 Z M28 8 a5 5 0 1 0 .1 0 Z M20 20 a3 3 0 1 0 .1 0 Z M34 22 a3 3 0 1 0 .1 0 Z',
  },
  fuzz: {
    lines:
      'M8 24 q4 -12 8 -4 M18 26 q2 -14 8 -8 M28 24 q4 -10 8 -2 M12 10 l2 2 M24 8 l2 2 M34 12 l2 1',
  },
  yellowedClear: { dark: 'M2 4 H42 V14 H2 Z', lines: 'M2 14 H42 M2 22 H42' },
  liftingEdgeBand: { lines: 'M4 4 V28 H36 V4 M36 4 Q42 12 40 28' },
  crumblingBoard: {
    lines: 'M4 28 V6 H26 L24 12 L30 14 L26 20 L34 22 L32 28 Z',
    dark: 'M36 26 h3 v3 h-3 Z M34 16 h2 v2 h-2 Z M38 20 h2 v2 h-2 Z',
  },
  brokenHandle: {
    lines: 'M10 16 a6 6 0 0 1 10 -4 L18 20 a6 6 0 0 1 -8 -4 M26 12 a6 6 0 1 1 -2 9 Z',
  },
  drawerPlay: {
    lines: 'M10 8 H34 V24 H10 Z M2 16 h6 l-3 -3 M8 16 l-3 3 M42 16 h-6 l3 -3 M36 16 l3 3',
  },
  mould: {
    dark: 'M10 12 a3 3 0 1 0 .1 0 Z M18 20 a4 4 0 1 0 .1 0 Z M28 10 a4 4 0 1 0 .1 0 Z M34 22 a2 2 0 1 0 .1 0 Z M14 6 a1 1 0 1 0 .1 0 Z',
  },
  insects: {
    dark: 'M12 10 a2 2 0 1 0 .1 0 Z M22 16 a2 2 0 1 0 .1 0 Z M30 8 a2 2 0 1 0 .1 0 Z M18 24 a2 2 0 1 0 .1 0 Z',
    lines: 'M28 24 l4 4 M32 24 l4 4 M26 28 h12',
  },
};

/** What a damage looks like, as a small drawing. */
export const DamageSketch = ({ damage }: { readonly damage: Damage }) => {
  const palette = usePalette();
  const { lines, dark } = DRAWINGS[damage];
  return (
    <Svg width={44} height={32} viewBox="0 0 44 32" aria-hidden>
      <Rect x={0.5} y={0.5} width={43} height={31} fill={palette.paper} stroke={palette.line} />
      {dark ? <Path d={dark} fill={palette.ink2} fillRule="evenodd" /> : null}
      {lines ? <Path d={lines} fill="none" stroke={palette.ink} strokeWidth={1.6} /> : null}
    </Svg>
  );
};
