import { scaleLinear } from 'd3-scale';
import { useState } from 'react';
import { G, Rect, Text as SvgText } from 'react-native-svg';
import { FONTS, SIZES, toneOf, usePalette, type Tone } from '../theme';
import { ChartFrame, Slants } from './ChartFrame';
import { LETTER } from './shortened';

/** A part of a whole: what it is called, how much it is, and how it is told apart. */
export interface CostPart {
  readonly label: string;
  /** As it is told. */
  readonly figure: string;
  readonly value: number;
  readonly tone: Tone;
  /** It is not there yet: hatched. */
  readonly toCome?: boolean;
}

interface CostBarProps {
  readonly parts: readonly CostPart[];
  /** The same in words. */
  readonly inWords: string;
}

const BAR = 34;
const ROW = 20;
/** Between two names. */
const GAP = 8;

interface Placed extends CostPart {
  readonly words: string;
  readonly from: number;
  readonly to: number;
  readonly left: number;
  readonly row: number;
}

/** Where each part and its name stand: a name takes the first row in which those before it have ended. */
const laidOut = (
  parts: readonly CostPart[],
  x: (value: number) => number,
  width: number,
): readonly Placed[] =>
  parts.reduce<{ readonly placed: readonly Placed[]; readonly sum: number }>(
    ({ placed, sum }, part) => {
      const words = `${part.label} ${part.figure}`;
      const long = words.length * LETTER;
      const left = Math.max(0, Math.min(x(sum), width - long));
      const endOf = (row: number) =>
        Math.max(
          -GAP,
          ...placed.filter((it) => it.row === row).map((it) => it.left + it.words.length * LETTER),
        );
      const rows = rowsOf(placed);
      const free = Array.from({ length: rows }, (_, row) => row).find(
        (row) => endOf(row) + GAP <= left,
      );
      const row = free ?? rows;
      const one = { ...part, words, from: x(sum), to: x(sum + part.value), left, row };
      return { placed: [...placed, one], sum: sum + part.value };
    },
    { placed: [], sum: 0 },
  ).placed;

const rowsOf = (placed: readonly Placed[]): number =>
  Math.max(0, ...placed.map((it) => it.row + 1));

/** Parts of a sum in one bar, each with its name below it, in rows where they are narrow. */
export const CostBar = ({ parts, inWords }: CostBarProps) => {
  const palette = usePalette();
  const [width, setWidth] = useState(340);
  const sum = parts.reduce((all, it) => all + it.value, 0);
  const x = scaleLinear([0, Math.max(1, sum)], [0, width]);
  const placed = laidOut(parts, x, width);
  return (
    <ChartFrame
      inWords={inWords}
      width={width}
      height={BAR + 6 + rowsOf(placed) * ROW}
      onWidth={setWidth}
    >
      <Slants id="cost-to-come" colour={palette.card} weight={3} />
      {placed.map((it) => (
        <G key={it.label}>
          <Rect
            x={it.from}
            width={Math.max(0, it.to - it.from)}
            height={BAR}
            fill={toneOf(palette, it.tone).text}
          />
          {it.toCome ? (
            <Rect
              x={it.from}
              width={Math.max(0, it.to - it.from)}
              height={BAR}
              fill="url(#cost-to-come)"
            />
          ) : null}
          <SvgText
            x={it.left}
            y={BAR + 16 + it.row * ROW}
            fontFamily={FONTS.head}
            fontSize={SIZES.small}
            fill={palette.ink}
          >
            {it.words}
          </SvgText>
        </G>
      ))}
    </ChartFrame>
  );
};
