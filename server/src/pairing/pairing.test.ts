import { takenIn, testServer, type TestServer } from '../testing/server';

/** A server on a network: nobody asks from its own machine; the code is heard where it runs. */
let server: TestServer;
let shown: string[];
let now: Date;
beforeEach(async () => {
  shown = [];
  now = new Date('2026-03-01T09:00:00Z');
  server = await testServer(undefined, {
    pairing: true,
    isHere: () => false,
    showCode: (code) => shown.push(code),
    now: () => now,
  });
});
afterEach(() => server.close());

const askCode = async (): Promise<string> => {
  await server.api.post('/api/pairing/codes').expect(200);
  return shown.at(-1) ?? '';
};
const pair = (code: string, name = 'Runa’s phone') =>
  server.api.post('/api/pairing').send({ code, name });
const cookieOf = (response: { headers: Record<string, unknown> }): string =>
  String((response.headers['set-cookie'] as string[] | undefined)?.[0] ?? '');
const wrongFor = (code: string) => (code === '000000' ? '111111' : '000000');

it('without pairing nothing is read and nothing is written', async () => {
  for (const address of ['/api/pieces', '/api/entries', '/api/shop', '/api/news', '/api/paired']) {
    expect([address, (await server.api.get(address)).status]).toEqual([address, 401]);
  }
  const { status } = await server.api.post('/api/entries').send({ entries: [takenIn()] });
  expect(status).toBe(401);
  expect((await server.api.get('/api/pairing')).body).toEqual({ paired: false, encrypted: false });
});

it('a code from the server’s console lets one device in, by a cookie that no script reads', async () => {
  const code = await askCode();
  expect(code).toMatch(/^\d{6}$/);
  const cookie = cookieOf(await pair(code).expect(200));
  expect(cookie).toMatch(/HttpOnly/);
  expect(cookie).toMatch(/SameSite=Strict/);
  const asPaired = (address: string) => server.api.get(address).set('Cookie', cookie);
  expect((await asPaired('/api/pieces')).status).toBe(200);
  expect((await asPaired('/api/paired')).body).toMatchObject([{ name: 'Runa’s phone' }]);
  // Used up: a second device needs a code of its own.
  expect((await pair(code)).status).toBe(422);
});

it('the token is stored only as what can’t be turned back', async () => {
  const cookie = cookieOf(await pair(await askCode()));
  const token = /obrik-device=([^;]+)/.exec(cookie)?.[1] ?? '?';
  const [row] = await server.database.models.devices.findAll({ raw: true });
  expect(token.length).toBeGreaterThan(40);
  expect(JSON.stringify(row)).not.toContain(token);
});

it('a code ends after ten minutes, and after five wrong tries', async () => {
  const late = await askCode();
  now = new Date(now.getTime() + 10 * 60_000 + 1);
  expect((await pair(late)).status).toBe(422);
  const code = await askCode();
  for (let tries = 0; tries < 5; tries++) {
    expect((await pair(wrongFor(code))).status).toBe(422);
  }
  expect((await pair(code)).status).toBe(422);
});

it('guessing is slowed down: more than ten tries a minute are turned away', async () => {
  await askCode();
  const statuses: number[] = [];
  for (let tries = 0; tries < 12; tries++) statuses.push((await pair('000000')).status);
  expect(statuses.at(-1)).toBe(429);
});

it('a device that is removed comes in no longer', async () => {
  const cookie = cookieOf(await pair(await askCode()));
  const { body } = await server.api.get('/api/paired').set('Cookie', cookie);
  const [{ id }] = body as [{ id: string }];
  await server.api.delete(`/api/paired/${id}`).set('Cookie', cookie).expect(200);
  expect((await server.api.get('/api/pieces').set('Cookie', cookie)).status).toBe(401);
});

it('the key of a calendar reads the plan, nothing else, and is removed like a device', async () => {
  const cookie = cookieOf(await pair(await askCode()));
  const asked = await server.api.post('/api/calendar/addresses').set('Cookie', cookie).expect(200);
  const { path } = asked.body as { path: string };
  expect((await server.api.get(path)).status).toBe(200);
  const key = path.split('key=')[1] ?? '';
  for (const address of ['/api/pieces', '/api/schedule', '/api/shop', '/api/paired']) {
    expect([address, (await server.api.get(`${address}?key=${key}`)).status]).toEqual([
      address,
      401,
    ]);
    const asCookie = await server.api.get(address).set('Cookie', `obrik-device=${key}`);
    expect([address, asCookie.status]).toEqual([address, 401]);
  }
  expect((await server.api.get('/api/calendar.ics?key=cal.guessed')).status).toBe(401);
  expect((await server.api.get('/api/calendar.ics')).status).toBe(401);
  const { body } = await server.api.get('/api/paired').set('Cookie', cookie);
  const calendar = (body as { id: string; name: string }[]).find((it) => /calendar/.test(it.name));
  await server.api.delete(`/api/paired/${calendar?.id}`).set('Cookie', cookie).expect(200);
  expect((await server.api.get(path)).status).toBe(401);
});
