import { USUAL_SHOP } from '../../piece';
import OLD from '../../testing/kept-route-1.json';
import { painted, pieceOf } from '../../testing/pieces';
import { KEPT_ROUTE, KEPT_ROUTE_VERSION, MIGRATIONS, keep, planRoute, readKept } from '..';

// Routes that were kept stay readable as they were, whatever a route has become since.

const piece = pieceOf({ template: 'table', aims: { top: painted('mid') } });
const planned = planRoute(piece, USUAL_SHOP);

describe('a kept route', () => {
  it('of today is read as it was kept', () => {
    const kept = keep(planned, USUAL_SHOP);
    expect(readKept(JSON.parse(JSON.stringify(kept)))).toEqual(kept);
    expect(kept).toMatchObject({ type: KEPT_ROUTE, version: KEPT_ROUTE_VERSION });
    expect(kept.route.operations.map((it) => [it.title, it.minutes, it.taskKeys])).toEqual(
      planned.operations.map((it) => [it.title, it.minutes, it.taskKeys]),
    );
  });

  it('leaves out what is planned anew where it is needed', () => {
    const text = JSON.stringify(keep(planned, USUAL_SHOP));
    expect(Object.keys(keep(planned, USUAL_SHOP).route)).not.toContain('graph');
    expect(text.length).toBeLessThan(JSON.stringify(planned).length / 2);
  });

  it('of before tasks keeps its steps, reasons, waits and refusals word for word', () => {
    const kept = readKept({ shop: USUAL_SHOP, route: OLD });
    expect(kept.version).toBe(KEPT_ROUTE_VERSION);
    const [step] = kept.route.operations;
    const [before] = OLD.operations as readonly Record<string, unknown>[];
    for (const field of [
      'id',
      'title',
      'how',
      'minutes',
      'wait',
      'materials',
      'reasons',
      'grits',
    ]) {
      expect(step?.[field as 'id']).toEqual(before?.[field]);
    }
    expect(kept.route.refusals[0]).toMatchObject({
      surfaceIds: ['top'],
      title: 'No invisible patch on the top',
    });
    expect(kept.route.minutes).toBe(OLD.minutes);
  });

  it('of the first version that says so is read the same way', () => {
    expect(readKept({ type: KEPT_ROUTE, version: 1, shop: USUAL_SHOP, route: OLD })).toEqual(
      readKept({ shop: USUAL_SHOP, route: OLD }),
    );
  });

  it('of a newer program is not guessed at: it says what to do, and that nothing is lost', () => {
    expect(() => readKept({ type: KEPT_ROUTE, version: 99, shop: USUAL_SHOP, route: OLD })).toThrow(
      /newer Obrik.*version 99.*Update Obrik.*nothing is lost/,
    );
  });

  it('that is none is refused', () => {
    for (const stored of [null, {}, { route: 'x' }, { version: 2 }, []]) {
      expect(() => readKept(stored)).toThrow();
    }
  });

  it('there is a step from each version to the next, each with a name of its own', () => {
    expect(MIGRATIONS.map((it) => it.from)).toEqual(
      Array.from({ length: KEPT_ROUTE_VERSION - 1 }, (_, index) => index + 1),
    );
    expect(new Set(MIGRATIONS.map((it) => it.id)).size).toBe(MIGRATIONS.length);
  });
});
