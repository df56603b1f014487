import { epoxyPutty, glazingPutty, stainableFill, twoPartFill } from './fills';
import { glueAndFill, slip } from './glue';
import { veneerPatch, woodPatch } from './parts';

export { ringOut, steamDent, washSilicone } from './face';
export { epoxyPutty, glazingPutty, stainableFill, twoPartFill, waxStick } from './fills';
export {
  glueCrack,
  glueDovetail,
  glueHandle,
  glueJoint,
  gluePlies,
  glueVeneer,
  ironBand,
} from './glue';
export { guideStrips, levelRunner, newBack, veneerPatch, woodPatch } from './parts';
export type { Repair } from './repair';

/** Repairs that are asked for by name: fills by their depth, and the holes of old fittings. */
export const FILLS = {
  putty: glazingPutty,
  twoPart: twoPartFill,
  epoxy: epoxyPutty,
  stainable: stainableFill,
  woodPatch,
  glueAndFill,
  slip,
  sheet: veneerPatch,
} as const;
