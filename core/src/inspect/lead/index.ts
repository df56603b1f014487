export { readLeadPpm } from './figure';
export { knownLayers } from './layerCount';
export { reckonLead, weighByPaint } from './odds';
export { leadStatusOf } from './status';
