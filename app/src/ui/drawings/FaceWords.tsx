import type { Substrate } from '@obrik/core/catalog';
import type { LookState } from '@obrik/core/inspect';
import type { Finding, Surface } from '@obrik/core/piece';
import { G, Rect, Text as SvgText } from 'react-native-svg';
import { FONTS, usePalette } from '../theme';
import type { Box } from './around';

/** How one surface is shown. */
export interface SurfaceMark {
  readonly state: LookState;
  /** Material to hatch; null where it is still open. */
  readonly material: Substrate | null;
  /** Where each damage lies, as shares of the surface's first face; null where nobody said. */
  readonly findings: readonly Finding['place'][];
  /** What a screen reader says of it. */
  readonly words: string;
}

/** A sign for each state: hatch and colour never carry it alone. */
export const SIGN: Readonly<Record<LookState, string>> = {
  settled: '✓',
  open: '?',
  conflict: '!',
};
const LETTER_WIDTH = 6.2;
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

/** Name, sign and damages on a face that is large enough for them. */
export const FaceWords = ({
  surface,
  mark,
  box,
  first,
  chosen,
}: {
  readonly surface: Surface;
  readonly mark: SurfaceMark;
  readonly box: Box;
  readonly first: Box;
  readonly chosen: boolean;
}) => {
  const palette = usePalette();
  const cx = box.x + box.width / 2;
  const length = surface.name.length * LETTER_WIDTH + 8;
  const named = box.width >= length && box.height >= 46;
  const y = box.y + box.height / 2 + (named ? 14 : 6);
  return (
    <G>
      {named ? (
        <>
          <Rect
            x={cx - length / 2}
            y={y - 34}
            width={length}
            height={17}
            fill={chosen ? palette.amberSoft : palette.card}
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
      <Discs box={box} face={first} findings={mark.findings} />
    </G>
  );
};
