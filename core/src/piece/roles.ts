import type { Wear } from './scheme';

/** How much a surface is looked at: damage on the back matters less than on the top. */
export type Visibility = 'high' | 'middle' | 'low';

/** Surfaces that meet each other at work: what comes out or off lies by itself. */
export type BorderGroup = 'body' | 'drawers';

interface RoleRow {
  /** How hard it is used where nobody says otherwise. */
  readonly wear: Wear;
  readonly visibility: Visibility;
  /** The face on top, that things drip on and hands lie on. */
  readonly onTop: boolean;
  /** With what it lies together where a border between two coats is seen; null out of sight. */
  readonly bordersIn: BorderGroup | null;
  /** What slides or hangs with it. */
  readonly moves: 'drawers' | 'doors' | null;
  /** Pulls and knobs sit on it. */
  readonly pulls: boolean;
}

const role = (it: Partial<RoleRow> = {}): RoleRow => ({
  wear: 'middle',
  visibility: 'middle',
  onTop: false,
  bordersIn: 'body',
  moves: null,
  pulls: false,
  ...it,
});

const OUT_OF_SIGHT = { wear: 'low', visibility: 'low', bordersIn: null } as const;

/** What surfaces are on a piece. */
export const ROLES = {
  top: role({ wear: 'high', visibility: 'high', onTop: true }),
  seat: role({ wear: 'high', visibility: 'high', onTop: true }),
  backrest: role({ visibility: 'high' }),
  fronts: role({ visibility: 'high', bordersIn: 'drawers', moves: 'drawers', pulls: true }),
  falseFronts: role({ visibility: 'high', pulls: true }),
  fixedPanel: role({ visibility: 'high' }),
  doorLeaf: role({ wear: 'high', visibility: 'high' }),
  mirrorFrame: role({ wear: 'low', visibility: 'high' }),
  arms: role({ wear: 'high', visibility: 'high' }),
  drawerSides: role({ ...OUT_OF_SIGHT, bordersIn: 'drawers', moves: 'drawers' }),
  doors: role({ visibility: 'high', bordersIn: null, moves: 'doors', pulls: true }),
  side: role(),
  frame: role(),
  legs: role(),
  apron: role(),
  cornice: role(),
  plinth: role(),
  backPanel: role(),
  shelves: role({ wear: 'high' }),
  inside: role({ wear: 'high', visibility: 'low' }),
  back: role(OUT_OF_SIGHT),
  underside: role(OUT_OF_SIGHT),
} as const satisfies Readonly<Record<string, RoleRow>>;
export type Role = keyof typeof ROLES;
export const ROLE_IDS = Object.keys(ROLES) as [Role, ...Role[]];

interface WithRole {
  readonly role: Role;
}

export const wearOf = (it: WithRole): Wear => ROLES[it.role].wear;
export const visibilityOf = (it: WithRole): Visibility => ROLES[it.role].visibility;
/** Is it the face on top, that things drip on and hands lie on? */
export const isFaceOnTop = (it: WithRole): boolean => ROLES[it.role].onTop;
/** What slides or hangs with a surface; null where nothing does. */
export const movesWith = (it: WithRole): 'drawers' | 'doors' | null => ROLES[it.role].moves;
export const carriesPulls = (it: WithRole): boolean => ROLES[it.role].pulls;
export const bordersIn = (it: WithRole): BorderGroup | null => ROLES[it.role].bordersIn;
