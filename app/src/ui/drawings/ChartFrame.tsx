import type { ReactNode } from 'react';
import { View } from 'react-native';
import Svg, { Defs, Path, Pattern } from 'react-native-svg';

interface ChartFrameProps {
  /** The same in words. */
  readonly inWords: string;
  readonly width: number;
  readonly height: number;
  readonly onWidth: (width: number) => void;
  readonly children: ReactNode;
}

/** A chart as wide as there is room, told in words to those who can't see it. */
export const ChartFrame = ({ inWords, width, height, onWidth, children }: ChartFrameProps) => (
  <View
    role="img"
    aria-label={inWords}
    onLayout={(event) => onWidth(event.nativeEvent.layout.width)}
  >
    <Svg width={width} height={height} aria-hidden>
      {children}
    </Svg>
  </View>
);

interface SlantsProps {
  /** Of the pattern, to fill with as `url(#id)`. */
  readonly id: string;
  readonly colour: string;
  readonly weight: number;
}

/** Slanted hatching: too early, no air for a coat, not there yet. */
export const Slants = ({ id, colour, weight }: SlantsProps) => (
  <Defs>
    <Pattern id={id} width={8} height={8} patternUnits="userSpaceOnUse">
      <Path d="M-2 10 L10 -2" stroke={colour} strokeWidth={weight} />
    </Pattern>
  </Defs>
);
