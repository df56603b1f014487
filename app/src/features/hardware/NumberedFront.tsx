import { facesOf, surfacesOf, type Piece, type Role } from '@obrik/core/piece';
import { useState } from 'react';
import { View } from 'react-native';
import Svg, { G, Rect, Text as SvgText } from 'react-native-svg';
import { around } from '@/ui/drawings';
import { FONTS, usePalette } from '@/ui/theme';

/** Surfaces whose parts come out or off and go back to their own places. */
const LOOSE: readonly Role[] = ['fronts', 'doors'];

/** The front with its drawers and doors numbered, row by row from the upper left. */
export const NumberedFront = ({
  piece,
  maxHeight,
}: {
  readonly piece: Pick<Piece, 'build'>;
  readonly maxHeight: number;
}) => {
  const palette = usePalette();
  const [room, setRoom] = useState(320);
  const all = facesOf(piece);
  const roles = new Map(surfacesOf(piece).map((it) => [it.id, it.role]));
  const drawnAs = (...wanted: readonly Role[]) =>
    all.filter((it) => wanted.some((role) => role === roles.get(it.surfaceId ?? '')));
  const parts = drawnAs(...LOOSE);
  if (parts.length === 0) return null;
  const frames = drawnAs('frame');
  const ground = around(frames.length > 0 ? frames : parts);
  const scale = Math.min((room - 4) / ground.width, (maxHeight - 4) / ground.height);
  const words = `${parts.length} parts, numbered row by row from the upper left`;
  return (
    <View
      role="img"
      aria-label={words}
      onLayout={(event) => setRoom(event.nativeEvent.layout.width)}
    >
      <Svg width={ground.width * scale + 4} height={ground.height * scale + 4} aria-hidden>
        <Rect
          x={2}
          y={2}
          width={ground.width * scale}
          height={ground.height * scale}
          fill="none"
          stroke={palette.ink}
        />
        {parts.map((it, index) => {
          const x = 2 + (it.x - ground.x) * scale;
          const y = 2 + (it.y - ground.y) * scale;
          return (
            <G key={index}>
              <Rect
                x={x}
                y={y}
                width={it.width * scale}
                height={it.height * scale}
                fill={palette.card}
                stroke={palette.ink}
              />
              <SvgText
                x={x + (it.width * scale) / 2}
                y={y + (it.height * scale) / 2 + 6}
                fontFamily={FONTS.headBold}
                fontSize={17}
                textAnchor="middle"
                fill={palette.ink}
              >
                {String(index + 1)}
              </SvgText>
            </G>
          );
        })}
      </Svg>
    </View>
  );
};
