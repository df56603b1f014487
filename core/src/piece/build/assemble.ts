import { weakMapMemoize } from 'reselect';
import { PROFILES, type PartKind, type Profile } from '../../catalog';
import type { Role } from '../roles';
import { readBody, type Body, type Build, type SurfaceSplit } from './build';
import { bodyKindOf } from './bodies';
import type { Size } from './bodyKind';
import {
  GAP_MM,
  NOTHING_LOOSE,
  areaOf,
  moved,
  type Face,
  type LooseParts,
  type PartSurface,
} from './part';

/** A part of a piece that is assessed, aimed and planned as a unit. */
export interface Surface {
  readonly id: string;
  readonly name: string;
  /** What it is on the piece: how it is used, seen, and what hangs on it. */
  readonly role: Role;
  readonly part: PartKind;
  /** How many like parts it stands for: 4 legs, 24 drawer fronts. */
  readonly count: number;
  readonly profile: Profile;
  /** Real area, its profile reckoned in. */
  readonly areaMm2: number;
}

/** All that follows from how a piece is built. */
export interface Assembly {
  readonly surfaces: readonly Surface[];
  /** The unfolded drawing, mm, from its upper left corner. */
  readonly faces: readonly Face[];
  readonly loose: LooseParts;
  /** Outer size of one of them, mm. */
  readonly size: Size;
  /** A child sleeps in it. */
  readonly forChild: boolean;
  /** It stores things and stands up, so that it can fall over; a desk stands on its own. */
  readonly tips: boolean;
  /** A bed that rules are made for, since children died in it. */
  readonly bed: 'crib' | 'bunk' | null;
}

const idIn = (it: Body, surfaceId: string): string =>
  it.id === '' ? surfaceId : `${surfaceId}_${it.id}`;

const nameIn = (it: Body, name: string): string =>
  it.name === '' ? name : `${it.name} ${name.charAt(0).toLowerCase()}${name.slice(1)}`;

/** A surface with its real area. Equation: Σ width × height × count × area factor of its profile. */
const realOf = ({ panels, ...it }: PartSurface, owner: Body): Surface => ({
  ...it,
  id: idIn(owner, it.id),
  name: nameIn(owner, it.name),
  areaMm2: areaOf(panels) * PROFILES.get(it.profile).areaFactor,
});

const sizeOf = (it: Body): Size => bodyKindOf(it.kind).size(readBody(it));

/** A body that stands on another covers part of its top: that part is not worked. */
const lessFootprint = (
  surfaces: readonly Surface[],
  below: Body,
  upper: Body,
): readonly Surface[] => {
  const { width, depth } = sizeOf(upper);
  const top = idIn(below, 'top');
  return surfaces.map((it) =>
    it.id === top
      ? { ...it, areaMm2: Math.max(it.areaMm2 * LEAST_LEFT, it.areaMm2 - width * depth) }
      : it,
  );
};
/** Of a top that is covered, the front edge at least is seen (modelling judgement). */
const LEAST_LEFT = 0.05;

interface Drawn {
  readonly surfaces: readonly Surface[];
  readonly faces: readonly Face[];
}

/** Cuts one face into what stays and what is split off. */
const cutFace = (it: Face, { share, cut, id }: SurfaceSplit): readonly Face[] => {
  const rest = 1 - share;
  return cut === 'upright'
    ? [
        { ...it, surfaceId: id, width: it.width * share },
        { ...it, x: it.x + it.width * share, width: it.width * rest },
      ]
    : [
        { ...it, surfaceId: id, height: it.height * share },
        { ...it, y: it.y + it.height * share, height: it.height * rest },
      ];
};

const split = (before: Drawn, it: SurfaceSplit): Drawn => {
  const whole = before.surfaces.find((one) => one.id === it.of);
  if (!whole || before.surfaces.some((one) => one.id === it.id)) return before;
  return {
    surfaces: before.surfaces.flatMap((one) =>
      one === whole
        ? [
            { ...one, areaMm2: one.areaMm2 * (1 - it.share) },
            { ...one, id: it.id, name: it.name, areaMm2: one.areaMm2 * it.share },
          ]
        : [one],
    ),
    faces: before.faces.flatMap((one) => (one.surfaceId === it.of ? cutFace(one, it) : [one])),
  };
};

const merge = (before: Drawn, { from, into }: { from: string; into: string }): Drawn => {
  const gone = before.surfaces.find((it) => it.id === from);
  if (!gone || from === into || !before.surfaces.some((it) => it.id === into)) return before;
  return {
    surfaces: before.surfaces
      .filter((it) => it !== gone)
      .map((it) =>
        it.id === into
          ? { ...it, areaMm2: it.areaMm2 + gone.areaMm2, count: it.count + gone.count }
          : it,
      ),
    faces: before.faces.map((it) => (it.surfaceId === from ? { ...it, surfaceId: into } : it)),
  };
};

/** What was said by hand stands over what follows from the body. */
const edited = (it: Surface, edits: Build['edits']): Surface => {
  const edit = edits.findLast((one) => one.surfaceId === it.id);
  if (!edit) return it;
  const profile = edit.profile ?? it.profile;
  const outline = it.areaMm2 / PROFILES.get(it.profile).areaFactor;
  return {
    ...it,
    name: edit.name ?? it.name,
    profile,
    areaMm2: edit.areaMm2 ?? outline * PROFILES.get(profile).areaFactor,
  };
};

/** Rows of the drawing: a body beside the one before stands in its row, one on it begins a row above. */
const drawnBodies = (bodies: readonly Body[]): readonly Face[] => {
  const views = bodies.map((it) => {
    const faces = bodyKindOf(it.kind)
      .faces(readBody(it))
      .map((one) => ({
        ...one,
        surfaceId: one.surfaceId === null ? null : idIn(it, one.surfaceId),
        cell: one.cell && { ...one.cell, bodyId: it.id },
      }));
    const x = Math.min(...faces.map((one) => one.x));
    const y = Math.min(...faces.map((one) => one.y));
    return {
      it,
      faces: moved(faces, -x, -y),
      width: Math.max(...faces.map((one) => one.x + one.width)) - x,
      height: Math.max(...faces.map((one) => one.y + one.height)) - y,
    };
  });
  const rows: (typeof views)[number][][] = [];
  for (const view of views) {
    const row = rows.at(-1);
    if (row && view.it.stands === 'beside') row.push(view);
    else rows.push([view]);
  }
  const widthOf = (row: (typeof rows)[number]) =>
    row.reduce((sum, it) => sum + it.width, 0) + (row.length - 1) * 2 * GAP_MM;
  const widest = Math.max(...rows.map(widthOf));
  let y = 0;
  return [...rows].reverse().flatMap((row) => {
    const tallest = Math.max(...row.map((it) => it.height));
    let x = (widest - widthOf(row)) / 2;
    const faces = row.flatMap((it) => {
      const at = moved(it.faces, x, y + tallest - it.height);
      x += it.width + 2 * GAP_MM;
      return at;
    });
    y += tallest + 2 * GAP_MM;
    return faces;
  });
};

/** Bodies in towers: what stands on another adds to its height, what stands beside it to the width. */
const outerSize = (bodies: readonly Body[]): Size => {
  const towers: Size[] = [];
  for (const it of bodies) {
    const own = sizeOf(it);
    const last = towers.at(-1);
    if (last && it.stands === 'on') {
      towers[towers.length - 1] = {
        width: Math.max(last.width, own.width),
        depth: Math.max(last.depth, own.depth),
        height: last.height + own.height,
      };
    } else towers.push(own);
  }
  return {
    width: towers.reduce((sum, it) => sum + it.width, 0),
    depth: Math.max(...towers.map((it) => it.depth)),
    height: Math.max(...towers.map((it) => it.height)),
  };
};

const times = (count: number, it: Surface): Surface =>
  count === 1 ? it : { ...it, count: it.count * count, areaMm2: it.areaMm2 * count };

const isTable = ({ kind }: Body): boolean => kind === 'table';

const bedOf = (bodies: readonly Body[]): Assembly['bed'] => {
  if (bodies.some((it) => it.kind === 'crib')) return 'crib';
  return bodies.some((it) => it.kind === 'bed' && it.choices.places === 'upper') ? 'bunk' : null;
};

const assembled = (it: Build): Assembly => {
  const plain = it.bodies.reduce<readonly Surface[]>((all, one, index) => {
    const own = bodyKindOf(one.kind)
      .surfaces(readBody(one))
      .map((part) => realOf(part, one));
    const below = it.bodies[index - 1];
    const before = below && one.stands === 'on' ? lessFootprint(all, below, one) : all;
    return [...before, ...own];
  }, []);
  const whole: Drawn = { surfaces: plain, faces: drawnBodies(it.bodies) };
  const { surfaces, faces } = it.merges.reduce(merge, it.splits.reduce(split, whole));
  const known = new Set(surfaces.map((one) => one.id));
  const added = it.added
    .filter((one) => !known.has(one.id))
    .map((one): Surface => ({ ...one, part: 'panel', count: 1 }));
  const loose = it.bodies.map((one) => bodyKindOf(one.kind).loose(readBody(one)));
  const sum = (of: keyof LooseParts): number =>
    it.count * loose.reduce((all, one) => all + one[of], NOTHING_LOOSE[of]);
  return {
    surfaces: [...surfaces.map((one) => edited(one, it.edits)), ...added].map((one) =>
      times(it.count, one),
    ),
    faces,
    loose: { drawers: sum('drawers'), doors: sum('doors'), pulls: sum('pulls') },
    size: outerSize(it.bodies),
    forChild: it.bodies.some((one) => bodyKindOf(one.kind).forChild === true),
    tips: it.bodies.some((one) => bodyKindOf(one.kind).tips) && !it.bodies.some(isTable),
    bed: bedOf(it.bodies),
  };
};

/**
 * Surfaces, drawing and loose parts of a piece as it is built. The same value for the same build: it is
 * asked for at each entry of a ledger.
 */
export const assemble = weakMapMemoize(assembled);

/** The surface that stands for one that was merged into others; the surface itself where it was not. */
export const standsFor = ({ merges }: Build, surfaceId: string): string => {
  let at = surfaceId;
  for (let round = 0; round <= merges.length; round++) {
    const next = merges.find((it) => it.from === at && it.into !== at)?.into;
    if (next === undefined) return at;
    at = next;
  }
  return at;
};
