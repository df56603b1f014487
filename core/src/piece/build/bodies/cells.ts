import type { Profile } from '../../../catalog';
import type { Cell, CellKind, PlacedCell } from '../front';
import { BOARD_MM, panel, surface, type Panel, type PartSurface } from '../part';

/** How the surface of each kind of cell is called, and what it is. */
const CELLS = {
  drawer: { id: 'fronts', role: 'fronts', name: 'Drawer fronts' },
  falseDrawer: { id: 'falseFronts', role: 'falseFronts', name: 'False drawer fronts' },
  door: { id: 'doors', role: 'doors', name: 'Doors' },
  panel: { id: 'panels', role: 'fixedPanel', name: 'Front panels' },
} as const satisfies Partial<Record<CellKind, Pick<PartSurface, 'id' | 'role' | 'name'>>>;

const setMark = (set: string): string => (set === '' ? '' : `-${set}`);
const setName = (set: string): string => (set === '' ? '' : ` ${set.toUpperCase()}`);

/** The surface that a cell belongs to. */
export const surfaceIdOf = ({ kind, set }: Cell): string =>
  kind === 'open' ? 'inside' : `${CELLS[kind].id}${setMark(set)}`;

const profileOf = (cells: readonly PlacedCell[]): Profile =>
  cells[0]?.cell.kind === 'door' && cells[0].cell.style !== 'plain' ? 'framePanel' : 'flat';

/** Glass is not worked: of a glazed door that is left which is wood (modelling judgement). */
const GLAZED_SHARE = 0.45;
/** Louvres show both sides of every slat (modelling judgement). */
const LOUVRED_SHARE = 1.6;
const STYLE_SHARE = {
  plain: 1,
  panelled: 1,
  glazed: GLAZED_SHARE,
  louvred: LOUVRED_SHARE,
} as const;

const panelOf = ({ cell, width, height }: PlacedCell): Panel =>
  panel(width, height * (cell.kind === 'door' ? STYLE_SHARE[cell.style] : 1));

/** Cells that are a surface together, by kind and set, in the order of the front. */
const grouped = (cells: readonly PlacedCell[]): readonly (readonly PlacedCell[])[] => {
  const groups = new Map<string, PlacedCell[]>();
  for (const it of cells) {
    const key = surfaceIdOf(it.cell);
    groups.set(key, [...(groups.get(key) ?? []), it]);
  }
  return [...groups.values()];
};

/** The surfaces that the cells of a front make up; compartments are seen into, and have none. */
export const frontSurfaces = (cells: readonly PlacedCell[]): readonly PartSurface[] =>
  grouped(cells.filter((it) => it.cell.kind !== 'open')).flatMap((group) => {
    const [first] = group;
    if (!first || first.cell.kind === 'open') return [];
    const { id, role, name } = CELLS[first.cell.kind];
    const { set } = first.cell;
    return [
      surface({
        id: `${id}${setMark(set)}`,
        role,
        name: `${name}${setName(set)}`,
        count: group.length,
        panels: group.map(panelOf),
        profile: profileOf(group),
      }),
    ];
  });

/** A space behind the front, mm: one compartment, or what doors side by side close. */
interface Space {
  readonly width: number;
  readonly height: number;
  readonly shelves: number;
}

const closesWith = (a: PlacedCell, b: PlacedCell): boolean =>
  a.cell.kind === 'door' &&
  b.cell.kind === 'door' &&
  a.cell.shelves === b.cell.shelves &&
  Math.abs(a.y - b.y) < 1 &&
  Math.abs(a.height - b.height) < 1 &&
  Math.abs(a.x + a.width + BOARD_MM - b.x) < 1;

/** Spaces that can be seen into: compartments, and those behind doors. Doors side by side share one. */
export const spaces = (cells: readonly PlacedCell[]): readonly Space[] => {
  const seen = cells
    .filter((it) => it.cell.kind === 'open' || it.cell.kind === 'door')
    .sort((a, b) => a.y - b.y || a.x - b.x);
  const runs: PlacedCell[][] = [];
  for (const it of seen) {
    const run = runs.at(-1);
    const last = run?.at(-1);
    if (run && last && closesWith(last, it)) run.push(it);
    else runs.push([it]);
  }
  return runs.map((run) => {
    const [first] = run as [PlacedCell];
    const last = run.at(-1) as PlacedCell;
    return {
      width: last.x + last.width - first.x,
      height: first.height,
      shelves: first.cell.shelves,
    };
  });
};

/** Inside faces of a space: sides, top, bottom, back, and both faces of each shelf. */
export const insidePanels = (
  { width, height, shelves }: Space,
  depth: number,
): readonly Panel[] => [
  panel(depth, height, 2),
  panel(width, depth, 2),
  panel(width, height),
  panel(width, depth, 2 * shelves),
];
