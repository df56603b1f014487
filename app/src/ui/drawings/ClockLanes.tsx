import { useRef, useState } from 'react';
import { Pressable, View, type GestureResponderEvent } from 'react-native';
import Svg, { Defs, G, Line, Path, Pattern, Rect, Text as SvgText } from 'react-native-svg';
import { FONTS, usePalette } from '../theme';
import { DayMarks, type DayMark } from './DayMarks';
import { sittingsOf, type LaneBlock, type Stretch } from './sittings';
import { tapPoint } from './tapPoint';
import { useDragAndPinch } from './useDragAndPinch';

export interface Lane {
  readonly key: string;
  readonly title: string;
  readonly sub: string;
  readonly blocks: readonly LaneBlock[];
}

interface ClockLanesProps {
  readonly lanes: readonly Lane[];
  readonly from: number;
  readonly to: number;
  readonly now: number;
  /** When somebody works; the rest is shaded. */
  readonly open: readonly Stretch[];
  /** When the air bears no usual coat. */
  readonly unfit: readonly Stretch[];
  /** How long coats take in it, over the time on the label; null where they never dry. */
  readonly pace: readonly (Stretch & { readonly text: string })[];
  /** Beginnings of days, with their names. */
  readonly days: readonly DayMark[];
  readonly chosen: string | undefined;
  readonly onChoose: (key: string) => void;
  /** A sitting is taken hold of: its steps. */
  readonly onGrab: (keys: readonly string[]) => void;
  /** It is dragged, by so many minutes so far. */
  readonly onDrag: (keys: readonly string[], minutes: number) => void;
  /** Two fingers ask for fewer days (−1), or more (1). */
  readonly onZoom: (by: 1 | -1) => void;
  readonly wide: boolean;
}

const HEAD = 26;
const BLOCK = 30;
/** The lane of the air. */
const AIR = 44;
/** A drag goes in steps of so much, minutes. */
const SNAP = 15;
/** Letters that fit into so many px, roughly. */
const LETTER = 6.6;

const shortened = (text: string, width: number): string => {
  const room = Math.floor((width - 8) / LETTER);
  if (room < 2) return '';
  // A count stands by itself where there is no room for more.
  if (room < 8) return /^\d+ ×/.exec(text)?.[0] ?? '';
  return text.length <= room ? text : `${text.slice(0, Math.max(1, room - 1))}…`;
};

/** A finger takes a block that is so near, px. */
const TOUCH = 14;

/** A day that began before the picture still has its name, minutes. */
const HALF_A_DAY = 720;

/** Windows longer than this press on nobody, minutes. */
const SHORT_WINDOW = 36 * 60;

/**
 * Work and waits over time: a lane for each piece, person or place. Blocks are work; hatched is too
 * early, amber the window; shaded are the hours in which nobody works; a heavy line is now. Below is
 * the air: how long coats take in it, and hatched in red when it bears none. A sitting is dragged
 * with one finger, two zoom.
 */
export const ClockLanes = ({
  lanes,
  from,
  to,
  now,
  open,
  unfit,
  pace,
  days,
  chosen,
  onChoose,
  onGrab,
  onDrag,
  onZoom,
  wide,
}: ClockLanesProps) => {
  const palette = usePalette();
  const [width, setWidth] = useState(340);
  const names = wide ? 150 : 0;
  const lane = wide ? 72 : 84;
  const top = wide ? 10 : 28;
  const lanesEnd = HEAD + lanes.length * lane;
  const height = lanesEnd + AIR;
  const x = (at: number): number =>
    names + Math.max(0, Math.min(1, (at - from) / (to - from))) * (width - names);
  const seen = <T extends Stretch>(list: readonly T[]): readonly T[] =>
    list.filter((it) => it.to > from && it.from < to);
  const pick = (of: Lane) => (event: GestureResponderEvent) => {
    const point = tapPoint(event);
    // By the keyboard: what comes next.
    const at =
      point === undefined
        ? now
        : from + ((point.x - names) / Math.max(1, width - names)) * (to - from);
    const near = of.blocks
      .flatMap((it) => it.worked.map((one) => ({ key: it.key, one })))
      .filter(({ one }) => one.to > from && one.from < to)
      .map(({ key, one }) => ({
        key,
        away: at < one.from ? one.from - at : at > one.to ? at - one.to : 0,
      }))
      .sort((a, b) => a.away - b.away)[0];
    if (near) onChoose(near.key);
  };
  const off: Stretch[] = [];
  let free = from;
  for (const it of seen(open)) {
    if (it.from > free) off.push({ from: free, to: it.from });
    free = Math.max(free, it.to);
  }
  if (free < to) off.push({ from: free, to });
  const dragged = useRef<{ readonly keys: readonly string[]; readonly minutes: number }>(undefined);
  const perPx = (to - from) / Math.max(1, width - names);
  const sittingAt = (px: number, py: number): readonly string[] => {
    const of = lanes[Math.floor((py - HEAD) / lane)];
    const at = from + (px - names) * perPx;
    return (
      sittingsOf(of?.blocks ?? [], from, to, perPx).find(
        (it) => !it.running && it.from - TOUCH * perPx <= at && at <= it.to + TOUCH * perPx,
      )?.keys ?? []
    );
  };
  const ref = useDragAndPinch({
    onGrab: (px, py) => {
      const keys = sittingAt(px, py);
      dragged.current = { keys, minutes: 0 };
      if (keys.length > 0) onGrab(keys);
    },
    onDrag: (dx) => {
      const { keys, minutes } = dragged.current ?? { keys: [], minutes: 0 };
      const next = Math.round((dx * perPx) / SNAP) * SNAP;
      if (keys.length === 0 || next === minutes) return;
      dragged.current = { keys, minutes: next };
      onDrag(keys, next);
    },
    onZoom,
  });
  return (
    <View ref={ref} onLayout={(event) => setWidth(event.nativeEvent.layout.width)}>
      <Svg width={width} height={height} aria-hidden>
        <Defs>
          <Pattern id="lane-early" width={8} height={8} patternUnits="userSpaceOnUse">
            <Path d="M-2 10 L10 -2" stroke={palette.ink2} strokeWidth={1.2} />
          </Pattern>
          <Pattern id="lane-unfit" width={8} height={8} patternUnits="userSpaceOnUse">
            <Path d="M-2 10 L10 -2" stroke={palette.vermilion} strokeWidth={2} />
          </Pattern>
        </Defs>
        {off.map((it) => (
          <Rect
            key={it.from}
            x={x(it.from)}
            y={HEAD}
            width={Math.max(0, x(it.to) - x(it.from))}
            height={height - HEAD}
            fill={palette.line}
            opacity={0.45}
          />
        ))}
        {seen(unfit).map((it) => (
          <Rect
            key={it.from}
            x={x(it.from)}
            y={lanesEnd + 26}
            width={Math.max(0, x(it.to) - x(it.from))}
            height={10}
            fill="url(#lane-unfit)"
          />
        ))}
        <Line x1={0} x2={width} y1={lanesEnd} y2={lanesEnd} stroke={palette.line} />
        {wide ? (
          <SvgText
            x={2}
            y={lanesEnd + 24}
            fontFamily={FONTS.headBold}
            fontSize={16}
            fill={palette.ink}
          >
            Air
          </SvgText>
        ) : null}
        {seen(pace).map((it) => (
          <SvgText
            key={it.from}
            x={x(it.from) + 3}
            y={lanesEnd + 18}
            fontFamily={FONTS.head}
            fontSize={14}
            fill={palette.ink2}
          >
            {x(it.to) - x(it.from) > it.text.length * LETTER ? it.text : ''}
          </SvgText>
        ))}
        <DayMarks
          days={days.filter((it) => it.at >= from - HALF_A_DAY && it.at < to)}
          x={x}
          height={height}
        />
        {now >= from && now <= to ? (
          <Line
            x1={x(now)}
            x2={x(now)}
            y1={HEAD - 8}
            y2={height}
            stroke={palette.vermilion}
            strokeWidth={2}
          />
        ) : null}
        {lanes.map((it, index) => {
          const y = HEAD + index * lane;
          return (
            <G key={it.key}>
              <Line x1={0} x2={width} y1={y} y2={y} stroke={palette.line} />
              <SvgText
                x={2}
                y={y + 20}
                fontFamily={FONTS.headBold}
                fontSize={16}
                fill={palette.ink}
              >
                {shortened(it.title, wide ? names : width)}
              </SvgText>
              {wide ? (
                <SvgText x={2} y={y + 40} fontFamily={FONTS.head} fontSize={14} fill={palette.ink2}>
                  {shortened(it.sub, names)}
                </SvgText>
              ) : null}
              {it.blocks.map((block) => {
                const end = block.worked.at(-1)?.to ?? from;
                const { opens, closes } = block;
                return opens === null || opens < from || end > to ? null : (
                  <G key={`w-${block.key}`}>
                    <Rect
                      x={x(end)}
                      y={y + top + BLOCK + 4}
                      width={Math.max(0, x(opens) - x(end))}
                      height={10}
                      fill="url(#lane-early)"
                    />
                    {closes !== null && closes > opens && closes - opens < SHORT_WINDOW ? (
                      <Rect
                        x={x(opens)}
                        y={y + top + BLOCK + 4}
                        width={Math.max(0, x(closes) - x(opens))}
                        height={10}
                        fill={palette.amberFill}
                      />
                    ) : null}
                  </G>
                );
              })}
              {sittingsOf(it.blocks, from, to, (to - from) / Math.max(1, width - names)).map(
                (one) => {
                  const [left, right] = [x(one.from), x(one.to)];
                  const isChosen = one.keys.includes(chosen ?? '');
                  const dark = one.running || isChosen;
                  return (
                    <G key={one.keys[0]}>
                      <Rect
                        x={left + 0.5}
                        y={y + top}
                        width={Math.max(4, right - left - 1)}
                        height={BLOCK}
                        rx={2}
                        fill={dark ? palette.ink : palette.card}
                        stroke={isChosen ? palette.amber : palette.ink}
                        strokeWidth={isChosen ? 3 : 1}
                      />
                      <SvgText
                        x={left + 5}
                        y={y + top + 20}
                        fontFamily={FONTS.head}
                        fontSize={14}
                        fill={dark ? palette.card : palette.ink}
                      >
                        {shortened(
                          one.keys.length > 1 ? `${one.keys.length} × ${one.title}` : one.title,
                          right - left,
                        )}
                      </SvgText>
                    </G>
                  );
                },
              )}
            </G>
          );
        })}
      </Svg>
      {lanes.map((it, index) => (
        <Pressable
          key={it.key}
          role="button"
          aria-label={`${it.title}: ${it.blocks.length} steps. ${it.sub}`}
          onPress={pick(it)}
          style={{
            position: 'absolute',
            left: 0,
            right: 0,
            top: HEAD + index * lane,
            height: lane,
          }}
        />
      ))}
    </View>
  );
};
