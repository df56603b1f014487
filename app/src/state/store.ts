import { combineReducers, configureStore } from '@reduxjs/toolkit';
import { setupListeners } from '@reduxjs/toolkit/query';
import { useDispatch } from 'react-redux';
import { api } from '@/api/api';
import { draftSlice } from './draft';
import { linkSlice } from './link';
import { noticeSlice } from './notice';
import { preferencesSlice } from './preferences';
import { timerSlice } from './timers';

export const store = configureStore({
  reducer: combineReducers({
    [api.reducerPath]: api.reducer,
    drafts: draftSlice.reducer,
    link: linkSlice.reducer,
    notice: noticeSlice.reducer,
    preferences: preferencesSlice.reducer,
    timers: timerSlice.reducer,
  }),
  // Looking through thousands of entries at each action takes longer than the action.
  middleware: (usual) =>
    usual({ serializableCheck: false, immutableCheck: false }).concat(api.middleware),
});
setupListeners(store.dispatch);

export type AppDispatch = typeof store.dispatch;
export const useAppDispatch = useDispatch.withTypes<AppDispatch>();
