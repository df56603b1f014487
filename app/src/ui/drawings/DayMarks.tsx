import { G, Line, Text as SvgText } from 'react-native-svg';
import { FONTS, usePalette } from '../theme';

/** Where a day begins on a drawing, and what it is called. */
export interface DayMark {
  readonly at: number;
  readonly text: string;
}

interface DayMarksProps {
  readonly days: readonly DayMark[];
  readonly x: (at: number) => number;
  readonly height: number;
}

/** Beginnings of days on a drawing over time. */
export const DayMarks = ({ days, x, height }: DayMarksProps) => {
  const palette = usePalette();
  return days.map((it) => (
    <G key={it.at}>
      <Line x1={x(it.at)} x2={x(it.at)} y1={0} y2={height} stroke={palette.line} />
      <SvgText x={x(it.at) + 4} y={16} fontFamily={FONTS.headBold} fontSize={15} fill={palette.ink}>
        {it.text}
      </SvgText>
    </G>
  ));
};

interface NowLineProps {
  readonly x: number;
  readonly top: number;
  readonly bottom: number;
}

/** Where it is now on a drawing over time: a heavy line. */
export const NowLine = ({ x, top, bottom }: NowLineProps) => (
  <Line x1={x} x2={x} y1={top} y2={bottom} stroke={usePalette().vermilion} strokeWidth={2} />
);
