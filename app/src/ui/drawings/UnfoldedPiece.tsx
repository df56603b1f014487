import type { Substrate } from '@obrik/core/catalog';
import type { SurfaceState } from '@obrik/core/inspect';
import { templateOf, surfacesOf, type Face, type Finding, type Piece } from '@obrik/core/piece';
import { Text } from '@rneui/themed';
import { useState } from 'react';
import { Pressable, View } from 'react-native';
import Svg, { G, Rect, Text as SvgText } from 'react-native-svg';
import { FONTS, RADIUS, SIZES, TARGET, usePalette } from '../theme';
import { around, type Box } from './around';
import { Hatches, hatchOf } from './hatches';

/** How one surface is shown. */
export interface SurfaceMark {
  readonly state: SurfaceState;
  /** Material to hatch; null where it is still open. */
  readonly material: Substrate | null;
  /** Where each damage lies, as shares of the surface's first face; null where nobody said. */
  readonly findings: readonly Finding['place'][];
  /** What a screen reader says of it. */
  readonly words: string;
}

interface UnfoldedPieceProps {
  readonly piece: Pick<Piece, 'templateId' | 'measures'>;
  readonly marks: ReadonlyMap<string, SurfaceMark>;
  readonly selected: ReadonlySet<string>;
  readonly onSelect: (surfaceId: string) => void;
  readonly maxHeight?: number;
  /** Leaves the tiles of hidden surfaces out. */
  readonly facesOnly?: boolean;
}

const SIGN: Readonly<Record<SurfaceState, string>> = { settled: '✓', open: '?', conflict: '!' };
const LABEL_HEIGHT = 18;

/** Grows a rectangle about its middle until a thumb can hit it. */
const hittable = (box: Box): Box => {
  const growX = Math.max(0, TARGET - box.width);
  const growY = Math.max(0, TARGET - box.height);
  return {
    x: box.x - growX / 2,
    y: box.y - growY / 2,
    width: box.width + growX,
    height: box.height + growY,
  };
};

const biggest = (faces: readonly Face[]): Face =>
  faces.reduce((a, b) => (b.width * b.height > a.width * a.height ? b : a));

const inside = (inner: Face, outer: Face): boolean =>
  inner.x >= outer.x &&
  inner.y >= outer.y &&
  inner.x + inner.width <= outer.x + outer.width &&
  inner.y + inner.height <= outer.y + outer.height;

/** Is a surface the ground that others lie on, so that a thumb can hardly hit it? */
const isCovered = (surfaceId: string, faces: readonly Face[]): boolean =>
  faces.some(
    (outer) =>
      outer.surfaceId === surfaceId &&
      faces.some((inner) => inner.surfaceId !== surfaceId && inside(inner, outer)),
  );

/** Surfaces that the drawing does not show, as tiles to tap. */
const Tile = ({
  name,
  count,
  mark,
  chosen,
  onPress,
}: {
  readonly name: string;
  readonly count: number;
  readonly mark: SurfaceMark | undefined;
  readonly chosen: boolean;
  readonly onPress: () => void;
}) => {
  const palette = usePalette();
  return (
    <Pressable
      role="button"
      aria-label={`${name}: ${mark?.words ?? ''}`}
      aria-pressed={chosen}
      onPress={onPress}
      style={{
        minHeight: TARGET,
        paddingHorizontal: 12,
        justifyContent: 'center',
        borderRadius: RADIUS,
        borderWidth: chosen ? 3 : 1,
        borderColor: chosen ? palette.amber : palette.ink2,
        backgroundColor: chosen ? palette.amberSoft : palette.card,
      }}
    >
      <Text style={{ fontFamily: FONTS.headBold, fontSize: SIZES.small + 1, color: palette.ink }}>
        {count > 1 ? `${name} ×${count}` : name} {mark ? SIGN[mark.state] : ''}
      </Text>
    </Pressable>
  );
};

const DISC = 10;

/** Numbered discs where damages lie; those without a place share one in the upper right corner. */
const Discs = ({
  box,
  face,
  findings,
}: {
  readonly box: Box;
  readonly face: Box;
  readonly findings: readonly Finding['place'][];
}) => {
  const palette = usePalette();
  const placed = findings.flatMap((it, index) =>
    it
      ? [{ x: face.x + it.x * face.width, y: face.y + it.y * face.height, text: `${index + 1}` }]
      : [],
  );
  const rest = findings.length - placed.length;
  const corner = { x: box.x + box.width - DISC - 4, y: box.y + DISC + 4, text: `${rest}×` };
  return [...placed, ...(rest > 0 ? [corner] : [])].map((it) => {
    // Whole discs: one at the very edge is moved in.
    const x = Math.min(box.x + box.width - DISC, Math.max(box.x + DISC, it.x));
    const y = Math.min(box.y + box.height - DISC, Math.max(box.y + DISC, it.y));
    return (
      <G key={`${it.text}/${x}/${y}`}>
        <Rect
          x={x - DISC}
          y={y - DISC}
          width={2 * DISC}
          height={2 * DISC}
          rx={DISC}
          fill={palette.vermilion}
        />
        <SvgText
          x={x}
          y={y + 5}
          fontFamily={FONTS.headBold}
          fontSize={14}
          textAnchor="middle"
          fill={palette.card}
        >
          {it.text}
        </SvgText>
      </G>
    );
  });
};

/**
 * The piece unfolded as in a joiner's development: hatch shows the material, a sign the state,
 * a numbered disc the damages. Each surface can be tapped.
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
  const faces = templateOf(piece.templateId).faces(piece.measures);
  const surfaces = surfacesOf(piece);
  const whole = around(faces);
  const scale = Math.min((width - 4) / whole.width, (maxHeight - LABEL_HEIGHT) / whole.height);
  const shift = (width - whole.width * scale) / 2;
  const place = (it: Box): Box => ({
    x: shift + (it.x - whole.x) * scale,
    y: 2 + (it.y - whole.y) * scale,
    width: it.width * scale,
    height: it.height * scale,
  });
  const drawn = surfaces.filter((it) => faces.some((face) => face.surfaceId === it.id));
  const tiled = surfaces.filter((it) => !drawn.includes(it) || isCovered(it.id, faces));
  const facesOf = (surfaceId: string) => faces.filter((it) => it.surfaceId === surfaceId);
  const height = whole.height * scale + 4;
  return (
    <View style={{ gap: 8 }} onLayout={(event) => setWidth(event.nativeEvent.layout.width)}>
      <View style={{ height }}>
        <Svg width={width} height={height} aria-hidden>
          <Hatches colour={palette.ink2} />
          {faces.map((face, index) => {
            const box = place(face);
            const mark = marks.get(face.surfaceId);
            const chosen = selected.has(face.surfaceId);
            return (
              <G key={index}>
                <Rect
                  {...box}
                  fill={chosen ? palette.amberSoft : palette.card}
                  stroke={palette.ink}
                  strokeWidth={1}
                />
                {mark?.material ? (
                  <Rect {...box} fill={hatchOf(mark.material)} opacity={0.55} />
                ) : null}
                {chosen ? (
                  <Rect {...box} fill="none" stroke={palette.amber} strokeWidth={3} />
                ) : null}
              </G>
            );
          })}
          {drawn.map((surface) => {
            const mark = marks.get(surface.id);
            if (!mark || isCovered(surface.id, faces)) return null;
            const box = place(biggest(facesOf(surface.id)));
            const cx = box.x + box.width / 2;
            const named = box.width >= surface.name.length * 6.2 + 8 && box.height >= 46;
            const y = box.y + box.height / 2 + (named ? 14 : 6);
            return (
              <G key={surface.id}>
                {named ? (
                  <>
                    <Rect
                      x={cx - (surface.name.length * 6.2 + 8) / 2}
                      y={y - 34}
                      width={surface.name.length * 6.2 + 8}
                      height={17}
                      fill={selected.has(surface.id) ? palette.amberSoft : palette.card}
                    />
                    <SvgText
                      x={cx}
                      y={y - 21}
                      fontFamily={FONTS.headBold}
                      fontSize={13}
                      fill={palette.ink}
                      textAnchor="middle"
                    >
                      {surface.name.toUpperCase()}
                    </SvgText>
                  </>
                ) : null}
                <Rect
                  x={cx - 9}
                  y={y - 14}
                  width={18}
                  height={18}
                  rx={9}
                  fill={mark.state === 'conflict' ? palette.vermilionSoft : palette.card}
                />
                <SvgText
                  x={cx}
                  y={y}
                  fontFamily={FONTS.headBold}
                  fontSize={17}
                  textAnchor="middle"
                  fill={
                    mark.state === 'settled'
                      ? palette.moss
                      : mark.state === 'open'
                        ? palette.amber
                        : palette.vermilion
                  }
                >
                  {SIGN[mark.state]}
                </SvgText>
                {box.width > 40 ? (
                  <Discs
                    box={box}
                    face={place(facesOf(surface.id)[0] ?? biggest(facesOf(surface.id)))}
                    findings={mark.findings}
                  />
                ) : null}
              </G>
            );
          })}
        </Svg>
        {drawn
          .filter((it) => !isCovered(it.id, faces))
          .map((surface) => {
            const box = hittable(place(around(facesOf(surface.id))));
            return (
              <Pressable
                key={surface.id}
                role="button"
                aria-label={`${surface.name}: ${marks.get(surface.id)?.words ?? ''}`}
                aria-pressed={selected.has(surface.id)}
                onPress={() => onSelect(surface.id)}
                style={{
                  position: 'absolute',
                  left: box.x,
                  top: box.y,
                  width: box.width,
                  height: box.height,
                }}
              />
            );
          })}
      </View>
      {tiled.length > 0 && !facesOnly ? (
        <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
          {tiled.map((surface) => (
            <Tile
              key={surface.id}
              name={surface.name}
              count={surface.count}
              mark={marks.get(surface.id)}
              chosen={selected.has(surface.id)}
              onPress={() => onSelect(surface.id)}
            />
          ))}
        </View>
      ) : null}
    </View>
  );
};
