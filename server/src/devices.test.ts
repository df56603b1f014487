import { equilibriumMoisture } from '@obrik/core/climate';
import { simulatedDevices } from './devices/simulated';
import type { Meter } from './devices/device';
import { testServer, type TestServer } from './testing/server';

const device = (id: string, seed = 1): Meter => {
  const found = simulatedDevices(seed).find((it) => it.id === id);
  if (!found) throw new Error(`No meter ${id}`);
  return found;
};
const PLACE = { pieceId: 'p', surfaceId: 'top', layer: 1 };
const at = (second: number) => new Date(Date.UTC(2026, 0, 10, 12, 0, second));
const values = (id: string, place = PLACE, seed = 1) =>
  Array.from(
    { length: 200 },
    (_, second) => device(id, seed).read(place, at(second))[0]?.value ?? 0,
  );
const mean = (list: readonly number[]) => list.reduce((a, b) => a + b, 0) / list.length;

describe('simulated meters', () => {
  it.each(['thermo-hygrometer', 'moisture-meter', 'gloss-meter', 'lead-swab-reader'])(
    '%s shows the same for the same seed, place and second, and says that it is simulated',
    (id) => {
      expect(device(id).simulated).toBe(true);
      expect(device(id).read(PLACE, at(5))).toEqual(device(id).read(PLACE, at(5)));
    },
  );

  it('have noise about what is hidden at a place, and another truth elsewhere', () => {
    const here = values('gloss-meter');
    expect(new Set(here).size).toBeGreaterThan(5);
    expect(Math.max(...here) - Math.min(...here)).toBeLessThan(0.3 * mean(here) + 1);
    const there = values('gloss-meter', { ...PLACE, surfaceId: 'left' });
    expect(Math.abs(mean(here) - mean(there))).toBeGreaterThan(1);
  });

  it('drift over days', () => {
    const onDay = (day: number) =>
      mean(
        Array.from(
          { length: 60 },
          (_, second) =>
            device('thermo-hygrometer').read({}, new Date(Date.UTC(2026, 0, day, 12, 0, second)))[0]
              ?.value ?? 0,
        ),
      );
    const days = [1, 3, 5, 7, 9].map(onDay);
    expect(Math.max(...days) - Math.min(...days)).toBeGreaterThan(0.5);
  });

  it('measure wood at or above where it would rest in the shop’s air', () => {
    const [celsius, humidity] = device('thermo-hygrometer').read({}, at(0));
    const rest = equilibriumMoisture({
      celsius: celsius?.value ?? 0,
      humidity: humidity?.value ?? 0,
    });
    expect(mean(values('moisture-meter'))).toBeGreaterThan(rest - 1.5);
    expect(mean(values('moisture-meter'))).toBeLessThan(rest + 7);
  });

  it('swabs miss some lead and never find what is hardly there', () => {
    const found = Array.from({ length: 40 }, (_, index) => {
      const place = { ...PLACE, surfaceId: `s${index}` };
      const times = Array.from({ length: 50 }, (__, second) => at(second));
      return times.filter(
        (it) => device('lead-swab-reader').read(place, it)[0]?.outcome === 'found',
      ).length;
    });
    const leaded = found.filter((it) => it > 15);
    expect(leaded.length).toBeGreaterThan(4);
    expect(leaded.length).toBeLessThan(24);
    for (const it of leaded) expect(it).toBeLessThan(50);
  });
});

describe('meters over HTTP', () => {
  let server: TestServer;
  beforeAll(async () => {
    server = await testServer();
  });
  afterAll(() => server.close());

  it('are listed and read', async () => {
    const { body } = await server.api.get('/api/devices').expect(200);
    expect(body).toHaveLength(4);
    const reading = await server.api
      .post('/api/devices/moisture-meter/readings')
      .send({ pieceId: 'p', surfaceId: 'top' })
      .expect(200);
    expect(reading.body).toMatchObject({
      deviceId: 'moisture-meter',
      simulated: true,
      shown: [{ quantity: 'moisture', unit: '%' }],
    });
  });

  it('that are not there: 404; at a place that is none: 422', async () => {
    await server.api.post('/api/devices/x-ray/readings').send({}).expect(404);
    const { body } = await server.api
      .post('/api/devices/gloss-meter/readings')
      .send({ layer: 0 })
      .expect(422);
    expect(body.problems[0].path).toBe('layer');
  });
});
