export { coloursOf } from './alike';
export { readLeadPpm } from './figure';
export { knownLayers } from './layerCount';
export { reckonLead, weighByPaint } from './odds';
export { leadStatusesOf } from './piece';
export { spokenFor } from './places';
