import { expect } from '@playwright/test';
import { movedClock, open, test } from './bench';
import { newFolder, startServer } from './server';

/* A new shop in any climate, room and month, with any hours: no screen of the plan falls over. */

const CLIMATES = ['coast', 'continental', 'humid', 'dry', 'heated'];
const ROOMS = ['outdoors', 'shed', 'cellar', 'house'];
const EVENINGS = [{ from: 18 * 60, to: 21 * 60 }];
const HOURS = [
  Array.from({ length: 7 }, () => EVENINGS),
  [[], [], [], [], [], [{ from: 540, to: 1080 }], [{ from: 600, to: 1020 }]],
  Array.from({ length: 7 }, () => []),
];
const MEASURES = { width: 900, depth: 450, height: 850, legHeight: 100, corniceHeight: 0 };
const MINUTES_IN_MONTH = 30.4 * 24 * 60;

/** Two by two every pair of climate, room, hours and month comes up in sixty shops. */
const SHOPS = Array.from({ length: 60 }, (_, at) => {
  const [month, nth] = [at % 12, Math.floor(at / 12)];
  return {
    month,
    climate: CLIMATES[nth],
    room: ROOMS[(month + nth) % ROOMS.length],
    hours: HOURS[(Math.floor(month / 4) + nth) % HOURS.length],
    south: (Math.floor(month / 2) + nth) % 2 === 1,
  };
});
/** A cold shed in January, and a cellar in December in which nobody has hours. */
const HARDEST = [12, 47];
/** The suite has time for those only; EVERY_SHOP=1 tries all. */
const TRIED = process.env.EVERY_SHOP ? SHOPS : SHOPS.filter((_, at) => HARDEST.includes(at));

const SCREENS = [
  '/today',
  '/week',
  '/pieces/chest/clock',
  '/pieces/chest/bench',
  '/pieces/chest/costs',
];

test('a new shop opens its plan in any climate, room and month', async ({ page }) => {
  test.setTimeout(TRIED.length * 60_000);
  const { folder, remove } = newFolder();
  const { url, kill } = await startServer(folder, 0, false);
  const moveTo = await movedClock(page);
  const tell = async (nth: number, pieceId: string | null, change: object) => {
    const entry = { id: `told-${nth}`, pieceId, change, device: 'test', baseSeq: 0 };
    const at = new Date(Date.now() - 3_600_000 + nth * 1000).toISOString();
    const answer = await page.request.post(`${url}/api/entries`, {
      data: { entries: [{ ...entry, at }] },
    });
    expect(await answer.text()).toContain('"stored"');
  };
  const body = { id: '', kind: 'carcass', measures: MEASURES };
  await tell(0, 'chest', {
    kind: 'takenIn',
    description: {
      name: 'Chest',
      build: { startedFrom: 'chest', bodies: [body] },
      yearFrom: 1991,
      yearTo: 1995,
    },
  });
  const scheme = { kind: 'painted', shade: 'pale', topcoat: 'waterborne', colour: '#e9e4d8' };
  const aims = [{ surfaceId: 'top', scheme, stripWish: 'best' }];
  await tell(1, 'chest', { kind: 'aim', surfaceIds: ['top'], aims });
  for (const [nth, { month, climate, room, hours, south }] of TRIED.entries()) {
    const name = `${climate} ${south ? 'south' : 'north'}, ${room}, month ${month + 1}`;
    await test.step(name, async () => {
      await tell(2 + nth, null, {
        kind: 'shopSet',
        settings: {
          spaces: [{ id: 'shop', name: 'Shop', room }],
          people: [{ id: 'me', name: 'Me', hours }],
          air: { kind: 'typical', climate, south },
        },
      });
      await moveTo((month + 1) * MINUTES_IN_MONTH);
      for (const screen of SCREENS) {
        await open(page, url + screen);
        const main = page.getByRole('main').first();
        await expect
          .soft(main, `${name} ${screen}`)
          .not.toContainText(/being (computed|worked out)|Working out/, { timeout: 30_000 });
        // A screen that has its piece and shop has something to say.
        await expect.poll(async () => (await main.innerText()).length, name).toBeGreaterThan(80);
        expect
          .soft(await main.innerText(), `${name} ${screen}`)
          .not.toMatch(/NaN|Infinity|Invalid|undefined|This screen failed|can’t be shown/i);
      }
    });
  }
  await page.unrouteAll({ behavior: 'ignoreErrors' });
  await kill();
  remove();
});
