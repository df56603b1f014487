import type { ReactNode } from 'react';
import { Circle, Ellipse, G, Line, Path, Rect } from 'react-native-svg';
import type { Palette } from '../theme';

export type Draw = (p: Palette) => ReactNode;

export const stroke = (p: Palette) => ({ stroke: p.ink, strokeWidth: 1.5, fill: 'none' }) as const;

/** A board in perspective: face above, edge below. */
export const board = (p: Palette, edge: ReactNode, face?: ReactNode): ReactNode => (
  <G>
    <Path d="M4 14 L14 6 H44 L36 14 Z" {...stroke(p)} fill={p.amberSoft} />
    <Path d="M4 14 H36 V30 H4 Z" {...stroke(p)} />
    <Path d="M36 14 L44 6 V22 L36 30 Z" {...stroke(p)} />
    {face}
    {edge}
  </G>
);
export const faceSketch = (p: Palette, inside: ReactNode): ReactNode => (
  <G>
    <Rect x={4} y={4} width={40} height={28} {...stroke(p)} fill={p.card} />
    {inside}
  </G>
);
export const grain = (
  p: Palette,
  d = 'M6 12 Q24 6 42 12 M6 20 Q24 14 42 20 M6 27 Q24 22 42 27',
) => <Path d={d} {...stroke(p)} strokeWidth={1} />;
export const rag = (p: Palette, colour: string): ReactNode => (
  <G>
    <Path d="M6 10 Q14 2 24 8 T44 8 L42 30 Q30 34 22 29 T6 30 Z" {...stroke(p)} fill={p.card} />
    <Ellipse cx={24} cy={19} rx={11} ry={6} fill={colour} />
  </G>
);
export const patch = (p: Palette, colour: string): ReactNode =>
  faceSketch(
    p,
    <G>
      {grain(p)}
      <Rect x={15} y={10} width={18} height={16} fill={colour} stroke={p.ink} strokeWidth={1} />
    </G>,
  );
export const sectionSketch = (p: Palette, inside: ReactNode): ReactNode => (
  <G>
    <Rect x={4} y={16} width={40} height={16} {...stroke(p)} fill={p.amberSoft} />
    {inside}
  </G>
);
export const film = (p: Palette, top: string) =>
  sectionSketch(p, <Path d={top} {...stroke(p)} strokeWidth={2.5} stroke={p.amber} />);
export const lens = (p: Palette, inside: ReactNode): ReactNode => (
  <G>
    <Circle cx={22} cy={17} r={13} {...stroke(p)} fill={p.card} />
    <Line x1={31} y1={27} x2={42} y2={34} stroke={p.ink} strokeWidth={3} />
    {inside}
  </G>
);
export const dots = (p: Palette, list: readonly (readonly [number, number, number])[]) =>
  list.map(([x, y, r]) => <Circle key={`${x}/${y}`} cx={x} cy={y} r={r} fill={p.ink} />);
export const waves = (p: Palette, count: number): ReactNode => (
  <G>
    <Rect x={6} y={8} width={10} height={20} {...stroke(p)} />
    {Array.from({ length: count }, (_, i) => (
      <Path key={i} d={`M${22 + i * 7} ${12 - i * 2} q5 6 0 ${12 + i * 4}`} {...stroke(p)} />
    ))}
  </G>
);
export const hole = (p: Palette, inside: ReactNode) =>
  sectionSketch(
    p,
    <G>
      {inside}
      <Path d="M18 16 V32 M30 16 V32" {...stroke(p)} strokeDasharray="2 2" />
    </G>,
  );
export const scatter: readonly (readonly [number, number, number])[] = [
  [14, 12, 1],
  [20, 9, 1],
  [27, 12, 1],
  [16, 19, 1],
  [23, 17, 1],
  [29, 21, 1],
  [20, 25, 1],
];
export const wood = (p: Palette, colour: string, extra: ReactNode = grain(p)): ReactNode =>
  faceSketch(
    p,
    <G>
      <Rect x={5} y={5} width={38} height={26} fill={colour} />
      {extra}
    </G>,
  );

// Colours of things, not of the interface: they are the same in light and dark.
export const RED = '#C4574C';
export const YELLOW = '#D6A84B';
export const BROWN = '#8A5A33';
export const PINK = '#E3A29A';
export const WHITE = '#FBFAF5';
