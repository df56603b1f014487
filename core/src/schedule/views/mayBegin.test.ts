import { asCase } from '../../testing/asCase';
import { USUAL_SHOP } from '../../piece';
import { allAims, painted, pieceOf } from '../../testing/pieces';
import { DONE_AT, workedTo } from '../../testing/worked';
import { againstIt, isHeldByHarm, settingNow } from '..';

// What covers layers that nobody has tested hides them from the test (common practice, no source).
const OLD = pieceOf({
  template: 'table',
  years: [1930, 1939],
  seen: { top: ['see-through:opaque'] },
  known: { top: { finish: 'alkyd' } },
  aims: { top: painted('mid') },
});

it('over untested lead nothing can be done: a coat names the lead test as the harm that holds it', () => {
  const it = asCase(OLD, USUAL_SHOP);
  const coat = it.route.operations.find((one) => one.coats);
  const against = coat && againstIt(it, coat, [], 0);
  expect(against && isHeldByHarm(against)).toBe(true);
  expect(against?.harms.map((it) => it.title)).toContain('Test every layer for lead');
  expect(against?.first.some((one) => /^Scuff/.test(one.title))).toBe(true);
});

it('after the last waterborne coat parts wait a day to three, wherever they go on; the next coat less', () => {
  // Trade: plates, doors and drawer fronts 24–72 h after the last waterborne coat (common practice, no source).
  const chest = pieceOf({ template: 'chest', aims: allAims('chest', painted('mid')) });
  const fresh = asCase(chest, USUAL_SHOP).route;
  const last = fresh.tasks.findLast((one) => one.traits.lays?.series === 'paint');
  const worked = workedTo(chest, USUAL_SHOP, last?.key ?? '');
  const { route, steps } = asCase(worked, USUAL_SHOP);
  const parts = route.operations.find((one) => one.phase === 'reassemble');
  const coat = route.operations.find((one) => one.coats && one.phase === 'protect');
  const wetAfter = (hours: number, step = parts) => {
    const now = Date.parse(DONE_AT) / 60_000 + hours * 60;
    if (!step) throw new Error('No such step.');
    return againstIt({ route, steps }, step, settingNow(worked, USUAL_SHOP, now), now).wet.length;
  };
  expect([wetAfter(12) > 0, wetAfter(22) > 0, wetAfter(80)]).toEqual([true, true, 0]);
  expect([wetAfter(1, coat) > 0, wetAfter(44, coat), wetAfter(44) > 0]).toEqual([true, 0, true]);
});
