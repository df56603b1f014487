import {
  DAMAGES,
  DISCOVERIES,
  REMEDIES,
  type Damage,
  type DiscoveryKind,
  type NewAim,
  type Remedy,
  type Tells,
} from '../catalog';
import {
  isCoated,
  type Aim,
  type Change,
  type Discovery,
  type Finding,
  type Piece,
  type Scheme,
  type Setback,
  type Shade,
} from '../piece';
import type { PieceState, Task } from '../work';

/** What turned up, before it is decided what is done about it. */
export interface Found {
  readonly id: string;
  readonly kind: DiscoveryKind;
  /** Of its question, where it asks one. */
  readonly answer: string | null;
  readonly surfaceIds: readonly string[];
  /** The tasks at which it turned up. */
  readonly taskKeys: readonly string[];
  /** Where on the first surface. */
  readonly place: Finding['place'];
  readonly note: string;
  /** UTC, ISO 8601. */
  readonly at: string;
  readonly by: string;
}

/** What a decision is made on: the piece as it stands, and what is still to be done. */
export interface Standing {
  readonly piece: Piece;
  readonly state: PieceState;
  readonly tasks: readonly Task[];
}

const NOTHING_BACK: Setback = { film: 'none', lost: [], reopened: [], mend: null };

/** What a discovery tells, whatever is done about it. */
const tellsOf = ({ kind, answer }: Found): Tells => {
  const { asks, tells } = DISCOVERIES.get(kind);
  return { ...tells, ...asks?.answers.find((it) => it.id === answer)?.tells };
};

const NEXT_DARKER: Readonly<Record<Shade, 'mid' | 'dark'>> = {
  white: 'mid',
  pale: 'mid',
  mid: 'dark',
  dark: 'dark',
};

const darker = (it: Scheme): Scheme => {
  switch (it.kind) {
    case 'painted': {
      const { colour: _dropped, ...rest } = it;
      return { ...rest, shade: NEXT_DARKER[it.shade] };
    }
    case 'washed': {
      const { colour: _dropped, ...rest } = it;
      return { ...rest, shade: NEXT_DARKER[it.shade] };
    }
    case 'stained':
      return { ...it, shade: NEXT_DARKER[it.shade] };
    case 'veneered':
      return { ...it, shade: NEXT_DARKER[it.shade ?? 'pale'] };
    case 'clear': {
      const { bleached: _dropped, ...rest } = it;
      return { ...rest, kind: 'stained', shade: 'mid' };
    }
    default:
      return it;
  }
};

const topcoatOf = (it: Scheme) =>
  isCoated(it) && it.topcoat !== 'none' ? it.topcoat : 'waterborne';

/** The paint that the piece gets elsewhere, or else a usual one. */
const paintLike = ({ aims }: Piece): Scheme =>
  aims.map((it) => it.scheme).find((it) => it.kind === 'painted') ?? {
    kind: 'painted',
    shade: 'pale',
    topcoat: 'waterborne',
  };

const schemeFor = (piece: Piece, before: Scheme, wish: NewAim): Scheme => {
  switch (wish) {
    case 'paint':
      return before.kind === 'painted' ? before : paintLike(piece);
    case 'darker':
      return darker(before);
    case 'clear':
      return { kind: 'clear', topcoat: topcoatOf(before) };
    case 'gel':
      return {
        kind: 'stained',
        shade: before.kind === 'stained' ? before.shade : 'mid',
        stain: 'gel',
        topcoat: topcoatOf(before),
      };
    case 'waterborneClear':
      return isCoated(before) ? { ...before, topcoat: 'waterborne' } : before;
    case 'leave':
      return { kind: 'leave' };
  }
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

const DAY_MS = 24 * 60 * 60_000;

/**
 * What is put on record when something turned up: what it tells about its surfaces, and what was
 * decided. All of it belongs together and is undone together.
 * @param remedy the way that was chosen; null where the decision is put off
 * @param nextId makes an id for each thing that is recorded
 */
export const changesFor = (
  found: Found,
  remedy: Remedy | null,
  standing: Standing,
  nextId: () => string,
): readonly Change[] => {
  const { piece, tasks } = standing;
  const { surfaceIds, at, by } = found;
  const tells = tellsOf(found);
  const does = remedy ? REMEDIES.get(remedy).does : {};
  const fills = does.reopensFills ? fillsOn(standing, surfaceIds) : [];
  const setback: Setback = remedy
    ? {
        film: does.film ?? 'none',
        lost: [...(does.lost ?? [])],
        reopened: [...fills],
        mend: does.mends ?? null,
      }
    : { ...NOTHING_BACK, mend: 'decide' };
  const line: Discovery = {
    of: 'discovery',
    id: found.id,
    at,
    by,
    taskKeys: [...found.taskKeys],
    surfaceIds: [...surfaceIds],
    kind: found.kind,
    remedy,
    note: found.note,
    setback,
  };
  const finding = (surfaceId: string, damage: Damage): Change => ({
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
      place: surfaceId === surfaceIds[0] ? found.place : null,
      photoId: null,
      note: found.note,
      at,
    },
  });
  // What it tells is on record where the decision was put off; and is not told where it is put up with.
  const isKnown =
    piece.log.some((it) => it.id === found.id) ||
    (remedy !== null && REMEDIES.get(remedy).putsUpWithIt);
  const told = isKnown
    ? []
    : surfaceIds.flatMap((surfaceId): Change[] => [
        ...(tells.confirms
          ? [{ kind: 'confirm' as const, confirmation: { surfaceId, ...tells.confirms, at } }]
          : []),
        ...(tells.finds ? [finding(surfaceId, tells.finds)] : []),
        ...(tells.hiddenLayer ? [hiddenLayer(piece, surfaceId)] : []),
      ]);
  const years: readonly Change[] =
    !isKnown && tells.hiddenLayer
      ? [{ kind: 'describe', description: { yearFrom: null, yearTo: null } }]
      : [];
  const { finds } = does;
  const needsFill = does.reopensFills === true && fills.length === 0;
  const done = surfaceIds.flatMap((surfaceId): Change[] => [
    ...(finds ? [finding(surfaceId, finds)] : []),
    ...(needsFill ? [finding(surfaceId, 'smallHole')] : []),
    ...(does.squaresGone === undefined
      ? []
      : [
          {
            kind: 'observe' as const,
            observation: {
              id: nextId(),
              surfaceId,
              testId: 'cross-cut',
              outcome: null,
              value: does.squaresGone,
              layer: null,
              at,
              by,
            },
          },
        ]),
  ]);
  return [
    { kind: 'log', lines: [line] },
    ...years,
    ...told,
    ...done,
    ...aimed(piece, surfaceIds, does),
    ...(does.putsOffDays === undefined
      ? []
      : putOff(tasks, surfaceIds, new Date(Date.parse(at) + does.putsOffDays * DAY_MS))),
  ];
};

/** A layer of paint below all that were known. */
const hiddenLayer = (piece: Piece, surfaceId: string): Change => {
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

const aimed = (
  piece: Piece,
  surfaceIds: readonly string[],
  { aims: wish, strips }: { readonly aims?: NewAim; readonly strips?: Aim['stripWish'] },
): readonly Change[] => {
  if (!wish && !strips) return [];
  const aims = surfaceIds.flatMap((surfaceId): Aim[] => {
    const before = piece.aims.find((it) => it.surfaceId === surfaceId);
    if (!before && !wish) return [];
    const old: Aim = before ?? { surfaceId, scheme: { kind: 'leave' }, stripWish: 'best' };
    return [
      {
        ...old,
        scheme: wish ? schemeFor(piece, old.scheme, wish) : old.scheme,
        stripWish: strips ?? old.stripWish,
      },
    ];
  });
  return aims.length === 0
    ? []
    : [{ kind: 'aim', surfaceIds: aims.map((it) => it.surfaceId), aims }];
};

const putOff = (
  tasks: readonly Task[],
  surfaceIds: readonly string[],
  until: Date,
): readonly Change[] => {
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
