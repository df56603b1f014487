import { Line, Rect, Text as SvgText } from 'react-native-svg';
import { FONTS, usePalette } from '../theme';
import { LETTER } from './shortened';
import type { Stretch } from './sittings';

interface AirLaneProps {
  readonly top: number;
  readonly width: number;
  readonly x: (at: number) => number;
  /** When the air bears no usual coat: hatched. */
  readonly unfit: readonly Stretch[];
  /** How long coats take in it. */
  readonly pace: readonly (Stretch & { readonly text: string })[];
  /** There is room for its name at the left. */
  readonly named: boolean;
}

/** The lane of the air, below those of the work. */
export const AirLane = ({ top, width, x, unfit, pace, named }: AirLaneProps) => {
  const palette = usePalette();
  return (
    <>
      {unfit.map((it) => (
        <Rect
          key={it.from}
          x={x(it.from)}
          y={top + 26}
          width={Math.max(0, x(it.to) - x(it.from))}
          height={10}
          fill="url(#lane-unfit)"
        />
      ))}
      <Line x1={0} x2={width} y1={top} y2={top} stroke={palette.line} />
      {named ? (
        <SvgText x={2} y={top + 24} fontFamily={FONTS.headBold} fontSize={16} fill={palette.ink}>
          Air
        </SvgText>
      ) : null}
      {pace.map((it) => (
        <SvgText
          key={it.from}
          x={x(it.from) + 3}
          y={top + 18}
          fontFamily={FONTS.head}
          fontSize={14}
          fill={palette.ink2}
        >
          {x(it.to) - x(it.from) > it.text.length * LETTER ? it.text : ''}
        </SvgText>
      ))}
    </>
  );
};
