export { equilibriumMoisture, type Air } from './moisture';
