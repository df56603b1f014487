import { combineSlices, configureStore, createDynamicMiddleware } from '@reduxjs/toolkit';
import type { Middleware, Reducer } from '@reduxjs/toolkit';
import { useDispatch } from 'react-redux';
import { draftSlice } from './draft';
import { linkSlice } from './link';
import { noticeSlice } from './notice';
import { preferencesSlice } from './preferences';
import { timerSlice } from './timers';

const reducer = combineSlices({
  drafts: draftSlice.reducer,
  link: linkSlice.reducer,
  notice: noticeSlice.reducer,
  preferences: preferencesSlice.reducer,
  timers: timerSlice.reducer,
});
const added = createDynamicMiddleware();

export const store = configureStore({
  reducer,
  // Looking through thousands of entries at each action takes longer than the action.
  middleware: (usual) =>
    usual({ serializableCheck: false, immutableCheck: false }).concat(added.middleware),
});

/** Adds the queries of an API; they come after the first screen. */
export const addQueries = (api: {
  readonly reducerPath: string;
  readonly reducer: Reducer;
  readonly middleware: Middleware;
}): void => {
  reducer.inject(api);
  added.addMiddleware(api.middleware);
  store.dispatch({ type: 'queriesAdded' });
};

export type AppDispatch = typeof store.dispatch;
export const useAppDispatch = useDispatch.withTypes<AppDispatch>();
