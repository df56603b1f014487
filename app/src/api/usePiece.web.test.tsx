import { newPiece, pieceDescription } from '@obrik/core/piece';
import { type PieceChange } from '@obrik/core/ledger';
import { act, renderHook, waitFor } from '@testing-library/react';
import type { ReactNode } from 'react';
import { Provider } from 'react-redux';
import { record } from '@/record';
import { noticeGone, useNotice } from '@/state/notice';
import { addQueries, store } from '@/state/store';
import { api } from './api';
import { useChange, useChanges, usePieceRecord, useShop } from './usePiece';

const AT = '2026-03-01T08:00:00Z';
const DESCRIPTION = pieceDescription.parse({
  name: 'Low table',
  templateId: 'table',
  measures: { width: 1400, depth: 800, height: 750, apronHeight: 90 },
});

const observe = (id: string, testId: string, outcome: string): PieceChange => ({
  kind: 'observe',
  observation: { id, surfaceId: 'top', testId, outcome, value: null, layer: null, at: AT, by: '' },
});
const CHIP = observe('a', 'chip', 'thin-wood');
const TAP = observe('b', 'tap', 'full');

beforeAll(() => addQueries(api));

const wrapper = ({ children }: { readonly children: ReactNode }) => (
  <Provider store={store}>{children}</Provider>
);

let serial = 0;
/** A table of its own on this device; the shop can't be reached. */
const openTable = async () => {
  globalThis.fetch = () => Promise.reject(new TypeError('Failed to fetch'));
  store.dispatch(api.util.resetApiState());
  store.dispatch(noticeGone());
  const id = `table-${++serial}`;
  await record(id, { kind: 'takenIn', description: { ...DESCRIPTION, name: id } });
  const { result } = renderHook(
    () => ({
      change: useChange(),
      put: useChanges(),
      shown: usePieceRecord(id),
      notice: useNotice(),
      shop: useShop(),
    }),
    { wrapper },
  );
  await waitFor(() => expect(result.current.shown.record).toBeDefined());
  return {
    id,
    now: () => result.current,
    shownIds: () => result.current.shown.record?.piece.observations.map((it) => it.id),
    make: (it: PieceChange, done = 'On record.') => result.current.change(id, it, done),
  };
};

describe('a change to a piece', () => {
  it('is safe and shown without the shop, and its undo takes it back', async () => {
    const table = await openTable();
    await act(async () => expect(await table.make(CHIP)).toBe(true));
    await waitFor(() => expect(table.shownIds()).toEqual(['a']));
    const { notice } = table.now();
    expect(notice).toMatchObject({ text: 'On record.', tone: 'plain' });
    await act(async () => {
      const entryIds = [...(notice?.undo?.entryIds ?? [])];
      await table.now().put(table.id, [{ kind: 'revoke', entryIds }], 'Undone.');
    });
    await waitFor(() => expect(table.shownIds()).toEqual([]));
  });

  it('made while another is under way is recorded too', async () => {
    const table = await openTable();
    await act(async () => {
      expect(await Promise.all([table.make(CHIP), table.make(TAP)])).toEqual([true, true]);
    });
    await waitFor(() => expect(table.shownIds()).toEqual(['a', 'b']));
  });

  it('that makes no sense says why, and changes nothing', async () => {
    const table = await openTable();
    await act(async () =>
      expect(await table.make({ kind: 'withdraw', observationId: 'never' })).toBe(false),
    );
    expect(table.now().notice).toMatchObject({
      tone: 'vermilion',
      text: expect.stringMatching(/No such observation/),
    });
  });

  it('leaves what it does not touch as it was, so that nothing is reckoned again', async () => {
    const table = await openTable();
    await act(async () => void (await table.make(CHIP)));
    await waitFor(() => expect(table.shownIds()).toEqual(['a']));
    const before = table.now().shown.record?.piece;
    await act(async () => void (await table.make({ kind: 'archive' })));
    await waitFor(() => expect(table.now().shown.record?.piece.archived).toBe(true));
    expect(table.now().shown.record?.piece.observations).toBe(before?.observations);
    expect(newPiece(table.id, DESCRIPTION).archived).toBe(false);
  });
});

it('the shop has its usual settings, and those set on this device at once', async () => {
  const table = await openTable();
  expect(table.now().shop.units).toBe('metric');
  await act(async () => {
    await table.now().put(null, [{ kind: 'shopSet', settings: { units: 'us' } }], 'Stored.');
  });
  await waitFor(() => expect(table.now().shop.units).toBe('us'));
});
