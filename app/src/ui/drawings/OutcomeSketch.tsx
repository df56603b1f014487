import type { Sketch } from '@obrik/core/catalog';
import Svg, { Circle, G, Line, Path, Rect } from 'react-native-svg';
import { usePalette } from '../theme';
import { BENCH_SKETCHES } from './benchSketches';
import {
  BROWN,
  PINK,
  RED,
  WHITE,
  YELLOW,
  board,
  dots,
  faceSketch,
  film,
  grain,
  hole,
  lens,
  patch,
  rag,
  scatter,
  sectionSketch,
  stroke,
  waves,
  wood,
  type Draw,
} from './sketchParts';

/** A drawing for each kind of outcome; hatch and shape carry the meaning, colour helps. */
const SKETCHES: Readonly<Record<Sketch, Draw>> = {
  ...BENCH_SKETCHES,
  'edge-turns': (p) =>
    board(
      p,
      <Path d="M8 30 Q8 20 12 14 M16 30 Q16 20 22 14 M26 30 Q26 20 32 14" {...stroke(p)} />,
      <Path d="M12 14 L22 6 M22 14 L32 6 M32 14 L41 6" {...stroke(p)} />,
    ),
  'edge-line': (p) => board(p, <Path d="M4 17 H36 L44 9" {...stroke(p)} strokeWidth={2} />),
  'edge-seam': (p) =>
    board(
      p,
      <G>
        <Rect x={4} y={14} width={32} height={16} fill={p.line} />
        {dots(p, [
          [10, 20, 1.2],
          [18, 26, 1.2],
          [27, 19, 1.2],
        ])}
      </G>,
    ),
  'edge-plies': (p) => board(p, <Path d="M4 18 H36 M4 22 H36 M4 26 H36" {...stroke(p)} />),
  'figure-varied': (p) =>
    faceSketch(p, grain(p, 'M6 8 Q20 20 42 9 M6 16 Q22 28 42 15 M6 25 Q26 32 42 22')),
  'figure-mirrored': (p) =>
    faceSketch(
      p,
      <G>
        <Path d="M8 30 Q20 18 22 6 M26 6 Q28 18 40 30" {...stroke(p)} />
        <Line x1={24} y1={4} x2={24} y2={32} stroke={p.ink} strokeDasharray="2 2" />
      </G>,
    ),
  'figure-printed': (p) =>
    faceSketch(
      p,
      <G>
        <Path d="M6 12 q5 -6 10 0 M6 26 q5 -6 10 0" {...stroke(p)} />
        <Path d="M28 12 q5 -6 10 0 M28 26 q5 -6 10 0" {...stroke(p)} />
      </G>,
    ),
  'figure-plain': (p) => faceSketch(p, null),
  'face-pores': (p) =>
    sectionSketch(
      p,
      <Path d="M4 16 l4 3 4 -3 4 3 4 -3 4 3 4 -3 4 3 4 -3 4 3 4 -3" {...stroke(p)} />,
    ),
  'face-film': (p) => film(p, 'M4 13 H44'),
  'face-smooth': (p) =>
    sectionSketch(p, <Rect x={4} y={16} width={40} height={16} fill={p.line} />),
  'sound-full': (p) => waves(p, 1),
  'sound-hollow': (p) => waves(p, 3),
  'sound-click': (p) => (
    <G>
      {waves(p, 1)}
      <Path d="M32 8 l8 8 m0 -8 l-8 8" {...stroke(p)} />
    </G>
  ),
  'below-same': (p) => board(p, <Path d="M10 30 V14 M22 30 V14 M30 30 V14" {...stroke(p)} />),
  'below-other': (p) => board(p, <Path d="M4 20 L20 30 M16 14 L36 28" {...stroke(p)} />),
  'below-board': (p) =>
    board(
      p,
      dots(p, [
        [9, 19, 1.5],
        [17, 25, 1.5],
        [25, 18, 1.5],
        [31, 26, 1.5],
      ]),
    ),
  'hole-wood': (p) => hole(p, grain(p, 'M5 21 Q24 18 43 21 M5 27 Q24 24 43 27')),
  'hole-veneer': (p) => hole(p, <Rect x={4} y={20} width={40} height={12} fill={p.line} />),
  'hole-paper': (p) =>
    hole(
      p,
      <G>
        <Line x1={4} y1={18} x2={44} y2={18} stroke={p.amber} strokeWidth={3} />
        {dots(p, [
          [9, 25, 1.5],
          [22, 28, 1.5],
          [37, 24, 1.5],
        ])}
      </G>,
    ),
  'hole-plies': (p) => hole(p, <Path d="M4 20 H44 M4 24 H44 M4 28 H44" {...stroke(p)} />),
  'dust-shavings': (p) => (
    <Path d="M6 26 q6 -14 10 0 t10 0 t10 0 M10 14 q5 -8 9 0 t9 0" {...stroke(p)} />
  ),
  'dust-crumbs': (p) => (
    <G>
      {dots(p, [
        [10, 26, 3],
        [20, 28, 2],
        [28, 25, 3],
        [36, 28, 2],
        [22, 20, 2],
      ])}
    </G>
  ),
  'dust-metal': (p) => <Path d="M8 28 L20 10 L26 22 L40 8" {...stroke(p)} />,
  'dent-deep': (p) =>
    sectionSketch(p, <Path d="M14 16 Q24 27 34 16" {...stroke(p)} fill={p.card} />),
  'dent-none': (p) => sectionSketch(p, <Path d="M24 4 V12 M20 9 L24 13 L28 9" {...stroke(p)} />),
  'weight-light': (p) => (
    <Path d="M24 30 V8 M16 16 L24 7 L32 16" {...stroke(p)} strokeWidth={2.5} />
  ),
  'weight-heavy': (p) => (
    <Path d="M24 6 V28 M16 20 L24 29 L32 20" {...stroke(p)} strokeWidth={2.5} />
  ),
  'joint-dovetail': (p) => (
    <Path d="M4 6 H20 L26 10 L20 14 L26 18 L20 22 L26 26 H4 Z M26 6 H44 V30 H26" {...stroke(p)} />
  ),
  'joint-dowel': (p) => (
    <Path d="M4 6 H22 V30 H4 Z M26 6 H44 V30 H26 Z M16 12 H32 M16 24 H32" {...stroke(p)} />
  ),
  'joint-knockdown': (p) => (
    <G>
      <Path d="M4 6 H22 V30 H4 Z M26 6 H44 V30 H26 Z" {...stroke(p)} />
      <Circle cx={24} cy={18} r={6} {...stroke(p)} fill={p.card} />
      <Path d="M20 18 H28 M24 14 V22" {...stroke(p)} />
    </G>
  ),
  'lens-rings': (p) =>
    lens(
      p,
      <G>
        <Path d="M11 12 Q22 6 33 12 M11 22 Q22 16 33 22" {...stroke(p)} />
        {dots(p, [
          [14, 14, 2],
          [22, 11, 2],
          [30, 14, 2],
          [15, 24, 2],
          [23, 21, 2],
          [30, 24, 2],
        ])}
      </G>,
    ),
  'lens-scattered': (p) => lens(p, <G>{dots(p, scatter)}</G>),
  'lens-none': (p) =>
    lens(p, <Path d="M11 12 Q22 6 33 12 M10 18 Q22 12 34 18 M12 24 Q22 18 32 24" {...stroke(p)} />),
  'wood-pale': (p) => wood(p, '#EAD9B5'),
  'wood-open': (p) =>
    wood(
      p,
      '#CFA76A',
      <Path
        d="M8 10 h6 M18 10 h8 M30 10 h8 M10 17 h8 M24 17 h6 M8 24 h9 M22 24 h6 M34 24 h5"
        {...stroke(p)}
      />,
    ),
  'wood-red': (p) => wood(p, '#B0684A'),
  'wood-brown': (p) => wood(p, '#7A5638'),
  'wood-knots': (p) =>
    wood(
      p,
      '#E2C383',
      <G>
        {grain(p)}
        <Circle cx={18} cy={17} r={4} fill={BROWN} />
        <Circle cx={34} cy={22} r={3} fill={BROWN} />
      </G>,
    ),
  'smell-resin': (p) => (
    <Path
      d="M14 30 q-6 -8 0 -14 t0 -12 M26 30 q-6 -8 0 -14 t0 -12 M38 30 q-6 -8 0 -14 t0 -12"
      {...stroke(p)}
    />
  ),
  'smell-spice': (p) => (
    <Path
      d="M24 30 V16 M24 16 l-8 -8 M24 16 l8 -8 M24 16 V5 M24 16 l-11 0 M24 16 l11 0"
      {...stroke(p)}
    />
  ),
  'smell-none': (p) => <Path d="M10 18 H38" {...stroke(p)} strokeWidth={2.5} />,
  'rag-clean': (p) => rag(p, WHITE),
  'rag-red': (p) => rag(p, RED),
  'rag-yellow': (p) => rag(p, YELLOW),
  'rag-brown': (p) => rag(p, BROWN),
  'rag-chalky': (p) => rag(p, '#C9D3D8'),
  'patch-white': (p) => patch(p, WHITE),
  'patch-yellow': (p) => patch(p, YELLOW),
  'patch-pink': (p) => patch(p, PINK),
  'drop-beads': (p) =>
    sectionSketch(p, <Path d="M16 16 Q16 6 24 6 T32 16 Z" {...stroke(p)} fill={p.slateSoft} />),
  'drop-soaks': (p) =>
    sectionSketch(p, <Path d="M14 16 Q24 34 34 16 Z" {...stroke(p)} fill={p.slateSoft} />),
  'drop-black': (p) => sectionSketch(p, <Path d="M14 16 Q24 30 34 16 Z" fill={p.ink} />),
  'drop-fizz': (p) =>
    sectionSketch(
      p,
      <G>
        <Circle cx={20} cy={12} r={3} {...stroke(p)} />
        <Circle cx={27} cy={9} r={2.4} {...stroke(p)} />
        <Circle cx={28} cy={14} r={2} {...stroke(p)} />
      </G>,
    ),
  'drop-none': (p) => sectionSketch(p, <Path d="M18 12 H30" {...stroke(p)} />),
  'film-sticky': (p) => film(p, 'M4 15 H18 Q22 4 24 4 T30 15 H44'),
  'film-gummy': (p) => film(p, 'M4 15 Q10 8 16 14 T28 13 T44 15'),
  'film-flows': (p) => film(p, 'M4 15 H14 Q24 8 34 15 H44'),
  'film-wrinkles': (p) => film(p, 'M4 15 l5 -7 5 7 5 -7 5 7 5 -7 5 7 5 -7 5 7'),
  'film-none': (p) => film(p, 'M4 14 H44'),
  'film-bare': (p) => sectionSketch(p, grain(p, 'M5 21 Q24 18 43 21 M5 27 Q24 24 43 27')),
  'flake-stretches': (p) => <Path d="M6 26 Q24 2 42 26" {...stroke(p)} strokeWidth={3} />,
  'flake-snaps': (p) => (
    <Path d="M6 26 L21 12 M27 12 L42 26 M22 6 l2 4 M27 5 l-1 4" {...stroke(p)} strokeWidth={3} />
  ),
  'flake-powders': (p) => (
    <G>
      {dots(p, [
        [10, 24, 1.5],
        [16, 20, 1],
        [22, 25, 1.5],
        [28, 19, 1],
        [34, 24, 1.5],
        [24, 14, 1],
      ])}
    </G>
  ),
  'curl-soft': (p) =>
    sectionSketch(p, <Path d="M10 16 H22 q8 -2 6 -8 t-8 0 t4 4" {...stroke(p)} />),
  'curl-powder': (p) =>
    sectionSketch(
      p,
      <G>
        {dots(p, [
          [14, 12, 1],
          [20, 9, 1],
          [26, 12, 1],
          [32, 10, 1],
        ])}
      </G>,
    ),
  'curl-none': (p) =>
    sectionSketch(p, <Path d="M10 15 H38" {...stroke(p)} strokeDasharray="3 3" />),
  'glow-orange': (p) => (
    <G>
      <Circle cx={24} cy={18} r={11} fill="#F08A3C" />
      <Circle cx={24} cy={18} r={14} {...stroke(p)} strokeDasharray="2 3" />
    </G>
  ),
  'glow-none': (p) => <Circle cx={24} cy={18} r={12} {...stroke(p)} />,
  'mark-brush': (p) =>
    faceSketch(
      p,
      <Path d="M6 9 H42 M6 14 H38 M6 19 H42 M6 24 H36 M6 29 H42" {...stroke(p)} strokeWidth={1} />,
    ),
  'mark-spray': (p) =>
    faceSketch(
      p,
      <G>
        {dots(
          p,
          scatter.map(([x, y, r]) => [x + 2, y, r] as const),
        )}
      </G>,
    ),
  'mark-wiped': (p) =>
    faceSketch(p, <Path d="M8 18 q8 -10 16 0 t16 0" {...stroke(p)} strokeWidth={1} />),
  'mark-white-ring': (p) =>
    faceSketch(p, <Circle cx={24} cy={18} r={9} {...stroke(p)} strokeWidth={3} />),
  'mark-none': (p) => faceSketch(p, null),
  'crack-fine': (p) =>
    faceSketch(
      p,
      <Path
        d="M10 5 V31 M18 5 V31 M26 5 V31 M34 5 V31 M5 14 H43 M5 24 H43"
        {...stroke(p)}
        strokeWidth={0.7}
      />,
    ),
  'crack-broad': (p) =>
    faceSketch(
      p,
      <Path
        d="M5 14 L18 18 L24 5 M18 18 L22 32 M18 18 L43 20 M32 19 L36 5"
        {...stroke(p)}
        strokeWidth={2}
      />,
    ),
  'crack-none': (p) => faceSketch(p, null),
  'swab-red': (p) => (
    <G>
      <Rect x={8} y={15} width={24} height={6} {...stroke(p)} fill={p.card} />
      <Circle cx={36} cy={18} r={7} fill={RED} stroke={p.ink} strokeWidth={1.5} />
    </G>
  ),
  'swab-clean': (p) => (
    <G>
      <Rect x={8} y={15} width={24} height={6} {...stroke(p)} fill={p.card} />
      <Circle cx={36} cy={18} r={7} fill={WHITE} stroke={p.ink} strokeWidth={1.5} />
    </G>
  ),
};

/** What an outcome looks like, as a small drawing. The label beside it says the same in words. */
export const OutcomeSketch = ({ sketch }: { readonly sketch: Sketch }) => (
  <Svg width={48} height={36} viewBox="0 0 48 36" aria-hidden>
    {SKETCHES[sketch](usePalette())}
  </Svg>
);
