import { useRef, useState } from 'react';
import { Pressable, View, type GestureResponderEvent } from 'react-native';
import Svg, { Rect } from 'react-native-svg';
import { usePalette } from '../theme';
import { AirLane } from './AirLane';
import { Slants } from './ChartFrame';
import { DayMarks, NowLine, type DayMark } from './DayMarks';
import { OneLane, type Lane } from './OneLane';
import { sittingsOf, type Stretch } from './sittings';
import { tapPoint } from './tapPoint';
import { useDragAndPinch } from './useDragAndPinch';

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
/** The lane of the air. */
const AIR = 44;
/** A drag goes in steps of so much, minutes. */
const SNAP = 15;
/** A finger takes a block that is so near, px. */
const TOUCH = 14;

/** A day that began before the picture still has its name, minutes. */
const HALF_A_DAY = 720;

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
        <Slants id="lane-early" colour={palette.ink2} weight={1.2} />
        <Slants id="lane-unfit" colour={palette.vermilion} weight={2} />
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
        <AirLane
          top={lanesEnd}
          width={width}
          x={x}
          unfit={seen(unfit)}
          pace={seen(pace)}
          named={wide}
        />
        <DayMarks
          days={days.filter((it) => it.at >= from - HALF_A_DAY && it.at < to)}
          x={x}
          height={height}
        />
        {now >= from && now <= to ? <NowLine x={x(now)} top={HEAD - 8} bottom={height} /> : null}
        {lanes.map((it, index) => (
          <OneLane
            key={it.key}
            lane={it}
            y={HEAD + index * lane}
            width={width}
            names={names}
            from={from}
            to={to}
            x={x}
            chosen={chosen}
          />
        ))}
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
