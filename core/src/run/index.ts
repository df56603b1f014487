export { answerLine, openChecks, type Answered, type OpenCheck } from './answers';
export { changesFor, type Found, type Standing } from './decide';
export { routeDifference, type ChangedWork, type RouteDifference } from './difference';
export { afterChanges, optionsFor, type Option } from './options';
