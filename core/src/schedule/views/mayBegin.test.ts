import { asCase } from '../../testing/asCase';
import { USUAL_SHOP } from '../../piece';
import { painted, pieceOf } from '../../testing/pieces';
import { againstIt, isHeldByHarm } from '..';

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
