import { USUAL_SHOP } from '@obrik/core/piece';
import { planRoute } from '@obrik/core/route';
import { needsOf, takenBy } from '@obrik/core/needs';
import { tableFor } from '@/testing/table';

const table = tableFor({ kind: 'painted', shade: 'pale', topcoat: 'none' });
const route = planRoute(table, USUAL_SHOP);
const { operations, tasks } = route;
const usesAt = (isIt: (it: (typeof operations)[number]) => boolean) => {
  const operation = operations.find(isIt);
  return takenBy(
    table,
    tasks.filter((it) => operation?.taskKeys.includes(it.key)),
  );
};

it('a coat is asked for by its colour, so that the right can is counted down', () => {
  const [paint] = usesAt((it) => it.coating === 'cabinetEnamel').filter(
    (it) => it.material === 'cabinetEnamel',
  );
  // The typical colour of a pale shade, as the palette has it.
  expect(paint?.colour).toBe('#d9c9a8');
  expect(paint?.quantity).toBeGreaterThan(0.1);
});

// By hand, as a bench knows it: what is used up is asked for, what only lies ready is not.
it.each([
  ['damp-wipe', ['degreaser', 'cloths']],
  ['coat-cabinetEnamel', ['cabinetEnamel']],
  ['prime-pigmentedShellac', ['pigmentedShellac']],
])('%s asks for %j', (method, materials) => {
  const told = usesAt((it) => it.method === method).map((it) => it.material);
  expect(told).toEqual(expect.arrayContaining(materials));
});

it('what only lies ready is not asked for', () => {
  const asked = operations.flatMap((operation) => usesAt((it) => it === operation));
  expect(asked.filter((it) => /^(pencil|clamps|scraper|chisel|roller)$/.test(it.material))).toEqual(
    [],
  );
  expect(asked.every((it) => it.quantity > 0)).toBe(true);
});

it('the bench asks for what the list buys: never for paper where discs were bought', () => {
  const bought = new Set(needsOf([{ piece: table, route }]).map((it) => it.material));
  for (const it of takenBy(table, tasks)) expect(bought).toContain(it.material);
});
