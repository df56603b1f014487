import { HOUR } from '@obrik/core/units';
import { useState } from 'react';
import { G, Line, Path, Rect, Text as SvgText } from 'react-native-svg';
import { FONTS, usePalette } from '../theme';
import { ChartFrame, Slants } from './ChartFrame';
import { DayMarks, NowLine, type DayMark } from './DayMarks';

/** The air of an hour, as it is drawn: warmth and dew point in the unit of the screen, humidity in %. */
export interface ChartHour {
  readonly at: number;
  readonly warmth: number;
  readonly dew: number;
  /** How far warmth may be off. */
  readonly error: number;
  readonly humidity: number;
  /** It bears a usual coat. */
  readonly fit: boolean;
}

interface AirChartProps {
  readonly hours: readonly ChartHour[];
  readonly now: number;
  readonly days: readonly DayMark[];
  /** A stretch that is looked at. */
  readonly chosen: { readonly from: number; readonly to: number };
  readonly unit: string;
  /** The same in words. */
  readonly inWords: string;
}

const TOP = 24;
const WARM = 116;
const GAP = 14;
const DAMP = 62;
const FIT = 10;
const HEIGHT = TOP + WARM + GAP + DAMP + GAP + FIT + 4;
/** Room for figures at the right. */
const SCALE = 40;

/**
 * The air of the next days: warmth with how far it may be off and its dew point, humidity below, and
 * at the foot when it bears a usual coat (plain) and when not (hatched).
 */
export const AirChart = ({ hours, now, days, chosen, unit, inWords }: AirChartProps) => {
  const palette = usePalette();
  const [width, setWidth] = useState(340);
  const from = hours[0]?.at ?? now;
  const to = (hours.at(-1)?.at ?? now) + HOUR;
  const x = (at: number): number => ((at - from) / Math.max(1, to - from)) * (width - SCALE);
  const low = Math.floor(Math.min(...hours.map((it) => Math.min(it.warmth - it.error, it.dew))));
  const high = Math.ceil(Math.max(...hours.map((it) => it.warmth + it.error)));
  const warm = (it: number): number => TOP + WARM - ((it - low) / Math.max(1, high - low)) * WARM;
  const dampTop = TOP + WARM + GAP;
  const damp = (it: number): number => dampTop + DAMP - (it / 100) * DAMP;
  const lineOf = (y: (it: ChartHour) => number): string =>
    hours
      .map((it, i) => `${i === 0 ? 'M' : 'L'}${x(it.at).toFixed(1)} ${y(it).toFixed(1)}`)
      .join('');
  const band = `${lineOf((it) => warm(it.warmth + it.error))}${[...hours]
    .reverse()
    .map((it) => `L${x(it.at).toFixed(1)} ${warm(it.warmth - it.error).toFixed(1)}`)
    .join('')}Z`;
  const figure = (y: number, text: string) => (
    <SvgText
      key={text}
      x={width - SCALE + 5}
      y={y + 5}
      fontFamily={FONTS.head}
      fontSize={14}
      fill={palette.ink2}
    >
      {text}
    </SvgText>
  );
  const foot = dampTop + DAMP + GAP;
  return (
    <ChartFrame inWords={inWords} width={width} height={HEIGHT} onWidth={setWidth}>
      <Slants id="air-unfit" colour={palette.vermilion} weight={2} />
      <Rect
        x={x(chosen.from)}
        y={TOP}
        width={Math.max(0, x(chosen.to) - x(chosen.from))}
        height={HEIGHT - TOP}
        fill={palette.amberSoft}
      />
      <DayMarks days={days} x={x} height={HEIGHT} />
      {[low, high].map((it) => (
        <G key={it}>
          <Line x1={0} x2={width - SCALE} y1={warm(it)} y2={warm(it)} stroke={palette.line} />
          {figure(warm(it), `${it} ${unit}`)}
        </G>
      ))}
      <Path d={band} fill={palette.slateSoft} />
      <Path
        d={lineOf((it) => warm(it.dew))}
        stroke={palette.slate}
        strokeWidth={1.5}
        strokeDasharray="4 4"
        fill="none"
      />
      <Path d={lineOf((it) => warm(it.warmth))} stroke={palette.ink} strokeWidth={2} fill="none" />
      {[0, 50, 100].map((it) => (
        <G key={it}>
          <Line x1={0} x2={width - SCALE} y1={damp(it)} y2={damp(it)} stroke={palette.line} />
          {it === 0 ? null : figure(damp(it), `${it} %`)}
        </G>
      ))}
      <Path
        d={lineOf((it) => damp(it.humidity))}
        stroke={palette.slate}
        strokeWidth={2}
        fill="none"
      />
      <Rect x={0} y={foot} width={width - SCALE} height={FIT} fill={palette.mossSoft} />
      {[palette.card, 'url(#air-unfit)'].map((fill) =>
        hours
          .filter((it) => !it.fit)
          .map((it) => (
            <Rect
              key={it.at}
              x={x(it.at)}
              y={foot}
              width={Math.max(1, x(it.at + HOUR) - x(it.at))}
              height={FIT}
              fill={fill}
            />
          )),
      )}
      {now >= from && now < to ? <NowLine x={x(now)} top={TOP - 4} bottom={HEIGHT} /> : null}
    </ChartFrame>
  );
};
