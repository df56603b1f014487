import { glueDovetail, glueHandle, glueJoint, guideStrips, levelRunner, newBack } from '../repairs';
import { UNDER_VENEER, row } from './row';

/** Of joints and parts. */
export const DAMAGES_OF_PARTS = [
  row({
    id: 'looseJoint',
    severity: 2,
    label: 'Loose joint',
    underPaint: glueJoint,
    underClear: glueJoint,
  }),
  row({
    id: 'splitBack',
    signs: ['needsNewPart'],
    severity: 2,
    label: 'Split or warped back',
    whateverTheAim: true,
    underPaint: newBack,
    underClear: newBack,
  }),
  row({
    id: 'brokenDovetail',
    severity: 2,
    label: 'Broken dovetail',
    underPaint: glueDovetail,
    underClear: glueDovetail,
  }),
  row({
    id: 'jointGap',
    signs: ['opensAtJoint'],
    accepted: { underVeneer: UNDER_VENEER },
    severity: 1,
    label: 'Gap at a joint',
  }),
  row({
    id: 'catchingDrawer',
    signs: ['catches'],
    severity: 1,
    label: 'Drawer that catches',
    underPaint: levelRunner,
    underClear: levelRunner,
  }),
  row({
    id: 'brokenHandle',
    severity: 1,
    label: 'Broken wooden handle',
    underPaint: glueHandle,
    underClear: glueHandle,
  }),
  row({
    id: 'drawerPlay',
    severity: 1,
    label: 'Drawer that rattles from side to side',
    underPaint: guideStrips,
    underClear: guideStrips,
  }),
] as const;
