import { useState } from 'react';
import { Line, Rect, Text as SvgText } from 'react-native-svg';
import { FONTS, usePalette } from '../theme';
import { ChartFrame, Slants } from './ChartFrame';

/** A mark on the strip: where, and what is written under it. */
export interface StripMark {
  readonly at: number;
  readonly text: string;
}

interface WaitStripProps {
  readonly from: number;
  readonly opens: number;
  /** Null where nothing presses: the strip ends open. */
  readonly closes: number | null;
  readonly now: number;
  readonly marks: readonly StripMark[];
  /** The same in words. */
  readonly inWords: string;
}

const BAR = 16;
const HEIGHT = 44;
/** Marks nearer than this share the room of one, px. */
const APART = 64;

/** Hatched: too early. Amber: the window. Plain: too late. A heavy line is now. */
export const WaitStrip = ({ from, opens, closes, now, marks, inWords }: WaitStripProps) => {
  const palette = usePalette();
  const [width, setWidth] = useState(280);
  const last = closes ?? Math.max(opens + (opens - from) * 0.4, now);
  const end = Math.max(last + (last - from) * 0.15, now + (last - from) * 0.05);
  const x = (at: number): number =>
    Math.max(0, Math.min(width, ((at - from) / Math.max(1, end - from)) * width));
  const id = `early-${Math.round(from)}-${Math.round(opens)}`;
  const shown = marks.filter(
    (it, index) => index === 0 || x(it.at) - x(marks[index - 1]?.at ?? 0) > APART,
  );
  return (
    <ChartFrame inWords={inWords} width={width} height={HEIGHT} onWidth={setWidth}>
      <Slants id={id} colour={palette.ink2} weight={1.2} />
      <Rect x={0} y={6} width={width} height={BAR} fill={palette.line} />
      <Rect x={0} y={6} width={x(opens)} height={BAR} fill={palette.card} />
      <Rect x={0} y={6} width={x(opens)} height={BAR} fill={`url(#${id})`} />
      <Rect
        x={x(opens)}
        y={6}
        width={Math.max(0, x(closes ?? end) - x(opens))}
        height={BAR}
        fill={palette.amberFill}
      />
      <Rect x={0.5} y={6.5} width={width - 1} height={BAR - 1} stroke={palette.ink2} fill="none" />
      <Line x1={x(now)} x2={x(now)} y1={1} y2={BAR + 11} stroke={palette.ink} strokeWidth={4} />
      {shown.map((it) => (
        <SvgText
          key={it.text}
          x={x(it.at)}
          y={HEIGHT - 4}
          fontFamily={FONTS.headBold}
          fontSize={14}
          fill={palette.ink2}
          textAnchor={x(it.at) < 40 ? 'start' : x(it.at) > width - 40 ? 'end' : 'middle'}
        >
          {it.text}
        </SvgText>
      ))}
    </ChartFrame>
  );
};
