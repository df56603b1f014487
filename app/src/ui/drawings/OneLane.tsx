import { G, Line, Rect, Text as SvgText } from 'react-native-svg';
import { FONTS, usePalette } from '../theme';
import { shortened } from './shortened';
import { sittingsOf, type LaneBlock, type Sitting } from './sittings';

/** The work of a piece, a person or a place over time. */
export interface Lane {
  readonly key: string;
  readonly title: string;
  readonly sub: string;
  readonly blocks: readonly LaneBlock[];
}

const BLOCK = 30;
/** Windows longer than this press on nobody, minutes. */
const SHORT_WINDOW = 36 * 60;

interface WaitProps {
  readonly block: LaneBlock;
  readonly y: number;
  readonly from: number;
  readonly to: number;
  readonly x: (at: number) => number;
}

/** What is too early for the next coat, and its window. */
const Wait = ({ block: { worked, opens, closes }, y, from, to, x }: WaitProps) => {
  const palette = usePalette();
  const end = worked.at(-1)?.to ?? from;
  if (opens === null || opens < from || end > to) return null;
  return (
    <>
      <Rect
        x={x(end)}
        y={y}
        width={Math.max(0, x(opens) - x(end))}
        height={10}
        fill="url(#lane-early)"
      />
      {closes !== null && closes > opens && closes - opens < SHORT_WINDOW ? (
        <Rect
          x={x(opens)}
          y={y}
          width={Math.max(0, x(closes) - x(opens))}
          height={10}
          fill={palette.amberFill}
        />
      ) : null}
    </>
  );
};

interface BlockProps {
  readonly it: Sitting;
  readonly y: number;
  readonly x: (at: number) => number;
  readonly isChosen: boolean;
}

/** Work that is done in one go. */
const Block = ({ it, y, x, isChosen }: BlockProps) => {
  const palette = usePalette();
  const [left, right] = [x(it.from), x(it.to)];
  const dark = it.running || isChosen;
  return (
    <>
      <Rect
        x={left + 0.5}
        y={y}
        width={Math.max(4, right - left - 1)}
        height={BLOCK}
        rx={2}
        fill={dark ? palette.ink : palette.card}
        stroke={isChosen ? palette.amber : palette.ink}
        strokeWidth={isChosen ? 3 : 1}
      />
      <SvgText
        x={left + 5}
        y={y + 20}
        fontFamily={FONTS.head}
        fontSize={14}
        fill={dark ? palette.card : palette.ink}
      >
        {shortened(it.keys.length > 1 ? `${it.keys.length} × ${it.title}` : it.title, right - left)}
      </SvgText>
    </>
  );
};

interface OneLaneProps {
  readonly lane: Lane;
  readonly y: number;
  readonly width: number;
  /** Room for names at the left, px; none on a phone: the name stands above. */
  readonly names: number;
  readonly from: number;
  readonly to: number;
  readonly x: (at: number) => number;
  readonly chosen: string | undefined;
}

/** One lane: its name, its work, and the waits below it. */
export const OneLane = ({ lane, y, width, names, from, to, x, chosen }: OneLaneProps) => {
  const palette = usePalette();
  const wide = names > 0;
  const top = y + (wide ? 10 : 28);
  return (
    <G>
      <Line x1={0} x2={width} y1={y} y2={y} stroke={palette.line} />
      <SvgText x={2} y={y + 20} fontFamily={FONTS.headBold} fontSize={16} fill={palette.ink}>
        {shortened(lane.title, wide ? names : width)}
      </SvgText>
      {wide ? (
        <SvgText x={2} y={y + 40} fontFamily={FONTS.head} fontSize={14} fill={palette.ink2}>
          {shortened(lane.sub, names)}
        </SvgText>
      ) : null}
      {lane.blocks.map((it) => (
        <Wait key={it.key} block={it} y={top + BLOCK + 4} from={from} to={to} x={x} />
      ))}
      {sittingsOf(lane.blocks, from, to, (to - from) / Math.max(1, width - names)).map((it) => (
        <Block key={it.keys[0]} it={it} y={top} x={x} isChosen={it.keys.includes(chosen ?? '')} />
      ))}
    </G>
  );
};
