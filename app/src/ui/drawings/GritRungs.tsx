import { useState } from 'react';
import { View } from 'react-native';
import type { Ladder } from '@obrik/core/sanding';
import { showThickness, type UnitSystem } from '@obrik/core/units';
import Svg, { Line, Path, Text as SvgText } from 'react-native-svg';
import { FONTS, usePalette } from '../theme';

interface GritRungsProps {
  readonly ladder: Ladder;
  readonly keepUm: number;
  readonly units: UnitSystem;
}

const HEIGHT = 150;
const HEAD = 46;

/** The surface steps down rung by rung, on veneer towards the dashed line that has to stay. */
export const GritRungs = ({ ladder, keepUm, units }: GritRungsProps) => {
  const palette = usePalette();
  const [width, setWidth] = useState(300);
  const veneerUm = ladder.veneerLeftUm === null ? null : ladder.veneerLeftUm + ladder.removedUm;
  const start = veneerUm ?? ladder.removedUm * 3;
  const step = width / (ladder.rungs.length + 1);
  const y = (left: number) => HEAD + (1 - left / start) * (HEIGHT - HEAD);
  const heights = ladder.rungs.reduce<number[]>(
    (levels, rung) => [...levels, (levels.at(-1) ?? start) - rung.removedUm],
    [start],
  );
  const outline = heights
    .map((level, index) => `L${index * step} ${y(level)} L${(index + 1) * step} ${y(level)}`)
    .join(' ');
  const inWords = `From ${veneerUm === null ? 'solid wood' : showThickness(veneerUm, units)}: ${ladder.rungs
    .map((it) => `P${it.grit} takes ${showThickness(it.removedUm, units)}`)
    .join(', ')}.`;
  return (
    <View
      role="img"
      aria-label={inWords}
      onLayout={(event) => setWidth(event.nativeEvent.layout.width)}
    >
      <Svg width={width} height={HEIGHT} aria-hidden>
        <Path d={`M0 ${HEIGHT} ${outline} L${width} ${HEIGHT} Z`} fill={palette.amberSoft} />
        <Path d={`M0 ${y(start)} ${outline}`} stroke={palette.ink} strokeWidth={2} fill="none" />
        {ladder.rungs.map((rung, index) => (
          <SvgText
            key={rung.grit}
            x={(index + 1.5) * step}
            y={16}
            fontFamily={FONTS.headBold}
            fontSize={18}
            fill={palette.ink}
            textAnchor="middle"
          >
            {`P${rung.grit}`}
          </SvgText>
        ))}
        {ladder.rungs.map((rung, index) => (
          <SvgText
            key={`w${rung.grit}`}
            x={(index + 1.5) * step}
            y={34}
            fontFamily={FONTS.head}
            fontSize={14}
            fill={palette.ink2}
            textAnchor="middle"
          >
            {`${Math.round(rung.minutes)} min · −${showThickness(rung.removedUm, units)}`}
          </SvgText>
        ))}
        {veneerUm === null ? null : (
          <>
            <Line
              x1={0}
              x2={width}
              y1={y(keepUm)}
              y2={y(keepUm)}
              stroke={palette.vermilion}
              strokeWidth={2}
              strokeDasharray="6 4"
            />
            <SvgText
              x={6}
              y={y(keepUm) + 16}
              fontFamily={FONTS.headBold}
              fontSize={14}
              fill={palette.vermilion}
            >
              {`keep ${showThickness(keepUm, units)}`}
            </SvgText>
          </>
        )}
        <SvgText
          x={6}
          y={y(start) + 18}
          fontFamily={FONTS.headBold}
          fontSize={14}
          fill={palette.ink}
        >
          {veneerUm === null ? 'solid wood' : `veneer ${showThickness(veneerUm, units)}`}
        </SvgText>
      </Svg>
    </View>
  );
};
