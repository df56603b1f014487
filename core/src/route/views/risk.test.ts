import { USUAL_SHOP, shop as shopSchema, type Scheme } from '../../piece';
import { clear, painted, pieceOf, stained, type Told } from '../../testing/pieces';
import type { Risk } from '../../work';
import { tollFor } from '../../testing/asCase';
import { RISKS, planRoute, worstOf } from '..';

// What may go wrong, and what takes the danger away (common practice, no source).

type Kind = Risk['kind'];

const chanceOf = (kind: Kind, told: Told, schools: Record<string, string> = {}): number => {
  const shop = shopSchema.parse({ schools });
  const { operations } = planRoute(pieceOf(told), shop);
  const all = operations.flatMap((it) => it.risks).filter((it) => it.kind === kind);
  return Math.max(0, ...all.map((it) => it.chance));
};
const top = (known: Record<string, string>, scheme: Scheme, rest: Told = {}): Told => ({
  template: 'table',
  known: { top: known },
  aims: { top: scheme },
  ...rest,
});
const OAK = { substrate: 'hardwood', wood: 'ringPorous', finish: 'lacquer' };

describe('stain that comes through', () => {
  it('is likely through plain primer under white, and hardly through shellac', () => {
    const plain = chanceOf('bleed', top({ ...OAK, bleed: 'none', wood: 'pale' }, painted('white')));
    const tannin = top({ ...OAK, bleed: 'tannin' }, painted('white'));
    expect(plain).toBe(0);
    expect(chanceOf('bleed', tannin)).toBeLessThan(0.05);
    expect(chanceOf('bleed', tannin, { blocker: 'clear' })).toBeGreaterThanOrEqual(
      chanceOf('bleed', tannin),
    );
  });

  it('does not show in a dark colour', () => {
    expect(chanceOf('bleed', top({ ...OAK, bleed: 'tannin' }, painted('dark')))).toBe(0);
  });
});

it('paint on a factory film peels least over bonding primer, and for certain over none', () => {
  const slick = (bleed: string) =>
    top({ substrate: 'hardwood', wood: 'ringPorous', finish: 'factory', bleed }, painted('pale'));
  const overBonding = chanceOf('peel', slick('none'));
  const overShellac = chanceOf('peel', slick('tannin'));
  expect(overBonding).toBeLessThan(overShellac);
  expect(overShellac).toBeLessThan(0.3);
  expect(chanceOf('peel', top(OAK, painted('mid')))).toBe(0);
});

it('wax that may be there is a danger until it is likely enough to be taken off', () => {
  const unsure: Told = { template: 'table', years: [1930, 1950], aims: { top: painted('mid') } };
  expect(chanceOf('wax', unsure)).toBeGreaterThan(0);
  expect(chanceOf('wax', top({ ...OAK, finish: 'wax' }, painted('mid')))).toBe(0);
});

it('washing wet may lift what is not known to be solid; what is known thin is wiped damp', () => {
  const unsure: Told = { template: 'table', aims: { top: painted('mid') } };
  expect(chanceOf('water', top(OAK, painted('mid')))).toBe(0);
  expect(chanceOf('water', top({ ...OAK, substrate: 'veneerCore' }, painted('mid')))).toBe(0);
  expect(chanceOf('water', unsure)).toBeGreaterThanOrEqual(0);
});

it('stain takes in blotches on blotchy wood, unless it is conditioned first', () => {
  const maple = top({ ...OAK, wood: 'pale' }, stained());
  expect(chanceOf('blotches', maple)).toBe(0);
  const unsure: Told = {
    template: 'table',
    seen: { top: ['chip:wood-through', 'edge-grain:turns-corner'] },
    aims: { top: stained() },
  };
  const conditions = planRoute(pieceOf(unsure), USUAL_SHOP).operations.some(
    (it) => it.coating === 'conditioner',
  );
  expect(chanceOf('blotches', unsure) > 0).toBe(!conditions);
});

it('a fill shows under clear and not under paint', () => {
  const dented = (scheme: Scheme) => top(OAK, scheme, { found: { top: ['gouge'] } });
  expect(chanceOf('repairShows', dented(clear()))).toBeGreaterThan(0.3);
  expect(chanceOf('repairShows', dented(painted('mid')))).toBe(0);
});

it('a face that may be print is a danger to whoever strips it for its wood', () => {
  const doubtful: Told = {
    template: 'table',
    seen: { top: ['chip:thin-wood', 'touch:dead-smooth'] },
    aims: { top: clear() },
  };
  expect(chanceOf('noWood', doubtful)).toBeGreaterThan(0.1);
  expect(chanceOf('noWood', top(OAK, clear()))).toBe(0);
});

it('sanding through is likelier on thin veneer than on thick, and no danger on solid wood', () => {
  const veneer = (mm: number) =>
    top({ ...OAK, substrate: 'veneerCore' }, stained(), {
      readings: { top: { 'veneer-thickness': mm } },
    });
  expect(chanceOf('sandThrough', veneer(0.45))).toBeGreaterThan(
    chanceOf('sandThrough', veneer(0.7)),
  );
  expect(chanceOf('sandThrough', top(OAK, stained()))).toBe(0);
});

it('of each kind the likeliest surface speaks for the piece, the likeliest kind first', () => {
  const risks: Risk[] = [
    { kind: 'peel', surfaceId: 'top', chance: 0.1 },
    { kind: 'peel', surfaceId: 'legs', chance: 0.3 },
    { kind: 'wax', surfaceId: 'top', chance: 0.5 },
  ];
  expect(worstOf(risks)).toEqual([risks[2], risks[1]]);
  for (const words of Object.values(RISKS)) expect(words).not.toMatch(/\bsafe\b/i);
});

it('the toll of a piece tells the risks of its own route', () => {
  const piece = pieceOf(top({ ...OAK }, clear(), { found: { top: ['gouge', 'crack'] } }));
  const { operations } = planRoute(piece, USUAL_SHOP);
  expect(tollFor(piece, USUAL_SHOP).risks).toEqual(worstOf(operations.flatMap((it) => it.risks)));
});
