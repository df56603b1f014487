import { createSlice, type PayloadAction } from '@reduxjs/toolkit';
import { useSelector } from 'react-redux';

/** What belongs to this device and not to the shop. */
export interface Preferences {
  /** Light or dark, or as the device has it. */
  readonly light: 'device' | 'light' | 'dark';
  /** Who uses this device: stands beside what is recorded here. */
  readonly person: string;
}

const LIGHTS: readonly unknown[] = ['device', 'light', 'dark'] satisfies Preferences['light'][];

/** Reads what an earlier page kept; by hand, since it is wanted before the first screen. */
export const readPreferences = (stored: unknown): Preferences | undefined => {
  const { light, person } = (stored ?? {}) as Partial<Preferences>;
  return LIGHTS.includes(light) && typeof person === 'string'
    ? { light: light as Preferences['light'], person: person.slice(0, 80) }
    : undefined;
};

const initialState: Preferences = { light: 'device', person: '' };

export const preferencesSlice = createSlice({
  name: 'preferences',
  initialState,
  reducers: {
    lightChosen: (state, action: PayloadAction<Preferences['light']>) => ({
      ...state,
      light: action.payload,
    }),
    personNamed: (state, action: PayloadAction<string>) => ({ ...state, person: action.payload }),
    preferencesRestored: (_, action: PayloadAction<Preferences>) => action.payload,
  },
});

export const { lightChosen, personNamed, preferencesRestored } = preferencesSlice.actions;

export const usePreferences = (): Preferences =>
  useSelector((state: { preferences: Preferences }) => state.preferences);
