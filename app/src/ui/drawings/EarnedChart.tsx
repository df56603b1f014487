import { scaleLinear } from 'd3-scale';
import { line } from 'd3-shape';
import { useState } from 'react';
import { Circle, G, Line, Path, Text as SvgText } from 'react-native-svg';
import { FONTS, SIZES, usePalette } from '../theme';
import { ChartFrame } from './ChartFrame';

/** One row: a mean with where it may lie. */
export interface EarnedRow {
  readonly label: string;
  readonly figure: string;
  readonly mean: number;
  /** Null where too few figures tell nothing of it. */
  readonly between: readonly [number, number] | null;
}

interface EarnedChartProps {
  readonly rows: readonly EarnedRow[];
  /** A line that is wanted to be reached, such as the own rate. */
  readonly wanted: { readonly at: number; readonly figure: string } | null;
  /** The same in words. */
  readonly inWords: string;
}

const ROW = 48;
const TOP = 24;
const EDGE = 12;

/** What is earned by the hour, row by row: a dot at the mean, a bar over where it may lie. */
export const EarnedChart = ({ rows, wanted, inWords }: EarnedChartProps) => {
  const palette = usePalette();
  const [width, setWidth] = useState(340);
  const figures = rows.flatMap((it) => [it.mean, ...(it.between ?? [])]);
  const low = Math.min(0, ...figures);
  const high = Math.max(1, wanted?.at ?? 0, ...figures);
  const x = scaleLinear([low, high], [EDGE, width - EDGE]);
  const height = TOP + rows.length * ROW;
  const upright = line<readonly [number, number]>();
  return (
    <ChartFrame inWords={inWords} width={width} height={height} onWidth={setWidth}>
      <Path
        d={
          upright([
            [x(0), TOP],
            [x(0), height],
          ]) ?? ''
        }
        stroke={palette.ink2}
      />
      {wanted ? (
        <G>
          <Path
            d={
              upright([
                [x(wanted.at), TOP],
                [x(wanted.at), height],
              ]) ?? ''
            }
            stroke={palette.amber}
            strokeWidth={2}
            strokeDasharray="5 4"
          />
          <SvgText
            x={Math.min(x(wanted.at), width - 4)}
            y={16}
            textAnchor="end"
            fontFamily={FONTS.headBold}
            fontSize={SIZES.small}
            fill={palette.amber}
          >
            {wanted.figure}
          </SvgText>
        </G>
      ) : null}
      {rows.map((it, nth) => {
        const y = TOP + nth * ROW + 32;
        return (
          <G key={it.label}>
            <SvgText
              x={EDGE}
              y={y - 14}
              fontFamily={FONTS.head}
              fontSize={SIZES.small}
              fill={palette.ink}
            >
              {`${it.label}  ${it.figure}`}
            </SvgText>
            {it.between ? (
              <Line
                x1={x(it.between[0])}
                x2={x(it.between[1])}
                y1={y}
                y2={y}
                stroke={palette.slateSoft}
                strokeWidth={12}
              />
            ) : null}
            <Circle cx={x(it.mean)} cy={y} r={6} fill={palette.slate} />
          </G>
        );
      })}
    </ChartFrame>
  );
};
