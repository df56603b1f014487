import { table } from '../table';
import type { CoatingRow } from './coating';
import { acrylic } from './acrylic';
import { bonding } from './bonding';
import { cabinetEnamel } from './cabinetEnamel';
import { caulk } from './caulk';
import { clearShellac } from './clearShellac';
import { conditioner } from './conditioner';
import { dryBrush } from './dryBrush';
import { gelStain } from './gelStain';
import { glaze } from './glaze';
import { grainFiller } from './grainFiller';
import { hardOil } from './hardOil';
import { mineralPaint } from './mineralPaint';
import { oilClear } from './oilClear';
import { oilEnamel } from './oilEnamel';
import { oilStain } from './oilStain';
import { pasteWax } from './pasteWax';
import { pigmentedShellac } from './pigmentedShellac';
import { sealing } from './sealing';
import { wallPaint } from './wallPaint';
import { wash } from './wash';
import { waterClear } from './waterClear';
import { waterStain } from './waterStain';

/** Everything that is laid on wood, by class: a new coating is one new file and its line here. */
export const COATINGS = table([
  pigmentedShellac,
  clearShellac,
  bonding,
  sealing,
  acrylic,
  grainFiller,
  caulk,
  wallPaint,
  cabinetEnamel,
  mineralPaint,
  oilEnamel,
  conditioner,
  oilStain,
  waterStain,
  gelStain,
  wash,
  glaze,
  dryBrush,
  waterClear,
  oilClear,
  hardOil,
  pasteWax,
]);
export type Coating = (typeof COATINGS.ids)[number];

/** Film that one coat leaves, µm: wet film × volume solids. */
export const dryFilmUm = (it: Pick<CoatingRow, 'wetUm' | 'solids'>): number => it.wetUm * it.solids;

/** Stands on the face as a film; false for what soaks in or is wiped off. */
export const leavesFilm = (it: Pick<CoatingRow, 'wetUm'>): boolean => it.wetUm > 0;

export { type CoatingRole, type CoatingRow, type Mechanism } from './coating';
