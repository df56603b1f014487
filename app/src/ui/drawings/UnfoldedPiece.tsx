import { assemble, type Piece, type Surface } from '@obrik/core/piece';
import { Text } from '@rneui/themed';
import { useMemo, useState } from 'react';
import { Pressable, View } from 'react-native';
import Svg, { Circle, G, Line, Rect } from 'react-native-svg';
import { FONTS, RADIUS, SIZES, TARGET, usePalette } from '../theme';
import type { Box } from './around';
import { FaceArt } from './FaceArt';
import { FaceWords, SIGN, type SurfaceMark } from './FaceWords';
import { Hatches, hatchOf } from './hatches';
import { layOut } from './layout';

interface UnfoldedPieceProps {
  readonly piece: Pick<Piece, 'build'>;
  readonly marks: ReadonlyMap<string, SurfaceMark>;
  readonly selected: ReadonlySet<string>;
  readonly onSelect: (surfaceId: string) => void;
  readonly maxHeight?: number;
  /** Leaves the tiles of hidden surfaces out. */
  readonly facesOnly?: boolean;
}

const nameOf = ({ name, count }: Surface): string => (count > 1 ? `${name} ×${count}` : name);

interface TapProps {
  readonly surface: Surface;
  readonly mark: SurfaceMark | undefined;
  readonly chosen: boolean;
  readonly onPress: () => void;
  /** Place in the drawing; a tile in the row below where left out. */
  readonly at?: Box;
}

/** A surface by its name, where it can't be tapped in the drawing. */
const Named = ({ surface, mark, chosen, onPress, at }: TapProps) => {
  const palette = usePalette();
  return (
    <Pressable
      role="button"
      aria-label={`${surface.name}: ${mark?.words ?? ''}`}
      aria-pressed={chosen}
      onPress={onPress}
      style={{
        minHeight: at ? at.height : TARGET,
        paddingHorizontal: at ? 6 : 12,
        justifyContent: 'center',
        borderRadius: RADIUS,
        borderWidth: chosen ? 3 : 1,
        borderColor: chosen ? palette.amber : palette.ink2,
        backgroundColor: chosen ? palette.amberSoft : palette.card,
        ...(at
          ? { position: 'absolute', left: at.x, top: at.y, width: at.width, height: at.height }
          : {}),
      }}
    >
      <Text
        numberOfLines={2}
        style={{
          fontFamily: FONTS.headBold,
          fontSize: at ? SIZES.small : SIZES.small + 1,
          lineHeight: at ? 16 : 20,
          color: palette.ink,
        }}
      >
        {at ? surface.name : nameOf(surface)} {mark ? SIGN[mark.state] : ''}
      </Text>
    </Pressable>
  );
};

/**
 * The piece unfolded as in a joiner's development: hatch shows the material, a sign the state,
 * a numbered disc the damages. Each surface can be tapped: where it is drawn, or by its label.
 */
export const UnfoldedPiece = ({
  piece,
  marks,
  selected,
  onSelect,
  maxHeight = 300,
  facesOnly = false,
}: UnfoldedPieceProps) => {
  const palette = usePalette();
  const [width, setWidth] = useState(340);
  const { surfaces, faces } = assemble(piece.build);
  const layout = useMemo(
    () => layOut(surfaces, faces, { width, maxHeight, target: TARGET }),
    [surfaces, faces, width, maxHeight],
  );
  const byId = new Map(surfaces.map((it) => [it.id, it]));
  const { place, direct, labelled, tiled } = layout;
  const firstOf = (surfaceId: string): Box | undefined => {
    const first = faces.find((it) => it.surfaceId === surfaceId);
    return first && place(first);
  };
  const tapOf = (surfaceId: string): Omit<TapProps, 'surface' | 'at'> => ({
    mark: marks.get(surfaceId),
    chosen: selected.has(surfaceId),
    onPress: () => onSelect(surfaceId),
  });
  return (
    <View style={{ gap: 8 }} onLayout={(event) => setWidth(event.nativeEvent.layout.width)}>
      <View style={{ height: layout.height }}>
        <Svg width={width} height={layout.height} aria-hidden>
          <Hatches colour={palette.ink2} />
          {faces.map((face, index) => {
            const box = place(face);
            const surface = byId.get(face.surfaceId ?? '');
            const mark = marks.get(face.surfaceId ?? '');
            const chosen = selected.has(face.surfaceId ?? '');
            return (
              <G key={index}>
                <FaceArt
                  look={face.look}
                  lines={face.lines}
                  profile={surface?.profile ?? 'flat'}
                  box={box}
                  stroke={palette.ink}
                  fill={chosen ? palette.amberSoft : palette.card}
                  depth={chosen ? palette.amberSoft : palette.line}
                />
                {mark?.material && surface?.profile !== 'turned' ? (
                  <Rect {...box} fill={hatchOf(mark.material)} opacity={0.55} />
                ) : null}
                {chosen ? (
                  <Rect
                    {...box}
                    fill="none"
                    stroke={palette.amber}
                    strokeWidth={Math.min(3, Math.max(1.2, Math.min(box.width, box.height) / 7))}
                  />
                ) : null}
              </G>
            );
          })}
          {direct.map(({ surfaceId, face }) => {
            const surface = byId.get(surfaceId);
            const mark = marks.get(surfaceId);
            return surface && mark ? (
              <FaceWords
                key={surfaceId}
                surface={surface}
                mark={mark}
                box={face}
                first={firstOf(surfaceId) ?? face}
                chosen={selected.has(surfaceId)}
              />
            ) : null;
          })}
          {labelled.map(({ surfaceId, from, to }) => (
            <G key={surfaceId}>
              <Line
                x1={from.x}
                y1={from.y}
                x2={to.x}
                y2={to.y}
                stroke={selected.has(surfaceId) ? palette.amber : palette.ink2}
                strokeWidth={1}
              />
              <Circle cx={from.x} cy={from.y} r={2.5} fill={palette.ink2} />
            </G>
          ))}
        </Svg>
        {direct.flatMap(({ surfaceId, hits }) => {
          const surface = byId.get(surfaceId);
          if (!surface) return [];
          const { mark, chosen, onPress } = tapOf(surfaceId);
          return hits.map((hit, index) => (
            <Pressable
              key={`${surfaceId}-${index}`}
              // One name for one surface: further places of it are for the thumb only.
              {...(index === 0
                ? {
                    role: 'button' as const,
                    'aria-label': `${surface.name}: ${mark?.words ?? ''}`,
                    'aria-pressed': chosen,
                  }
                : { 'aria-hidden': true, tabIndex: -1 as const })}
              onPress={onPress}
              style={{
                position: 'absolute',
                left: hit.x,
                top: hit.y,
                width: hit.width,
                height: hit.height,
              }}
            />
          ));
        })}
        {labelled.map(({ surfaceId, label }) => {
          const surface = byId.get(surfaceId);
          return surface ? (
            <Named key={surfaceId} surface={surface} at={label} {...tapOf(surfaceId)} />
          ) : null;
        })}
      </View>
      {tiled.length > 0 && !facesOnly ? (
        <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
          {tiled.map((surfaceId) => {
            const surface = byId.get(surfaceId);
            return surface ? (
              <Named key={surfaceId} surface={surface} {...tapOf(surfaceId)} />
            ) : null;
          })}
        </View>
      ) : null}
    </View>
  );
};
