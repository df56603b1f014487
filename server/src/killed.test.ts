import { spawn, type ChildProcess } from 'node:child_process';
import path from 'node:path';
import { foldPiece, readLine, type PieceLedger } from '@obrik/core/ledger';
import { openDatabase } from './store/database';
import { ledgerStore } from './store/ledger';
import { OBSERVATION, entryOf, folder, takenIn } from './testing/server';

const ROOT = path.join(__dirname, '../..');

/** The real server in a process of its own, on a file. */
const start = (file: string): Promise<{ readonly child: ChildProcess; readonly url: string }> =>
  new Promise((resolve, reject) => {
    const child = spawn('node', ['--import', 'tsx', 'server/src/main.ts'], {
      cwd: ROOT,
      env: { ...process.env, PORT: '0', DB_FILE: file, LOG_LEVEL: 'silent' },
    });
    let said = '';
    const hear = (bytes: Buffer): void => {
      said += String(bytes);
      const url = /http:\/\/[\d.]+:\d+/.exec(said)?.[0];
      if (url) resolve({ child, url });
    };
    child.stdout.on('data', hear);
    child.stderr.on('data', hear);
    child.on('exit', () => reject(new Error(`The server ended: ${said}`)));
  });

const gone = (child: ChildProcess): Promise<unknown> =>
  new Promise((resolve) => child.once('exit', resolve));

interface Answer {
  readonly receipts: readonly { readonly id: string; readonly outcome: string }[];
}

const post = async (url: string, entries: readonly object[]): Promise<Answer> => {
  const response = await fetch(`${url}/api/entries`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ entries }),
  });
  return (await response.json()) as Answer;
};

let place: ReturnType<typeof folder>;
beforeEach(() => {
  place = folder();
});
afterEach(() => place.remove());

it('kept every acknowledged entry once through 6 kills while hundreds are written', async () => {
  const file = place.at('killed.sqlite');
  const acknowledged = new Set<string>();
  const sent = new Map<string, object>();
  let round = 0;
  for (; round < 6; round++) {
    const { child, url } = await start(file);
    const ended = gone(child);
    if (round === 0) await post(url, [takenIn({ id: 'first' })]);
    // What was not acknowledged before the kill is sent again, as a device does.
    const again = [...sent].filter(([id]) => !acknowledged.has(id)).map(([, it]) => it);
    const fresh = Array.from({ length: 50 - Math.min(49, again.length) }, (_, index) => {
      const id = `r${round}-${index}`;
      const it = entryOf(
        { kind: 'observe', observation: { ...OBSERVATION, id } },
        { id, device: `phone-${index % 4}` },
      );
      sent.set(id, it);
      return it;
    });
    const killAfter = 10 + ((round * 7) % 30);
    let answered = 0;
    await Promise.all(
      [...again, ...fresh].map(async (it) => {
        const answer = await post(url, [it]).catch(() => undefined);
        for (const one of answer?.receipts ?? []) {
          expect(one.outcome).toMatch(/stored|known/);
          acknowledged.add(one.id);
        }
        if (++answered === killAfter) child.kill('SIGKILL');
      }),
    );
    child.kill('SIGKILL');
    await ended;
  }
  const database = await openDatabase(file);
  const ledger = ledgerStore(database);
  const { entries } = await ledger.ofPiece('chest-1');
  const ids = entries.map((it) => it.sent.id);
  expect(new Set(ids).size).toBe(ids.length);
  expect([...acknowledged].filter((it) => !ids.includes(it))).toEqual([]);
  expect(acknowledged.size).toBeGreaterThan(100);
  const snapshot: PieceLedger | undefined = await ledger.piece('chest-1');
  const read = entries.map(readLine).flatMap((it) => (it.ok ? [it.value] : []));
  expect(foldPiece(read)).toEqual(snapshot);
  await database.close();
}, 300_000);

it('starts its threads, and answers what takes long from them', async () => {
  const { child, url } = await start(place.at('threads.sqlite'));
  const ended = gone(child);
  await post(url, [takenIn()]);
  const pdf = await fetch(`${url}/api/pieces/chest-1/route.pdf`);
  expect(pdf.status).toBe(200);
  expect(
    Buffer.from(await pdf.arrayBuffer())
      .subarray(0, 5)
      .toString(),
  ).toBe('%PDF-');
  const ways = await fetch(`${url}/api/pieces/chest-1/what-ifs`);
  expect(ways.status).toBe(200);
  expect(Array.isArray(await ways.json())).toBe(true);
  child.kill('SIGTERM');
  await ended;
}, 60_000);
