export { dewPoint, equilibriumMoisture, type Air } from './moisture';
