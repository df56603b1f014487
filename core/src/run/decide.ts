import { DAY_MS } from '../units';
import {
  DAMAGES,
  DISCOVERIES,
  REMEDIES,
  type Damage,
  type Does,
  type Remedy,
  type Tells,
} from '../catalog';
import { NO_SETBACK, type Discovery, type Piece, type Setback } from '../piece';
import { type PieceChange } from '../ledger';
import type { PieceState, Task } from '../work';
import type { Found } from './found';
import { newAims } from './newAims';

/** What a decision is made on: the piece as it stands, and what is still to be done. */
export interface Standing {
  readonly piece: Piece;
  readonly state: PieceState;
  readonly tasks: readonly Task[];
}

/** What a discovery tells, whatever is done about it. */
const tellsOf = ({ kind, answer }: Found): Tells => {
  const { asks, tells } = DISCOVERIES.get(kind);
  return { ...tells, ...asks?.answers.find((it) => it.id === answer)?.tells };
};

/** Fills that were made on these surfaces: what is filled proud is what shrinks. */
const fillsOn = ({ piece, state }: Standing, surfaceIds: readonly string[]): readonly string[] =>
  piece.findings
    .filter(({ id, surfaceId, damage }) => {
      const { underPaint, underClear } = DAMAGES.get(damage);
      return (
        surfaceIds.includes(surfaceId) &&
        state.surfaces[surfaceId]?.mended.includes(id) === true &&
        (underPaint?.proud === true || underClear?.proud === true)
      );
    })
    .map((it) => it.id);

/** How far the work is set back by a remedy; put off, it is decided before anything else is done there. */
const setbackBy = (does: Does | undefined, reopened: readonly string[]): Setback =>
  does
    ? {
        film: does.film ?? 'none',
        lost: [...(does.lost ?? [])],
        reopened: [...reopened],
        mend: does.mends ?? null,
      }
    : { ...NO_SETBACK, mend: 'decide' };

/** A layer that nobody knew of was not in any sample, whatever is decided about it. */
const withSamplesLost = (it: Setback, { hiddenLayer }: Tells): Setback =>
  hiddenLayer ? { ...it, lost: [...it.lost, 'leadSampled'] } : it;

/** Makes the changes of one discovery; their ids follow from it. */
const recorderOf = (it: Found, remedy: Remedy | null) => {
  let made = 0;
  const nextId = (): string => `${it.id}-${remedy ?? 'later'}-${made++}`;
  return {
    damage: (surfaceId: string, damage: Damage): PieceChange => ({
      kind: 'find',
      finding: {
        id: nextId(),
        surfaceId,
        damage,
        count: 1,
        lengthMm: null,
        widthMm: null,
        depthMm: null,
        direction: 'none',
        place: surfaceId === it.surfaceIds[0] ? it.place : null,
        photoId: null,
        note: it.note,
        at: it.at,
      },
    }),
    crossCut: (surfaceId: string, squaresGone: number): PieceChange => ({
      kind: 'observe',
      observation: {
        id: nextId(),
        surfaceId,
        testId: 'cross-cut',
        outcome: null,
        value: squaresGone,
        layer: null,
        at: it.at,
        by: it.by,
      },
    }),
  };
};
type Recorder = ReturnType<typeof recorderOf>;

/** What a discovery tells, as changes. */
const toldBy = (it: Found, piece: Piece, { damage }: Recorder): readonly PieceChange[] => {
  const { confirms, finds, hiddenLayer } = tellsOf(it);
  return [
    ...(hiddenLayer
      ? [{ kind: 'describe' as const, description: { yearFrom: null, yearTo: null } }]
      : []),
    ...it.surfaceIds.flatMap((surfaceId): PieceChange[] => [
      ...(confirms
        ? [{ kind: 'confirm' as const, confirmation: { surfaceId, ...confirms, at: it.at } }]
        : []),
      ...(finds ? [damage(surfaceId, finds)] : []),
      ...(hiddenLayer ? [layerBelow(piece, surfaceId)] : []),
    ]),
  ];
};

/**
 * What is put on record when something turned up: what it tells about its surfaces, and what was
 * decided. All of it belongs together and is undone together.
 * The ids of what is recorded follow from that of the discovery.
 * @param remedy the way that was chosen; null where the decision is put off
 */
export const changesFor = (
  it: Found,
  remedy: Remedy | null,
  standing: Standing,
): readonly PieceChange[] => {
  const { piece, tasks } = standing;
  const row = remedy ? REMEDIES.get(remedy) : undefined;
  const does: Does = row?.does ?? {};
  const fills = does.reopensFills ? fillsOn(standing, it.surfaceIds) : [];
  const recorder = recorderOf(it, remedy);
  const line: Discovery = {
    of: 'discovery',
    id: it.id,
    at: it.at,
    by: it.by,
    taskKeys: [...it.taskKeys],
    surfaceIds: [...it.surfaceIds],
    kind: it.kind,
    remedy,
    note: it.note,
    setback: withSamplesLost(setbackBy(row?.does, fills), tellsOf(it)),
  };
  // Where the decision was put off it is told already; where it is put up with, nobody is told.
  const isTold = piece.log.some((one) => one.id === it.id) || row?.putsUpWithIt === true;
  const fillsAnew = does.reopensFills === true && fills.length === 0;
  return [
    { kind: 'log', lines: [line] },
    ...(isTold ? [] : toldBy(it, piece, recorder)),
    ...it.surfaceIds.flatMap((surfaceId): PieceChange[] => [
      ...(does.finds ? [recorder.damage(surfaceId, does.finds)] : []),
      ...(fillsAnew ? [recorder.damage(surfaceId, 'smallHole')] : []),
      ...(does.squaresGone === undefined ? [] : [recorder.crossCut(surfaceId, does.squaresGone)]),
    ]),
    ...newAims(piece, it.surfaceIds, does),
    ...(does.putsOffDays === undefined
      ? []
      : putOff(tasks, it.surfaceIds, new Date(Date.parse(it.at) + does.putsOffDays * DAY_MS))),
  ];
};

/** A layer of paint below all that were known. */
const layerBelow = (piece: Piece, surfaceId: string): PieceChange => {
  const known = piece.layers.filter((it) => it.surfaceId === surfaceId);
  const layer = (nth: number, colour: string) => ({
    surfaceId,
    layer: nth,
    colour,
    feel: 'unknown' as const,
    thicknessUm: null,
  });
  const above = known.length > 0 ? known : [layer(1, 'the finish on top')];
  return {
    kind: 'layers',
    surfaceId,
    layers: [...above, layer(above.length + 1, 'an older coat')],
  };
};

const putOff = (
  tasks: readonly Task[],
  surfaceIds: readonly string[],
  until: Date,
): readonly PieceChange[] => {
  const taskKeys = tasks
    .filter((it) => it.surfaceIds.some((id) => surfaceIds.includes(id)))
    .map((it) => it.key)
    .slice(0, 200);
  return taskKeys.length === 0
    ? []
    : [
        {
          kind: 'putOff',
          taskKeys,
          putOff: taskKeys.map((taskKey) => ({
            taskKey,
            until: until.toISOString(),
            why: 'material' as const,
          })),
        },
      ];
};
