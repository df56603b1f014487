export { answerLine, openChecks, type Answered, type OpenCheck } from './answers';
export { beforeAndAfter, pieceBook, type BookFrom } from './book';
export { changesFor, type Standing } from './decide';
export { found, type Found } from './found';
export { routeDifference, type ChangedWork, type RouteDifference } from './difference';
export { afterChanges, optionsFor, remedyOption, type Option } from './options';
export { hardenerShare, mixesFor, potMinutes, type Mix, type MixPart } from './mixes';
export { plannedAgainstActual, timedOf, type PlannedActual } from './planned';
export { timerStands, timersFor } from './timers';
