import type { Face, Finding } from '@obrik/core/piece';
import { useState } from 'react';
import { Pressable, View } from 'react-native';
import Svg, { Circle, Line, Rect } from 'react-native-svg';
import { usePalette } from '../theme';
import { tapPoint } from './tapPoint';

interface FacePlaceProps {
  readonly face: Face;
  readonly name: string;
  readonly place: Finding['place'];
  readonly onPlace: (place: NonNullable<Finding['place']>) => void;
}

const MAX_HEIGHT = 170;

const toHundredths = (share: number): number =>
  Math.round(Math.min(1, Math.max(0, share)) * 100) / 100;

/** One face to scale; a tap says where the damage is. */
export const FacePlace = ({ face, name, place, onPlace }: FacePlaceProps) => {
  const palette = usePalette();
  const [room, setRoom] = useState(300);
  const scale = Math.min(room / face.width, MAX_HEIGHT / face.height);
  const width = Math.max(48, face.width * scale);
  const height = Math.max(48, face.height * scale);
  return (
    <View onLayout={(event) => setRoom(event.nativeEvent.layout.width)}>
      <Pressable
        role="button"
        aria-label={
          place
            ? `${name}: ${Math.round(place.x * 100)} % from the left, ${Math.round(place.y * 100)} % from above`
            : `${name}: no place tapped yet`
        }
        onPress={(event) => {
          // From the keyboard there is no place: the middle.
          const { x, y } = tapPoint(event) ?? { x: width / 2, y: height / 2 };
          onPlace({ x: toHundredths(x / width), y: toHundredths(y / height) });
        }}
        style={{ width, height }}
      >
        <Svg width={width} height={height} aria-hidden pointerEvents="none">
          <Rect
            x={1}
            y={1}
            width={width - 2}
            height={height - 2}
            fill={palette.card}
            stroke={palette.ink}
            strokeWidth={1.5}
          />
          {place ? (
            <>
              <Line
                x1={place.x * width}
                y1={0}
                x2={place.x * width}
                y2={height}
                stroke={palette.line}
              />
              <Line
                x1={0}
                y1={place.y * height}
                x2={width}
                y2={place.y * height}
                stroke={palette.line}
              />
              <Circle
                cx={place.x * width}
                cy={place.y * height}
                r={9}
                fill={palette.vermilion}
                stroke={palette.card}
                strokeWidth={2}
              />
            </>
          ) : null}
        </Svg>
      </Pressable>
    </View>
  );
};
