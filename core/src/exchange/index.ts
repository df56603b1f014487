export { asText, sharePage, type PageParts, type PagePhoto } from './page';
export { damagesTable, fittingsTable, stepsTable, type DataTable } from './tables';
export { readAirLog, readEpw } from './airFiles';
export { pricesTable, readPrices, type PriceProblem } from './prices';
