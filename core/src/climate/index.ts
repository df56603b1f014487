export { DAMP_ABOVE, equilibriumMoisture, type Air } from './moisture';
