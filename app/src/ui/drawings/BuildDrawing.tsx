import { assemble, type Build, type Face } from '@obrik/core/piece';
import { useState } from 'react';
import { Pressable, View } from 'react-native';
import Svg, { G, Rect } from 'react-native-svg';
import { usePalette } from '../theme';
import { around, within, type Box } from './around';
import { FaceArt } from './FaceArt';
import { tapPoint } from './tapPoint';

interface BuildDrawingProps {
  readonly build: Build;
  readonly maxHeight: number;
  readonly isChosen?: (face: Face) => boolean;
  /** Told the face that was tapped, or the one nearest to the thumb; only shown where left out. */
  readonly onTap?: (face: Face) => void;
  /** What a screen reader says of it. */
  readonly label?: string;
}

/** A thumb this near to a part means it, px. */
const NEAR = 26;
/** A thumb between two cells means one of them rather than the frame, px. */
const GROUND_GIVES_WAY = 5;
const MARGIN = 2;

const distance = (box: Box, x: number, y: number): number =>
  Math.hypot(
    Math.max(0, box.x - x, x - box.x - box.width),
    Math.max(0, box.y - y, y - box.y - box.height),
  );

/** A piece as it is built, in outline: the part that is tapped is told. */
export const BuildDrawing = ({ build, maxHeight, isChosen, onTap, label }: BuildDrawingProps) => {
  const palette = usePalette();
  const [width, setWidth] = useState(0);
  const { faces, surfaces } = assemble(build);
  const profiles = new Map(surfaces.map((it) => [it.id, it.profile]));
  const whole = around(faces);
  const scale = Math.max(
    0,
    Math.min((width - 2 * MARGIN) / whole.width, (maxHeight - 2 * MARGIN) / whole.height),
  );
  const left = (width - whole.width * scale) / 2;
  const place = (it: Box): Box => ({
    x: left + (it.x - whole.x) * scale,
    y: MARGIN + (it.y - whole.y) * scale,
    width: it.width * scale,
    height: it.height * scale,
  });
  const height = whole.height * scale + 2 * MARGIN;
  const drawn = (
    <Svg width={width} height={height} aria-hidden pointerEvents="none">
      {faces.map((face, index) => {
        const chosen = isChosen?.(face) ?? false;
        const box = place(face);
        return (
          <G key={index}>
            <FaceArt
              look={face.look}
              lines={face.lines}
              profile={profiles.get(face.surfaceId ?? '') ?? 'flat'}
              box={box}
              stroke={palette.ink}
              fill={chosen ? palette.amberSoft : palette.card}
              depth={chosen ? palette.amberSoft : palette.line}
            />
            {chosen ? <Rect {...box} fill="none" stroke={palette.amber} strokeWidth={3} /> : null}
          </G>
        );
      })}
    </Svg>
  );
  const isGround = (it: Face): boolean =>
    faces.some((one) => one !== it && one.cell !== null && within(one, it));
  // What lies on top was drawn last, and is meant first.
  const tap = (x: number, y: number) => {
    const near = faces
      .map((face, index) => ({ face, index, far: distance(place(face), x, y) }))
      .filter((it) => it.face.surfaceId !== null && it.far <= NEAR)
      .map((it) => ({ ...it, far: it.far + (isGround(it.face) ? GROUND_GIVES_WAY : 0) }))
      .sort((a, b) => a.far - b.far || b.index - a.index);
    const [first] = near;
    if (first) onTap?.(first.face);
  };
  return (
    <View onLayout={(event) => setWidth(event.nativeEvent.layout.width)}>
      {onTap ? (
        <Pressable
          role="img"
          aria-label={label}
          tabIndex={-1}
          onPress={(event) => {
            const point = tapPoint(event);
            if (point) tap(point.x, point.y);
          }}
          style={{ height }}
        >
          {drawn}
        </Pressable>
      ) : (
        <View aria-hidden style={{ height }}>
          {drawn}
        </View>
      )}
    </View>
  );
};
