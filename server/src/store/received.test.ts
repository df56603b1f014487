import { QueryTypes } from 'sequelize';
import { NOW, OBSERVATION, folder, takenIn, withDatabase } from '../testing/server';
import type { Database } from './database';
import { ledgerStore } from './ledger';

let place: ReturnType<typeof folder>;
beforeEach(() => {
  place = folder();
});
afterEach(() => place.remove());

/** An entry as devices wrote it before each kind of change had its own version. */
const olderEntry = (version: number | undefined, more: object = {}) => ({
  id: 'older',
  pieceId: 'chest-1',
  ...(version === undefined ? {} : { version }),
  deed: {
    kind: 'log',
    lines: [
      { of: 'used', id: 'u', at: OBSERVATION.at, material: 'woodGlue', quantity: 0.1, ...more },
    ],
  },
  at: OBSERVATION.at,
  device: 'bench',
  by: '',
  knew: 1,
});

const inRecord = (work: (ledger: ReturnType<typeof ledgerStore>, at: Database) => Promise<void>) =>
  withDatabase(place.at('record.sqlite'), async (database) => {
    const ledger = ledgerStore(database);
    await ledger.add([takenIn()], NOW);
    await work(ledger, database);
  });

it('what was received is kept as it was received, whatever is read into it', () =>
  inRecord(async (ledger, { sequelize }) => {
    const sent = { ...olderEntry(4), somethingNew: { of: [1, 2] } };
    await ledger.add([sent], NOW);
    const rows = await sequelize.query<{ sent: string }>('SELECT sent FROM entries WHERE seq = 2', {
      type: QueryTypes.SELECT,
    });
    expect(rows[0]?.sent).toBe(JSON.stringify(sent));
    expect((await ledger.ofPiece('chest-1')).entries[1]?.sent).toEqual(sent);
    // Read as of today: from a time when nobody wrote down the container.
    expect((await ledger.piece('chest-1'))?.piece.log).toMatchObject([{ containerId: null }]);
  }));

it('sent again it is known, with another place named; said otherwise under its id it is refused', () =>
  inRecord(async (ledger) => {
    await ledger.add([olderEntry(4)], NOW);
    const outcome = async (it: Record<string, unknown>) =>
      (await ledger.add([it], NOW)).map((one) => one.outcome);
    expect(await outcome(olderEntry(4))).toEqual(['known']);
    expect(await outcome({ ...olderEntry(4), knew: 0 })).toEqual(['known']);
    // Read today both say the same; they were not the same when they were sent.
    expect(await outcome(olderEntry(4, { containerId: null }))).toEqual(['refused']);
  }));

it('a line stored at version 4 is known when its device sends it again at version 5', () =>
  inRecord(async (ledger, { write }) => {
    await ledger.add([olderEntry(4)], NOW);
    // As it stands in a record of before: what was made of it, and no hash.
    const stored = olderEntry(4, { containerId: null, colour: null, lot: '', note: '' });
    await write(({ entries }) =>
      entries.update({ sent: JSON.stringify(stored), hash: null }, { where: { seq: 2 } }),
    );
    const again = (it: Record<string, unknown>) => ledger.add([it], NOW);
    expect(await again(olderEntry(5))).toMatchObject([{ outcome: 'known', seq: 2 }]);
    expect(await again(olderEntry(5, { quantity: 0.2 }))).toMatchObject([{ outcome: 'refused' }]);
  }));

it('an entry that names no version is the oldest, and one of a newer Obrik says so', () =>
  inRecord(async (ledger) => {
    const [oldest, newer, never] = await ledger.add(
      [
        olderEntry(undefined),
        { ...takenIn({ pieceId: 'b' }), id: 'b', form: 'obrik.takenIn/99' },
        { ...olderEntry(7), id: 'c' },
      ],
      NOW,
    );
    expect(oldest?.outcome).toBe('stored');
    expect(newer).toMatchObject({
      problems: [{ path: 'form', message: expect.stringMatching(/newer Obrik wrote this/) }],
    });
    expect(never).toMatchObject({ problems: [{ path: 'version' }] });
  }));
