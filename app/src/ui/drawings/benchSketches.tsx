import type { BenchSketch } from '@obrik/core/catalog';
import type { ReactNode } from 'react';
import { Circle, G, Line, Path, Rect } from 'react-native-svg';
import type { Palette } from '../theme';
import {
  BROWN,
  RED,
  WHITE,
  YELLOW,
  dots,
  faceSketch,
  grain,
  sectionSketch,
  stroke,
  wood,
  type Draw,
} from './sketchParts';

const glass = (p: Palette, water: string, inside: ReactNode = null): ReactNode => (
  <G>
    <Path d="M13 15 H35 L32 33 H16 Z" fill={water} />
    <Path d="M12 5 H36 L32 33 H16 Z" {...stroke(p)} />
    {inside}
  </G>
);
/** Litmus strip with a pointer at low, middle or high. */
const litmus = (p: Palette, at: number): ReactNode => (
  <G>
    {[RED, YELLOW, '#7FA66B', '#5E8AA8', '#46508C'].map((colour, nth) => (
      <Rect key={colour} x={4 + 8 * nth} y={16} width={8} height={12} fill={colour} />
    ))}
    <Rect x={4} y={16} width={40} height={12} {...stroke(p)} />
    <Path d={`M${at - 5} 5 H${at + 5} L${at} 13 Z`} fill={p.ink} />
  </G>
);
/** A fill in section: its surface by the path over the gap. */
const fill = (p: Palette, surface: string): ReactNode =>
  sectionSketch(
    p,
    <G>
      <Path d={`M16 16 ${surface} 32 16 L29 28 H19 Z`} fill={p.slateSoft} />
      <Path d={`M16 16 ${surface} 32 16 L29 28 H19 L16 16`} {...stroke(p)} />
    </G>,
  );
const coat = (p: Palette, inside: ReactNode, ground: string = p.slateSoft): ReactNode => (
  <G>
    <Rect x={4} y={4} width={40} height={28} {...stroke(p)} fill={ground} />
    {inside}
  </G>
);
/** A wet-film comb: teeth of which so many are wet. */
const comb = (p: Palette, wet: number): ReactNode => (
  <G>
    <Rect x={6} y={4} width={36} height={10} {...stroke(p)} fill={p.card} />
    {[0, 1, 2, 3, 4].map((nth) => (
      <Rect
        key={nth}
        x={8 + 7 * nth}
        y={14}
        width={4}
        height={16 - 2 * nth}
        stroke={p.ink}
        strokeWidth={1}
        fill={nth < wet ? p.amber : p.card}
      />
    ))}
    <Line x1={4} y1={32} x2={44} y2={32} stroke={p.ink} strokeWidth={2} />
  </G>
);
const nail = (p: Palette, edge: string): ReactNode =>
  sectionSketch(
    p,
    <G>
      <Path d="M20 4 Q28 2 30 8 L26 14 Z" {...stroke(p)} fill={p.card} />
      <Path d={edge} {...stroke(p)} strokeWidth={2.5} stroke={p.amber} />
    </G>,
  );
const pair = (p: Palette, left: string, right: string, inside: ReactNode = null): ReactNode => (
  <G>
    <Rect x={4} y={6} width={20} height={24} fill={left} />
    <Rect x={24} y={6} width={20} height={24} fill={right} />
    {inside}
    <Rect x={4} y={6} width={40} height={24} {...stroke(p)} />
    <Line x1={24} y1={6} x2={24} y2={30} stroke={p.ink} strokeWidth={1.5} />
  </G>
);
const tape = (p: Palette, edge: string): ReactNode => (
  <G>
    <Path d={`M4 4 H24 ${edge} V32 H4 Z`} fill={p.slateSoft} stroke={p.ink} strokeWidth={1.5} />
    <Path d="M31 32 Q44 26 42 6" {...stroke(p)} strokeWidth={4} stroke={p.amber} />
  </G>
);
const lattice = (p: Palette, gone: readonly (readonly [number, number])[]): ReactNode => (
  <G>
    {gone.map(([x, y]) => (
      <Rect key={`${x}/${y}`} x={9 + 6 * x} y={3 + 6 * y} width={6} height={6} fill={p.ink} />
    ))}
    {[0, 1, 2, 3, 4, 5].map((nth) => (
      <G key={nth}>
        <Line x1={9 + 6 * nth} y1={2} x2={9 + 6 * nth} y2={34} stroke={p.ink} strokeWidth={1} />
        <Line x1={8} y1={3 + 6 * nth} x2={40} y2={3 + 6 * nth} stroke={p.ink} strokeWidth={1} />
      </G>
    ))}
  </G>
);
const drawer = (p: Palette, sign: string): ReactNode => (
  <G>
    <Rect x={4} y={4} width={40} height={28} {...stroke(p)} />
    <Rect x={8} y={10} width={32} height={16} {...stroke(p)} fill={p.amberSoft} />
    <Circle cx={24} cy={18} r={2} fill={p.ink} />
    <Path d={sign} {...stroke(p)} strokeWidth={2.5} />
  </G>
);

/** Answers at the bench; hatch and shape carry the meaning, colour helps. */
export const BENCH_SKETCHES: Readonly<Record<BenchSketch, Draw>> = {
  'water-clear': (p) => glass(p, p.slateSoft),
  'water-murky': (p) =>
    glass(
      p,
      BROWN,
      dots(p, [
        [20, 20, 1.2],
        [27, 24, 1.2],
        [24, 29, 1.2],
      ]),
    ),
  'old-patches': (p) =>
    wood(
      p,
      '#EAD9B5',
      <Path
        d="M8 10 q6 -5 11 0 t-2 8 q-8 3 -9 -8 M28 20 q6 -4 10 1 t-3 7 q-8 1 -7 -8"
        fill={BROWN}
        stroke={p.ink}
      />,
    ),
  'old-layers': (p) =>
    sectionSketch(
      p,
      <G>
        <Rect x={4} y={11} width={40} height={5} fill={RED} stroke={p.ink} />
        <Path d="M4 6 H26 V11 H4 Z" fill={p.card} stroke={p.ink} />
      </G>,
    ),
  'old-spot': (p) => wood(p, '#EAD9B5', <Circle cx={28} cy={18} r={6} fill={BROWN} />),
  'strip-low': (p) => litmus(p, 9),
  'strip-mid': (p) => litmus(p, 24),
  'strip-high': (p) => litmus(p, 40),
  'fill-flush': (p) => fill(p, 'L'),
  'fill-proud': (p) => fill(p, 'Q24 6'),
  'fill-hollow': (p) => fill(p, 'Q24 25'),
  'look-even': (p) =>
    faceSketch(
      p,
      <Path d="M8 9 H40 M8 15 H40 M8 21 H40 M8 27 H40" {...stroke(p)} strokeWidth={0.8} />,
    ),
  'look-scratches': (p) =>
    faceSketch(
      p,
      <Path
        d="M10 28 L18 8 M17 29 L27 7 M28 28 L34 10 M36 27 q-6 -6 1 -12"
        {...stroke(p)}
        strokeWidth={1.2}
      />,
    ),
  'look-flats': (p) =>
    faceSketch(
      p,
      <G>
        <Path
          d="M8 9 H40 M8 15 H14 M32 15 H40 M8 21 H16 M31 21 H40 M8 27 H40"
          {...stroke(p)}
          strokeWidth={0.8}
        />
        <Path d="M16 13 q8 -4 14 2 q2 7 -7 8 q-9 0 -7 -10" {...stroke(p)} fill={WHITE} />
      </G>,
    ),
  'look-through': (p) =>
    wood(
      p,
      '#CFA76A',
      <Path
        d="M14 12 q9 -7 18 1 q4 10 -8 12 q-13 0 -10 -13"
        fill="#EFE6CF"
        stroke={p.ink}
        strokeDasharray="2 2"
      />,
    ),
  'look-fur': (p) =>
    sectionSketch(
      p,
      <Path
        d="M8 16 l-2 -7 M13 16 l2 -8 M18 16 l-2 -6 M23 16 l3 -8 M29 16 l-2 -7 M34 16 l2 -8 M40 16 l-2 -6"
        {...stroke(p)}
      />,
    ),
  'look-dust': (p) =>
    wood(
      p,
      '#CFA76A',
      <Path
        d="M8 10 h6 M18 10 h8 M30 10 h8 M10 17 h8 M24 17 h6 M8 24 h9 M22 24 h6 M34 24 h5"
        stroke={WHITE}
        strokeWidth={3}
      />,
    ),
  'coat-even': (p) => coat(p, <Path d="M30 8 L38 8 L22 28 L14 28 Z" fill={p.card} />),
  'coat-nibs': (p) =>
    coat(
      p,
      dots(p, [
        [12, 12, 1.3],
        [22, 9, 1],
        [33, 14, 1.3],
        [17, 22, 1],
        [28, 25, 1.3],
        [37, 22, 1],
      ]),
    ),
  'coat-peel': (p) =>
    coat(
      p,
      <Path
        d="M8 12 q4 -5 8 0 t8 0 t8 0 t8 0 M8 19 q4 -5 8 0 t8 0 t8 0 t8 0 M8 26 q4 -5 8 0 t8 0 t8 0 t8 0"
        {...stroke(p)}
        strokeWidth={1}
      />,
    ),
  'coat-runs': (p) =>
    coat(
      p,
      <Path
        d="M8 9 H40 M13 9 V24 q2 4 4 0 V9 M28 9 V17 q2 4 4 0 V9"
        {...stroke(p)}
        fill={p.card}
      />,
    ),
  'coat-missed': (p) =>
    coat(
      p,
      <Path
        d="M12 9 h14 v8 h-14 z M30 20 h9 v8 h-9 z"
        fill={p.card}
        stroke={p.ink}
        strokeDasharray="2 2"
      />,
    ),
  'coat-craters': (p) =>
    coat(
      p,
      <G>
        {(
          [
            [14, 12, 4],
            [31, 11, 3],
            [22, 22, 4],
            [37, 23, 3],
          ] as const
        ).map(([x, y, r]) => (
          <Circle key={`${x}`} cx={x} cy={y} r={r} {...stroke(p)} fill={p.card} />
        ))}
      </G>,
    ),
  'coat-haze': (p) =>
    coat(
      p,
      <Path
        d="M10 26 q4 -14 12 -12 q8 -8 14 2 q6 8 -4 12 z"
        fill={WHITE}
        opacity={0.9}
        stroke={p.ink}
        strokeDasharray="1 3"
      />,
    ),
  'coat-dull': (p) =>
    coat(
      p,
      <G>
        <Path d="M30 8 L38 8 L22 28 L14 28 Z" fill={p.card} />
        <Circle cx={25} cy={19} r={6} fill={p.line} stroke={p.ink} />
      </G>,
    ),
  'comb-thin': (p) => comb(p, 1),
  'comb-mid': (p) => comb(p, 3),
  'comb-thick': (p) => comb(p, 5),
  'nail-none': (p) => nail(p, 'M4 15 H44'),
  'nail-mark': (p) => nail(p, 'M4 15 H18 Q24 23 30 15 H44'),
  'swatch-same': (p) => pair(p, '#9C6B3F', '#9C6B3F'),
  'swatch-other': (p) => pair(p, '#9C6B3F', '#D9B583'),
  'swatch-blotchy': (p) =>
    pair(
      p,
      '#9C6B3F',
      '#B98A56',
      <Path d="M28 10 q6 2 4 8 q8 0 6 8 q-9 2 -10 -16" fill="#5E3A1E" />,
    ),
  'tape-clean': (p) => tape(p, ''),
  'tape-torn': (p) => tape(p, 'L24 8 L17 11 L22 15 L13 19 L23 23 L16 27 L24 32'),
  'lattice-whole': (p) => lattice(p, []),
  'lattice-some': (p) =>
    lattice(p, [
      [1, 1],
      [3, 2],
      [2, 4],
    ]),
  'lattice-many': (p) =>
    lattice(p, [
      [0, 0],
      [1, 1],
      [2, 1],
      [3, 1],
      [1, 2],
      [2, 2],
      [4, 2],
      [0, 3],
      [2, 3],
      [3, 4],
      [1, 4],
    ]),
  'joint-tight': (p) => (
    <G>
      <Rect x={4} y={6} width={20} height={24} {...stroke(p)} fill={p.amberSoft} />
      <Rect x={24} y={6} width={20} height={24} {...stroke(p)} fill={p.amberSoft} />
      {grain(p, 'M6 14 H22 M6 22 H22')}
    </G>
  ),
  'joint-open': (p) => (
    <G>
      <Rect x={2} y={6} width={19} height={24} {...stroke(p)} fill={p.amberSoft} />
      <Path d="M27 6 L46 9 V32 L25 30 Z" {...stroke(p)} fill={p.amberSoft} />
      <Path d="M24 8 V29" {...stroke(p)} strokeDasharray="2 2" />
    </G>
  ),
  'drawer-runs': (p) => drawer(p, 'M14 18 l5 5 l13 -11'),
  'drawer-sticks': (p) => drawer(p, 'M10 12 l8 8 m0 -8 l-8 8'),
};
