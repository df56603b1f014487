import { Image, View } from 'react-native';
import Svg, { Rect } from 'react-native-svg';
import type { ListCard } from '@/device';
import { RADIUS, usePalette } from '@/ui/theme';

const SIZE = 72;
const EDGE = 100;

/** What a piece looks like, small: its first photo, else its drawing. */
export const PiecePicture = ({ card }: { readonly card: Pick<ListCard, 'sketch' | 'photoId'> }) => {
  const palette = usePalette();
  const { sketch, photoId } = card;
  if (photoId) {
    return (
      <Image
        source={{ uri: `/api/photos/${photoId}` }}
        accessible={false}
        style={{ width: SIZE, height: SIZE, borderRadius: RADIUS }}
      />
    );
  }
  const faces = Array.from({ length: sketch.length / 4 }, (_, index) =>
    sketch.slice(index * 4, index * 4 + 4),
  );
  const width = Math.max(1, ...faces.map(([x = 0, , w = 0]) => x + w));
  const height = Math.max(1, ...faces.map(([, y = 0, , h = 0]) => y + h));
  return (
    <View aria-hidden style={{ width: SIZE, height: SIZE }}>
      <Svg
        width={SIZE}
        height={SIZE}
        viewBox={`${(width - EDGE) / 2 - 1} ${(height - EDGE) / 2 - 1} ${EDGE + 2} ${EDGE + 2}`}
      >
        {faces.map(([x = 0, y = 0, w = 0, h = 0], index) => (
          <Rect
            key={index}
            x={x}
            y={y}
            width={w}
            height={h}
            fill={palette.card}
            stroke={palette.ink2}
            strokeWidth={1.4}
          />
        ))}
      </Svg>
    </View>
  );
};
