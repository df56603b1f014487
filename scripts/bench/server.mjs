// How fast the server answers with two thousand pieces on record.
import { setTimeout as pause } from 'node:timers/promises';
import autocannon from 'autocannon';
import { startServer } from './started.mjs';

const PIECES = 2000;
const LOOKS = 8;
const SECONDS = 6;

const AT = '2026-03-01T08:00:00Z';
const build = {
  bodies: [
    {
      id: '',
      kind: 'carcass',
      measures: { width: 900, depth: 450, height: 850, legHeight: 100, corniceHeight: 0 },
    },
  ],
};

const entry = (id, pieceId, change) => ({ id, pieceId, change, at: AT, device: 'bench' });
const observation = (id) => ({ id, surfaceId: 'top', testId: 'tap', outcome: 'full', at: AT });
const entriesOf = (n) => [
  entry(`in-${n}`, `p-${n}`, {
    kind: 'takenIn',
    description: {
      name: `Chest ${n}`,
      build,
      yearFrom: 1930,
      yearTo: 1940,
    },
  }),
  ...Array.from({ length: LOOKS }, (_, look) =>
    entry(`o-${n}-${look}`, `p-${n}`, {
      kind: 'observe',
      observation: observation(`o-${n}-${look}`),
    }),
  ),
];

const post = (url, entries) =>
  fetch(`${url}/api/entries`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ entries }),
  });

/** Is the last card planned, and so all before it? */
const allPlanned = async (url) => {
  const response = await fetch(`${url}/api/pieces?after=${PIECES - 1}`);
  const { pieces } = await response.json();
  return pieces[0]?.planned !== null;
};

const row = (name, { times, result: { requests, non2xx } }, aim) => {
  const sorted = [...times].sort((a, b) => a - b);
  const at = (share) => sorted[Math.floor(sorted.length * share)].toFixed(0).padStart(5);
  const failed = non2xx > 0 ? `  ${non2xx} failed` : '';
  console.log(
    `${name.padEnd(44)} p50 ${at(0.5)} ms  p95 ${at(0.95)} ms  ${String(Math.round(requests.average)).padStart(6)}/s  aim ${aim}${failed}`,
  );
};

const server = await startServer();
try {
  console.log(`${PIECES} pieces, ${LOOKS + 1} entries each`);
  for (let from = 0; from < PIECES; from += 20) {
    await post(
      server.url,
      Array.from({ length: 20 }, (_, index) => entriesOf(from + index)).flat(),
    );
  }
  // Cards are planned behind the scenes; what is measured is the shop at rest.
  for (let waited = 0; waited < 300 && !(await allPlanned(server.url)); waited++) await pause(1000);
  const gun = async (options) => {
    const times = [];
    const shooting = autocannon({
      connections: 8,
      duration: SECONDS,
      ...options,
      url: server.url + options.url,
    });
    shooting.on('response', (_client, _status, _bytes, ms) => times.push(ms));
    return { times, result: await shooting };
  };
  row('list, first page of 50', await gun({ url: '/api/pieces?limit=50' }), 'p95 < 20 ms');
  let turn = 0;
  row(
    'one piece, another each time',
    await gun({
      url: '/api/pieces/p-0',
      requests: [
        {
          setupRequest: (request) => ({
            ...request,
            path: `/api/pieces/p-${(turn = (turn + 7) % PIECES)}`,
          }),
        },
      ],
    }),
    'p95 < 20 ms, > 500/s',
  );
  let serial = 0;
  row(
    'an entry acknowledged, 8 writers',
    await gun({
      url: '/api/entries',
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      requests: [
        {
          setupRequest: (request) => {
            const id = `w-${++serial}`;
            const pieceId = `p-${serial % PIECES}`;
            const change = { kind: 'observe', observation: observation(id) };
            return { ...request, body: JSON.stringify({ entries: [entry(id, pieceId, change)] }) };
          },
        },
      ],
    }),
    'p95 < 30 ms',
  );
} finally {
  await server.stop();
}
