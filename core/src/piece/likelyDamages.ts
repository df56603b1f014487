import type { Damage } from '../catalog';
import type { Role } from './roles';

/** What is found most often on a part, likeliest first. Common practice, no source. */
const BY_ROLE: Readonly<Partial<Record<Role, readonly Damage[]>>> = {
  top: ['whiteRing', 'darkRing', 'scratch', 'burn', 'liftingVeneer', 'dent'],
  seat: ['scratch', 'dent', 'crack', 'grime', 'looseJoint', 'darkRing'],
  fronts: ['scratch', 'smallHole', 'dent', 'missingVeneer', 'brokenHandle', 'gouge'],
  falseFronts: ['scratch', 'smallHole', 'dent', 'swollenBoard', 'grime', 'liftingFoil'],
  doors: ['scratch', 'smallHole', 'crack', 'dent', 'liftingVeneer', 'grime'],
  doorLeaf: ['crack', 'jointGap', 'smallHole', 'peeling', 'dent', 'runs'],
  drawerSides: ['catchingDrawer', 'drawerPlay', 'brokenDovetail', 'odour', 'darkRing', 'mould'],
  side: ['scratch', 'liftingVeneer', 'crack', 'dent', 'residue', 'missingVeneer'],
  frame: ['missingEdge', 'liftingEdgeBand', 'dent', 'jointGap', 'scratch', 'runs'],
  legs: ['dent', 'looseJoint', 'scratch', 'gouge', 'insects', 'peeling'],
  apron: ['looseJoint', 'dent', 'scratch', 'missingVeneer', 'runs', 'residue'],
  arms: ['grime', 'scratch', 'looseJoint', 'dent', 'crack', 'peeling'],
  backrest: ['looseJoint', 'crack', 'scratch', 'dent', 'grime', 'peeling'],
  back: ['splitBack', 'mould', 'insects', 'darkRing', 'odour', 'smallHole'],
  inside: ['odour', 'mould', 'residue', 'darkRing', 'grime', 'insects'],
  shelves: ['whiteRing', 'darkRing', 'scratch', 'residue', 'swollenBoard', 'grime'],
  plinth: ['swollenBoard', 'dent', 'scratch', 'liftingFoil', 'missingEdge', 'grime'],
  underside: ['insects', 'mould', 'looseJoint', 'crack', 'odour', 'residue'],
};

const ELSEWHERE: readonly Damage[] = ['scratch', 'dent', 'crack', 'grime', 'gouge', 'peeling'];

/** Damages that a part usually has, likeliest first. */
export const likelyDamages = (role: Role): readonly Damage[] => BY_ROLE[role] ?? ELSEWHERE;
