import { table } from '../table';
import { acrylic } from './acrylic';
import { alkydBlocker } from './alkydBlocker';
import { allInOne } from './allInOne';
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
import { lacquer } from './lacquer';
import { metalWax } from './metalWax';
import { mineralPaint } from './mineralPaint';
import { oilClear } from './oilClear';
import { oilEnamel } from './oilEnamel';
import { oilStain } from './oilStain';
import { pasteWax } from './pasteWax';
import { pigmentedShellac } from './pigmentedShellac';
import { sealing } from './sealing';
import { stencilPaint } from './stencilPaint';
import { tintedOil } from './tintedOil';
import { tintedVarnish } from './tintedVarnish';
import { toner } from './toner';
import { twoPartClear } from './twoPartClear';
import { wallPaint } from './wallPaint';
import { wash } from './wash';
import { washcoat } from './washcoat';
import { waterBlocker } from './waterBlocker';
import { waterClear } from './waterClear';
import { waterStain } from './waterStain';
import { waxedShellac } from './waxedShellac';

/** Everything that is laid on wood, by class: a new coating is one new file and its line here. */
export const COATINGS = table([
  pigmentedShellac,
  clearShellac,
  alkydBlocker,
  waterBlocker,
  bonding,
  sealing,
  acrylic,
  grainFiller,
  caulk,
  cabinetEnamel,
  wallPaint,
  mineralPaint,
  allInOne,
  oilEnamel,
  washcoat,
  conditioner,
  oilStain,
  waterStain,
  gelStain,
  tintedVarnish,
  tintedOil,
  toner,
  wash,
  glaze,
  dryBrush,
  stencilPaint,
  metalWax,
  waterClear,
  twoPartClear,
  oilClear,
  lacquer,
  waxedShellac,
  hardOil,
  pasteWax,
]);
export type Coating = (typeof COATINGS.ids)[number];
