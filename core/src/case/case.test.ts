import { asCase } from '../testing/asCase';
import { inspectPiece } from '../inspect';
import { USUAL_SHOP, shop as shopSchema } from '../piece';
import { planRoute } from '../route';
import { LEAVE, allAims, painted, pieceOf } from '../testing/pieces';

const piece = pieceOf({
  template: 'table',
  known: { top: { substrate: 'hardwood', wood: 'ringPorous', finish: 'lacquer', bleed: 'none' } },
  aims: { ...allAims('table', painted('mid')), underside: LEAVE },
});

describe('the case of a piece', () => {
  it('is one for all who ask about the same piece in the same shop', () => {
    const it = asCase(piece, USUAL_SHOP);
    expect(asCase(piece, USUAL_SHOP)).toBe(it);
    expect(it.route).toBe(asCase(piece, USUAL_SHOP).route);
    expect(it.beliefs).toBe(it.beliefs);
    expect(it.stacks).toBe(it.stacks);
    expect(it.advice('top')).toBe(it.advice('top'));
  });

  it('is another for a piece that was changed, or another shop', () => {
    const it = asCase(piece, USUAL_SHOP);
    expect(asCase({ ...piece }, USUAL_SHOP)).not.toBe(it);
    const other = shopSchema.parse({ schools: { betweenCoats: 'always' } });
    expect(asCase(piece, other).route.minutes).toBeGreaterThan(it.route.minutes);
  });

  it('says what the engines say by themselves', () => {
    const it = asCase(piece, USUAL_SHOP);
    expect(it.beliefs).toEqual(inspectPiece(piece, USUAL_SHOP));
    expect(it.route).toEqual(planRoute(piece, USUAL_SHOP));
    expect(it.refusals).toEqual(it.route.refusals);
    expect(it.looks).toHaveLength(it.beliefs.length);
  });

  it('gives the finish plan of a surface: primer, two coats of enamel, three of clear on top', () => {
    const plan = asCase(piece, USUAL_SHOP)
      .finishPlan('top')
      .map((one) => `${one.coating} ${one.nth}`);
    expect(plan).toEqual([
      'acrylic 1',
      'cabinetEnamel 1',
      'cabinetEnamel 2',
      'waterClear 1',
      'waterClear 2',
      'waterClear 3',
    ]);
    expect(asCase(piece, USUAL_SHOP).finishPlan('nowhere')).toEqual([]);
  });

  it('ends its core samples with what the finish plan laid', () => {
    const it = asCase(piece, USUAL_SHOP);
    const top = it.stacks.find((one) => one.surfaceId === 'top');
    const laid = top?.steps.at(-1)?.stack.layers.flatMap((one) => one.coat ?? []);
    expect(laid).toEqual(it.finishPlan('top'));
    expect(top?.found.layers.map((one) => one.layer.id)).toEqual(['hardwood', 'lacquer']);
  });

  it('knows what a surface can’t become, and what bare wood of it is sanded for', () => {
    const it = asCase(piece, USUAL_SHOP);
    expect(it.impossible(['top']).size).toBe(0);
    expect(it.faceSanding('top')?.task.targetGrit).toBe(150);
    expect(it.faceSanding('nowhere')).toBeUndefined();
    const nobody = pieceOf({ template: 'table' });
    expect(asCase(nobody, USUAL_SHOP).faceSanding('top')).toBeUndefined();
  });
});
