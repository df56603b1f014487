import {
  USUAL_SHOP,
  applyChange,
  newPiece,
  pieceDescription,
  type Change,
  type PieceRecord,
} from '@obrik/core/piece';
import { act, renderHook, waitFor } from '@testing-library/react';
import type { ReactNode } from 'react';
import { Provider } from 'react-redux';
import { noticeGone, useNotice } from '@/state/notice';
import { store } from '@/state/store';
import { api } from './api';
import { useChange, usePieceRecord, useShop } from './usePiece';

const AT = '2026-03-01T08:00:00Z';

const observe = (id: string, testId: string, outcome: string): Change => ({
  kind: 'observe',
  observation: { id, surfaceId: 'top', testId, outcome, value: null, layer: null, at: AT, by: '' },
});
const CHIP = observe('a', 'chip', 'thin-wood');
const TAP = observe('b', 'tap', 'full');

/** The shop's server as far as the app can tell, with what it holds open to the test. */
const makeServer = () => {
  const description = pieceDescription.parse({
    name: 'Low table',
    templateId: 'table',
    measures: { width: 1400, depth: 800, height: 750, apronHeight: 90 },
  });
  let record: PieceRecord = {
    number: 1,
    revision: 1,
    createdAt: AT,
    updatedAt: AT,
    piece: newPiece('low-table', description),
  };
  const reply = (status: number, body: unknown) =>
    new Response(JSON.stringify(body), { status, headers: { 'content-type': 'application/json' } });
  const put = (it: Change) => {
    const after = applyChange(record.piece, it);
    if (!after.ok) throw new Error(after.problems.map((one) => one.message).join());
    record = { ...record, revision: record.revision + 1, piece: after.value };
  };
  let mayAnswer: Promise<void> = Promise.resolve();
  const self = {
    reachable: true,
    revisionsSeen: [] as number[],
    observations: () => record.piece.observations.map((it) => it.id),
    /** Keeps changes waiting until what it returns is called. */
    hold: (): (() => void) => {
      let release = () => {};
      mayAnswer = new Promise((resolve) => (release = resolve));
      return release;
    },
    /** Somebody else changes the piece on another phone. */
    elsewhere: put,
    fetch: async (request: Request): Promise<Response> => {
      if (!self.reachable) throw new TypeError('Failed to fetch');
      if (request.url.endsWith('/shop')) return reply(200, { ...USUAL_SHOP, units: 'us' });
      if (request.method === 'GET') return reply(200, [record]);
      const body = (await request.json()) as { revision: number; change: Change };
      self.revisionsSeen.push(body.revision);
      // As slow as a garage's Wi-Fi, so that two taps overlap.
      await new Promise((resolve) => setTimeout(resolve, 20));
      await mayAnswer;
      if (body.revision !== record.revision) return reply(409, { detail: 'Changed meanwhile' });
      put(body.change);
      return reply(200, record);
    },
  };
  return self;
};

const wrapper = ({ children }: { readonly children: ReactNode }) => (
  <Provider store={store}>{children}</Provider>
);

const openTable = async () => {
  const server = makeServer();
  globalThis.fetch = ((input: Request) => server.fetch(input)) as typeof fetch;
  store.dispatch(api.util.resetApiState());
  store.dispatch(noticeGone());
  const { result } = renderHook(
    () => ({
      change: useChange(),
      shown: usePieceRecord('low-table'),
      notice: useNotice(),
      shop: useShop(),
    }),
    { wrapper },
  );
  await waitFor(() => expect(result.current.shown.record).toBeDefined());
  return {
    server,
    now: () => result.current,
    shownIds: () => result.current.shown.record?.piece.observations.map((it) => it.id),
    make: (it: Change, done = 'On record.') => result.current.change('low-table', it, done),
  };
};

describe('a change to a piece', () => {
  it('is shown before the server has answered, then stored, with its undo at hand', async () => {
    const table = await openTable();
    const release = table.server.hold();
    let stored: Promise<boolean> | undefined;
    await act(async () => {
      stored = table.make(CHIP);
    });
    await waitFor(() => expect(table.shownIds()).toEqual(['a']));
    expect(table.server.observations()).toEqual([]);
    release();
    await act(async () => expect(await stored).toBe(true));
    expect(table.server.observations()).toEqual(['a']);
    expect(table.now().notice).toEqual({
      text: 'On record.',
      tone: 'plain',
      undo: { pieceId: 'low-table', change: { kind: 'withdraw', observationId: 'a' } },
    });
  });

  it('made while another is under way waits its turn: two quick taps are both stored', async () => {
    const table = await openTable();
    await act(async () => {
      const both = await Promise.all([table.make(CHIP), table.make(TAP)]);
      expect(both).toEqual([true, true]);
    });
    expect(table.server.revisionsSeen).toEqual([1, 2]);
    expect(table.server.observations()).toEqual(['a', 'b']);
  });

  it('without a connection is taken off the screen again, and said so', async () => {
    const table = await openTable();
    table.server.reachable = false;
    await act(async () => expect(await table.make(CHIP)).toBe(false));
    await waitFor(() => expect(table.shownIds()).toEqual([]));
    expect(table.now().notice?.text).toMatch(/No connection.*Nothing is lost/);
    table.server.reachable = true;
    await act(async () => expect(await table.make(CHIP)).toBe(true));
    expect(table.server.observations()).toEqual(['a']);
  });

  it('on a piece changed elsewhere is refused, what is there is loaded, and repeating it works', async () => {
    const table = await openTable();
    table.server.elsewhere(TAP);
    await act(async () => expect(await table.make(CHIP)).toBe(false));
    expect(table.now().notice?.text).toMatch(/changed elsewhere/);
    await waitFor(() => expect(table.shownIds()).toEqual(['b']));
    await act(async () => expect(await table.make(CHIP)).toBe(true));
    expect(table.server.observations()).toEqual(['b', 'a']);
  });

  it('of a piece that is not there changes nothing', async () => {
    const table = await openTable();
    await act(async () =>
      expect(await table.now().change('nobody', CHIP, 'On record.')).toBe(false),
    );
    expect(table.server.revisionsSeen).toEqual([]);
  });
});

it('the shop has its usual settings until the server has told others', async () => {
  const table = await openTable();
  await waitFor(() => expect(table.now().shop.units).toBe('us'));
});
