export { airDuring } from './airDuring';
export { asAirFile } from './airFile';
export { HORIZON_DAYS, airIn, outdoorAir } from './airs';
export { windowsOf, type Windows } from './closedWindows';
export { bearsAfter, dryingIn, safeWindow, windowCloses } from './lags';
