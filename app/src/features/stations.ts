/**
 * The screens of a piece and those made like them, with planner, drawings and forms: loaded as one,
 * after the list is on the screen.
 */
export { AimScreen } from './aim/AimScreen';
export { CompareScreen } from './compare/CompareScreen';
export { FilesScreen } from './files/FilesScreen';
export { openPieceFile } from './files/openPieceFile';
export { HandbookScreen } from './handbook/HandbookScreen';
export { HardwareScreen } from './hardware/HardwareScreen';
export { LabelsScreen } from './hardware/LabelsScreen';
export { Contested } from './history/Contested';
export { HistoryScreen } from './history/HistoryScreen';
export { KnownScreen } from './known/KnownScreen';
export { LookScreen } from './look/LookScreen';
export { EditPieceScreen } from './pieces/EditPieceScreen';
export { NewPieceScreen } from './pieces/NewPieceScreen';
export { PairScreen } from './pairing/PairScreen';
export { CareScreen } from './route/CareScreen';
export { PrintScreen } from './route/PrintScreen';
export { RouteScreen } from './route/RouteScreen';
export { SettingsScreen } from './settings/SettingsScreen';
export { TestScreen } from './test/TestScreen';
export { WaitingScreen } from './waiting/WaitingScreen';
