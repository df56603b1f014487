import { COATINGS, layerLabel, type Layer, type Verdict } from '@obrik/core/catalog';
import type { FaceLayer } from '@obrik/core/work';
import { useState } from 'react';
import { View } from 'react-native';
import Svg, { Circle, G, Line, Rect, Text as SvgText } from 'react-native-svg';
import { FONTS, usePalette, type Palette } from '../theme';
import { Hatches, hatchOf } from './hatches';

interface CoreSampleProps {
  /** Layers that are there, bottom up. */
  readonly layers: readonly FaceLayer[];
  /** Layers still to come, bottom up. */
  readonly toCome: readonly FaceLayer[];
  /** Colour of the paint, sRGB. */
  readonly colour: string | undefined;
}

const SUBSTRATE_HEIGHT = 54;
const COLUMN = 0.36;

/** Thickness in drawing units: compressed, so that 10 µm and 100 µm can both be read. */
const heightOf = ({ layer, um }: FaceLayer): number =>
  layer.of === 'substrate' ? SUBSTRATE_HEIGHT : Math.max(20, 12 + 6 * Math.log2(1 + um / 8));

const labelOf = ({ layer, um }: FaceLayer): string =>
  layer.of === 'substrate'
    ? layerLabel(layer)
    : `${layerLabel(layer)}${um > 0 ? `, ${Math.round(um)} µm` : ', in the wood'}`;

const MARKS: Readonly<Record<Verdict, { sign: string; words: string }>> = {
  ok: { sign: '✓', words: 'bonds' },
  scuff: { sign: '≈', words: 'dulled first' },
  barrier: { sign: '‖', words: 'wants a coat between' },
  never: { sign: '✕', words: 'never' },
};

const fillOf = (layer: Layer, palette: Palette, colour: string | undefined): string => {
  switch (layer.of) {
    case 'substrate':
      return palette.amberSoft;
    case 'old':
    case 'soil':
      return palette.line;
    case 'coat':
      switch (COATINGS.get(layer.id).role) {
        case 'primer':
        case 'filler':
          return palette.slateSoft;
        case 'paint':
        case 'effect':
          return colour ?? palette.mossSoft;
        case 'stain':
        case 'oil':
          return palette.amberFill;
        case 'clear':
        case 'wax':
          return palette.card;
      }
  }
};

/** The stack of a surface, bottom up, with how each layer holds on the one below. */
export const CoreSample = ({ layers, toCome, colour }: CoreSampleProps) => {
  const palette = usePalette();
  const [width, setWidth] = useState(300);
  const all = [
    ...layers.map((it) => ({ it, there: true })),
    ...toCome.map((it) => ({ it, there: false })),
  ];
  const heights = all.map(({ it }) => heightOf(it));
  const height = heights.reduce((sum, it) => sum + it, 0) + 14;
  const column = width * COLUMN;
  const tops = heights.map(
    (_, at) => height - 2 - heights.slice(0, at + 1).reduce((a, b) => a + b, 0),
  );
  const inWords = all
    .map(({ it, there }) =>
      [labelOf(it), it.meets ? MARKS[it.meets.may].words : '', there ? '' : 'to come']
        .filter(Boolean)
        .join(', '),
    )
    .join('; ');
  const hasScuff = (it: FaceLayer) => it.meets?.may === 'scuff';
  return (
    <View
      role="img"
      aria-label={`From the bottom: ${inWords}.`}
      onLayout={(event) => setWidth(event.nativeEvent.layout.width)}
    >
      <Svg width={width} height={height} aria-hidden>
        <Hatches colour={palette.ink2} />
        {all.map(({ it, there }, at) => {
          const top = tops[at] ?? 0;
          const tall = heights[at] ?? 0;
          const bottom = top + tall;
          return (
            <G key={`${at}-${it.layer.id}`}>
              <Rect
                x={1}
                y={top}
                width={column}
                height={tall}
                fill={there ? fillOf(it.layer, palette, colour) : 'none'}
                stroke={palette.ink}
                strokeWidth={there ? 1.5 : 1}
                strokeDasharray={there ? undefined : '5 4'}
              />
              {it.layer.of === 'substrate' ? (
                <Rect x={1} y={top} width={column} height={tall} fill={hatchOf(it.layer.id)} />
              ) : null}
              <Line
                x1={column + 10}
                x2={column + 24}
                y1={top + tall / 2}
                y2={top + tall / 2}
                stroke={palette.ink2}
              />
              <SvgText
                x={column + 28}
                y={top + tall / 2 + 4.5}
                fontFamily={FONTS.head}
                fontSize={14}
                fill={there ? palette.ink : palette.ink2}
              >
                {labelOf(it)}
              </SvgText>
              {it.meets ? (
                <>
                  <Circle
                    cx={column + 1}
                    cy={bottom}
                    r={8}
                    fill={
                      !it.holds
                        ? palette.vermilionSoft
                        : hasScuff(it)
                          ? palette.amberSoft
                          : palette.mossSoft
                    }
                    stroke={palette.ink}
                    strokeWidth={1}
                  />
                  <SvgText
                    x={column + 1}
                    y={bottom + 4}
                    fontFamily={FONTS.headBold}
                    fontSize={11}
                    fill={
                      !it.holds ? palette.vermilion : hasScuff(it) ? palette.amber : palette.moss
                    }
                    textAnchor="middle"
                  >
                    {MARKS[it.meets.may].sign}
                  </SvgText>
                </>
              ) : null}
            </G>
          );
        })}
      </Svg>
    </View>
  );
};
