import type { DoneWork, LogLine, Setback } from '../piece';
import type { Condition } from '../effect';
import type { FaceLayer, PieceState, SurfaceState } from './state';

/** New coats that count no longer stay on the face as a film like any other. */
const spoiled = (layers: readonly FaceLayer[], which: Setback['film']): readonly FaceLayer[] => {
  if (which === 'none') return layers;
  const top = layers.map((it) => it.coat !== null).lastIndexOf(true);
  return layers.map((it, at) => (which === 'all' || at === top ? { ...it, coat: null } : it));
};

/** Work that lays the face bare: where it comes again, no coat on it counts. */
const LAYS_BARE: readonly string[] = ['stripped', 'sanded'] satisfies Condition[];

/** Which coats no longer count, by what is set back or by the work that comes again. */
const filmOf = (it: Setback): Setback['film'] =>
  it.lost.some((one) => LAYS_BARE.includes(one)) ? 'all' : it.film;

const surfaceBack = (before: SurfaceState, id: string, it: Setback): SurfaceState => ({
  ...before,
  layers: spoiled(before.layers, filmOf(it)),
  dulled: filmOf(it) === 'none' ? before.dulled : false,
  met: before.met.filter((one) => !it.lost.includes(one)),
  mended: before.mended.filter((one) => !it.reopened.includes(one)),
  flaws: it.mend
    ? [...before.flaws.filter((one) => one.id !== id), { id, mend: it.mend }]
    : before.flaws,
});

/** Samples of lead speak for all that is painted alike: where one no longer holds, none does. */
const unsampled = (state: PieceState): PieceState['surfaces'] =>
  Object.fromEntries(
    Object.entries(state.surfaces).map(([id, it]) => [
      id,
      it.met.includes('leadSampled')
        ? { ...it, met: it.met.filter((one) => one !== 'leadSampled') }
        : it,
    ]),
  );

/**
 * What a piece is like after something turned up: the counterpart of `advance`. What was done stays
 * done; what no longer holds is a need again.
 */
export const setBack = (
  state: PieceState,
  line: Pick<LogLine, 'id' | 'surfaceIds'>,
  it: Setback,
): PieceState => ({
  ...state,
  surfaces: {
    ...(it.lost.includes('leadSampled') ? unsampled(state) : state.surfaces),
    ...Object.fromEntries(
      line.surfaceIds.flatMap((id) => {
        const before = state.surfaces[id];
        return before ? [[id, surfaceBack(before, line.id, it)]] : [];
      }),
    ),
  },
});

/** How far a line of the log sets the state back; undefined where it does not. */
export const setbackIn = (line: LogLine): Setback | undefined =>
  line.of === 'check'
    ? (line.setback ?? undefined)
    : line.of === 'discovery'
      ? line.setback
      : undefined;

/** Work that was done, or a line of the log that sets the state back. */
export type Event =
  | { readonly of: 'done'; readonly done: DoneWork }
  | { readonly of: 'setback'; readonly line: LogLine; readonly setback: Setback };

/**
 * What happened to a piece, in the order in which it counts: work in the order of the record, and
 * before the first work that ended after it whatever set the state back.
 */
export const eventsOf = (done: readonly DoneWork[], log: readonly LogLine[]): readonly Event[] => {
  const back = log
    .flatMap((line) => {
      const setback = setbackIn(line);
      return setback ? [{ of: 'setback' as const, line, setback }] : [];
    })
    .sort((a, b) => Date.parse(a.line.at) - Date.parse(b.line.at));
  const events: Event[] = [];
  for (const it of done) {
    if (it.endedAt === null) continue;
    const ended = Date.parse(it.endedAt);
    while (back[0] && Date.parse(back[0].line.at) < ended) events.push(...back.splice(0, 1));
    events.push({ of: 'done', done: it });
  }
  return [...events, ...back];
};
