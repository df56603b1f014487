import { useState } from 'react';
import { Pressable, View } from 'react-native';
import Svg, { Line, Rect, Text as SvgText } from 'react-native-svg';
import { FONTS, TARGET, usePalette } from '../theme';
import { tapPoint } from './tapPoint';

interface RuleTapProps {
  readonly label: string;
  /** Length of the rule, mm, and where its figures stand. */
  readonly lengthMm: number;
  readonly everyMm: number;
  readonly valueMm: number | undefined;
  readonly figure: (mm: number) => string;
  readonly onTap: (mm: number) => void;
}

const EDGE = 10;

/** A rule: a tap on it is a length, for those who can't type with gloves on. */
export const RuleTap = ({ label, lengthMm, everyMm, valueMm, figure, onTap }: RuleTapProps) => {
  const palette = usePalette();
  const [width, setWidth] = useState(300);
  const scale = (width - 2 * EDGE) / lengthMm;
  const marks = Array.from(
    { length: Math.floor(lengthMm / everyMm) + 1 },
    (_, index) => index * everyMm,
  );
  return (
    <View onLayout={(event) => setWidth(event.nativeEvent.layout.width)}>
      <Pressable
        role="button"
        aria-label={label}
        onPress={(event) => {
          const point = tapPoint(event);
          if (point) onTap(Math.min(lengthMm, Math.max(1, Math.round((point.x - EDGE) / scale))));
        }}
        style={{ height: TARGET }}
      >
        <Svg width={width} height={TARGET} aria-hidden pointerEvents="none">
          <Rect
            x={1}
            y={4}
            width={width - 2}
            height={TARGET - 8}
            fill={palette.card}
            stroke={palette.ink2}
          />
          {valueMm !== undefined ? (
            <Rect
              x={EDGE}
              y={4}
              width={Math.min(lengthMm, valueMm) * scale}
              height={TARGET - 8}
              fill={palette.amberFill}
              opacity={0.6}
            />
          ) : null}
          {marks.map((mm) => (
            <Line
              key={mm}
              x1={EDGE + mm * scale}
              x2={EDGE + mm * scale}
              y1={4}
              y2={16}
              stroke={palette.ink}
            />
          ))}
          {marks
            .filter((mm) => mm > 0 && mm < lengthMm)
            .map((mm) => (
              <SvgText
                key={mm}
                x={EDGE + mm * scale}
                y={34}
                fontFamily={FONTS.headBold}
                fontSize={14}
                textAnchor="middle"
                fill={palette.ink}
              >
                {figure(mm)}
              </SvgText>
            ))}
        </Svg>
      </Pressable>
    </View>
  );
};
