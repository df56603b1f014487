/**
 * What is behind the first screen: the record and its exchange with the shop, the planner, drawings,
 * forms, and all screens but the list. Loaded as one, after the list is on the screen; reached in no
 * other way, else it comes with the first screen again.
 */
export { AirScreen } from './air/AirScreen';
export { BenchScreen } from './bench/BenchScreen';
export { BookScreen } from './bench/BookScreen';
export { TurnedUpScreen } from './bench/TurnedUpScreen';
export { CameUpScreen } from './clock/CameUpScreen';
export { ClockScreen } from './clock/ClockScreen';
export { TodayScreen } from './clock/TodayScreen';
export { WeekScreen } from './clock/WeekScreen';
export { AimScreen } from './aim/AimScreen';
export { CompareScreen } from './compare/CompareScreen';
export { CostsScreen } from './costs/CostsScreen';
export { QuoteScreen } from './costs/QuoteScreen';
export { MoneyScreen } from './shop/MoneyScreen';
export { PricesScreen } from './shop/PricesScreen';
export { ShoppingScreen } from './shop/ShoppingScreen';
export { ShoppingSheetScreen } from './shop/ShoppingSheetScreen';
export { StockScreen } from './shop/StockScreen';
export { LastLookScreen } from './ending/LastLookScreen';
export { StoryScreen } from './ending/StoryScreen';
export { FilesScreen } from './files/FilesScreen';
export { openPieceFile } from './files/openPieceFile';
export { HandbookScreen } from './handbook/HandbookScreen';
export { HardwareScreen } from './hardware/HardwareScreen';
export { LabelsScreen } from './hardware/LabelsScreen';
export { HistoryScreen } from './history/HistoryScreen';
export { HistorySheetScreen } from './history/HistorySheetScreen';
export { KnownScreen } from './known/KnownScreen';
export { LookScreen } from './look/LookScreen';
export { EditPieceScreen } from './pieces/EditPieceScreen';
export { LiveCards } from './pieces/LiveCards';
export { NewPieceScreen } from './pieces/NewPieceScreen';
export { PieceFrame } from './pieces/PieceFrame';
export { PutAway } from './pieces/PutAway';
export { PairScreen } from './pairing/PairScreen';
export { CareScreen } from './route/CareScreen';
export { PrintScreen } from './route/PrintScreen';
export { RouteScreen } from './route/RouteScreen';
export { SettingsScreen } from './settings/SettingsScreen';
export { FootBars } from './shell/Bars';
export { NoticeInFoot } from './shell/NoticeBar';
export { join } from './shell/join';
export { TestScreen } from './test/TestScreen';
export { WalkScreen } from './look/WalkScreen';
export { WaitingScreen } from './waiting/WaitingScreen';
export { tryNow } from '@/record';
