import AsyncStorage from '@react-native-async-storage/async-storage';
import { combineReducers, configureStore } from '@reduxjs/toolkit';
import { setupListeners } from '@reduxjs/toolkit/query';
import { useDispatch } from 'react-redux';
import {
  FLUSH,
  PAUSE,
  PERSIST,
  persistReducer,
  persistStore,
  PURGE,
  REGISTER,
  REHYDRATE,
} from 'redux-persist';
import { api } from '@/api/api';
import { draftSlice } from './draft';
import { noticeSlice } from './notice';
import { preferencesSlice } from './preferences';
import { timerSlice } from './timers';

const reducer = persistReducer(
  {
    key: 'obrik',
    version: 1,
    storage: AsyncStorage,
    whitelist: ['drafts', 'preferences', 'timers'],
  },
  combineReducers({
    [api.reducerPath]: api.reducer,
    drafts: draftSlice.reducer,
    notice: noticeSlice.reducer,
    preferences: preferencesSlice.reducer,
    timers: timerSlice.reducer,
  }),
);

export const store = configureStore({
  reducer,
  middleware: (usual) =>
    usual({
      serializableCheck: { ignoredActions: [FLUSH, REHYDRATE, PAUSE, PERSIST, PURGE, REGISTER] },
    }).concat(api.middleware),
});
setupListeners(store.dispatch);

export const persistor = persistStore(store);

export type AppDispatch = typeof store.dispatch;
export const useAppDispatch = useDispatch.withTypes<AppDispatch>();
