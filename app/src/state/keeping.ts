import {
  dropThing,
  keepThing,
  setPersonName,
  thingsOf,
  watchThings,
  type KeptKind,
} from '@/device';
import { draftsRestored, type Drafts } from './draft';
import { preferencesRestored, readPreferences, type Preferences } from './preferences';
import { readTimer, timersRestored, type Timer, type Timers } from './timers';

/**
 * What this device keeps for itself. Each thing stands by itself, so that two tabs never overwrite
 * what the other keeps; each kind carries the version of its form.
 */
const DRAFTS: KeptKind<unknown> = { prefix: 'draft', version: 1, read: (it) => it };
const TIMERS: KeptKind<Timer> = { prefix: 'timer', version: 1, read: readTimer };
const PREFERENCES: KeptKind<Preferences> = {
  prefix: 'preferences',
  version: 1,
  read: readPreferences,
};

/** The parts of the state that are kept. */
export interface KeptState {
  readonly drafts: Drafts;
  readonly timers: Timers;
  readonly preferences: Preferences;
}

interface KeptStore {
  getState(): KeptState;
  subscribe(listener: () => void): () => void;
  dispatch(
    action: ReturnType<typeof draftsRestored | typeof timersRestored | typeof preferencesRestored>,
  ): unknown;
}

const OURS = 'ours';

/** Stores what changed between two states of a kind, one thing at a time. */
const storeChanges = async <T>(
  kind: KeptKind<T>,
  before: Readonly<Record<string, T>>,
  now: Readonly<Record<string, T>>,
): Promise<void> => {
  for (const [name, it] of Object.entries(now)) {
    if (it !== before[name]) await keepThing(kind, name, it);
  }
  for (const name of Object.keys(before)) {
    if (!(name in now)) await dropThing(kind, name);
  }
};

const OLD_STORE = 'persist:obrik';

/** What an earlier Obrik kept in the browser's small store, moved over once. */
const moveOver = async (): Promise<void> => {
  const text = globalThis.localStorage?.getItem(OLD_STORE);
  if (!text) return;
  try {
    const parts = JSON.parse(text) as Record<string, string>;
    const drafts = JSON.parse(parts.drafts ?? '{}') as Record<string, unknown>;
    for (const [name, value] of Object.entries(drafts)) await keepThing(DRAFTS, name, value);
    const timers = JSON.parse(parts.timers ?? '{}') as Record<string, unknown>;
    for (const [name, value] of Object.entries(timers)) {
      const timer = readTimer(value);
      if (timer) await keepThing(TIMERS, name, timer);
    }
    globalThis.localStorage.removeItem(OLD_STORE);
  } catch {
    // What can't be read stays where it is.
  }
};

/**
 * Brings back what this device kept, and from then on keeps what changes.
 * @returns once everything is back; work on the screen may begin
 */
export const startKeeping = async (store: KeptStore): Promise<void> => {
  await moveOver();
  const [drafts, timers, preferences] = await Promise.all([
    thingsOf(DRAFTS),
    thingsOf(TIMERS),
    thingsOf(PREFERENCES),
  ]);
  store.dispatch(draftsRestored(drafts));
  store.dispatch(timersRestored(timers));
  const own = preferences[OURS];
  if (own) store.dispatch(preferencesRestored(own));
  let last = store.getState();
  setPersonName(last.preferences.person);
  let writing: Promise<unknown> = Promise.resolve();
  store.subscribe(() => {
    const before = last;
    const now = store.getState();
    last = now;
    setPersonName(now.preferences.person);
    if (
      now.drafts === before.drafts &&
      now.timers === before.timers &&
      now.preferences === before.preferences
    ) {
      return;
    }
    writing = writing
      .then(async () => {
        await storeChanges(DRAFTS, before.drafts, now.drafts);
        await storeChanges(TIMERS, before.timers, now.timers);
        if (now.preferences !== before.preferences) {
          await keepThing(PREFERENCES, OURS, now.preferences);
        }
      })
      .catch(() => undefined);
  });
  // A timer started in another tab runs in this one too.
  await watchThings(TIMERS, (elsewhere) => {
    void writing.then(() => {
      const here = store.getState().timers;
      if (JSON.stringify(sorted(here)) === JSON.stringify(sorted(elsewhere))) return;
      last = { ...last, timers: elsewhere };
      store.dispatch(timersRestored(elsewhere));
    });
  });
};

const sorted = (it: Timers): readonly (readonly [string, unknown])[] =>
  Object.entries(it).sort(([a], [b]) => (a < b ? -1 : 1));
