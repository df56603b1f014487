import type { PartKind, Profile } from '../../catalog';
import type { Role } from '../roles';

/** Flat rectangles of one size that make up a surface. */
export interface Panel {
  readonly widthMm: number;
  readonly heightMm: number;
  readonly count: number;
}

/** A surface as a body has it: named and numbered within the body. */
export interface PartSurface {
  readonly id: string;
  readonly name: string;
  /** What it is on the piece: how it is used, seen, and what hangs on it. */
  readonly role: Role;
  readonly part: PartKind;
  /** How many like parts it stands for: 4 legs, 24 drawer fronts. */
  readonly count: number;
  readonly panels: readonly Panel[];
  /** How it is shaped where nobody says otherwise. */
  readonly profile: Profile;
}

/** What a face is drawn as, beyond what its surface is shaped like. */
export type FaceLook =
  'plain' | 'open' | 'glazed' | 'louvred' | 'mirror' | 'wheel' | 'drawer' | 'door';

/** A rectangle of the unfolded drawing, mm, y downwards. */
export interface Face {
  /** The surface that it shows; null for what is drawn only, such as a wheel. */
  readonly surfaceId: string | null;
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
  readonly look: FaceLook;
  /** Shelves that show in it. */
  readonly lines: number;
  /** The cell of a front that it is; null where it is none. */
  readonly cell: FaceCell | null;
}

/** A cell of a body's front, by its place. */
export interface FaceCell {
  readonly bodyId: string;
  readonly lane: number;
  readonly index: number;
}

/** What has to come off or out before work, besides the surfaces. */
export interface LooseParts {
  readonly drawers: number;
  readonly doors: number;
  readonly pulls: number;
}

export const NOTHING_LOOSE: LooseParts = { drawers: 0, doors: 0, pulls: 0 };

/** Board thickness that the inside dimensions assume, mm (modelling judgement). */
export const BOARD_MM = 20;
/** Width of a square leg where it is not asked, mm (modelling judgement). */
export const LEG_MM = 45;
/** Between two views of an unfolded drawing, mm of the piece. */
export const GAP_MM = 40;

export const panel = (widthMm: number, heightMm: number, count = 1): Panel => ({
  widthMm: Math.max(0, widthMm),
  heightMm: Math.max(0, heightMm),
  count,
});

/** Area of panels, mm². Equation: Σ width × height × count. */
export const areaOf = (panels: readonly Panel[]): number =>
  panels.reduce((sum, it) => sum + it.widthMm * it.heightMm * it.count, 0);

/** A surface; what is left out is usual: one flat panel. */
export const surface = (
  it: Pick<PartSurface, 'id' | 'role' | 'name' | 'panels'> & Partial<PartSurface>,
): PartSurface => ({ part: 'panel', count: 1, profile: 'flat', ...it });

/** A face; plain where nothing else is said. */
export const faceOf = (
  surfaceId: string | null,
  x: number,
  y: number,
  width: number,
  height: number,
  look: FaceLook = 'plain',
  lines = 0,
  cell: FaceCell | null = null,
): Face => ({ surfaceId, x, y, width, height, look, lines, cell });

/** Faces moved by this much. */
export const moved = (faces: readonly Face[], dx: number, dy: number): readonly Face[] =>
  faces.map((it) => ({ ...it, x: it.x + dx, y: it.y + dy }));

/** A front as wide as this has two pulls, mm (modelling judgement). */
const TWO_PULLS_FROM = 400;

/** Pulls that a front of this width, mm, usually has. */
export const pullsOn = (widthMm: number): number => (widthMm > TWO_PULLS_FROM ? 2 : 1);

/** A board lying on top: its face, the front edge and the two side edges. */
export const topPanels = (width: number, depth: number): readonly Panel[] => [
  panel(width, depth),
  panel(width, BOARD_MM),
  panel(depth, BOARD_MM, 2),
];
