import { useState } from 'react';
import { View } from 'react-native';
import Svg, { G, Line, Rect, Text as SvgText } from 'react-native-svg';
import { FONTS, usePalette } from '../theme';

interface SheetPart {
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly length: number;
  readonly name: string;
}

interface VeneerSheetsProps {
  /** Of a sheet, mm: across and along the grain. */
  readonly width: number;
  readonly length: number;
  readonly sheets: readonly (readonly SheetPart[])[];
}

const GAP = 10;
/** Lines of grain across a sheet. */
const GRAIN = 14;

/** Sheets of veneer lying on their side, grain from left to right, with the parts that are cut from them. */
export const VeneerSheets = ({ width, length, sheets }: VeneerSheetsProps) => {
  const palette = usePalette();
  const [room, setRoom] = useState(300);
  const scale = room / length;
  const height = width * scale;
  return (
    <View
      role="img"
      aria-label={`${sheets.length} sheets with ${sheets.flat().length} parts laid out`}
      onLayout={(event) => setRoom(event.nativeEvent.layout.width)}
    >
      <Svg width={room} height={sheets.length * (height + GAP)} aria-hidden>
        {sheets.map((sheet, nth) => (
          <G key={nth} transform={`translate(0 ${nth * (height + GAP)})`}>
            <Rect
              x={0.5}
              y={0.5}
              width={room - 1}
              height={height - 1}
              fill={palette.paper}
              stroke={palette.ink2}
            />
            {Array.from({ length: GRAIN }, (_, line) => (
              <Line
                key={line}
                x1={0}
                x2={room}
                y1={((line + 0.5) * height) / GRAIN}
                y2={((line + 0.5) * height) / GRAIN}
                stroke={palette.line}
              />
            ))}
            {sheet.map((it, at) => (
              <G key={at}>
                <Rect
                  x={it.y * scale}
                  y={it.x * scale}
                  width={it.length * scale}
                  height={it.width * scale}
                  fill={palette.amberSoft}
                  stroke={palette.amber}
                  strokeWidth={1.5}
                />
                <SvgText
                  x={(it.y + it.length / 2) * scale}
                  y={(it.x + it.width / 2) * scale + 5}
                  textAnchor="middle"
                  fontFamily={FONTS.head}
                  fontSize={14}
                  fill={palette.ink}
                >
                  {it.name}
                </SvgText>
              </G>
            ))}
          </G>
        ))}
      </Svg>
    </View>
  );
};
