import { asCase } from '../testing/asCase';
import { startingAims, USUAL_SHOP, type Piece } from '../piece';
import { clear, painted, pieceOf, stained, type Told } from '../testing/pieces';
import { planRoute, type Operation } from './index';

// Harm beside lead: what falls over, what children sleep in, what is breathed. The tables were written by
// hand from the practice of the trade and the rules named in them (values from memory).

const started = (start: string, told: Partial<Told> = {}): Piece => {
  const piece = pieceOf({ start, ...told });
  return { ...piece, aims: [...startingAims(piece, 'paint')] };
};
const stepsOf = (piece: Piece): readonly Operation[] => planRoute(piece, USUAL_SHOP).operations;
const step = (piece: Piece, method: string): Operation | undefined =>
  stepsOf(piece).find((it) => it.method === method);
const saidAt = (it: Operation | undefined): string =>
  [...(it?.how ?? []), ...(it?.cautions ?? []).map((one) => one.text)].join(' ');

describe('what can fall on a child is anchored', () => {
  // 16 CFR 1261, ASTM F2057-23: 686 mm; free-standing cases, not seats, beds, doors, gates or desks.
  it.each([
    ['chest', true],
    ['sideboard', true],
    ['bedside', false],
    ['cabinet', true],
    ['wardrobe', true],
    ['bookcase', true],
    ['hutch', true],
    ['table', false],
    ['chair', false],
    ['armchair', false],
    ['desk', false],
    ['stool', false],
    ['bed', false],
    ['mirror', false],
    ['door', false],
  ])('a %s: %s', (start, told) => {
    expect(step(started(start), 'anchor') !== undefined).toBe(told);
  });

  it('also where it stays in its place, or is only freshened inside', () => {
    const stays = started('bookcase', { described: { staysInPlace: true } });
    expect(step(stays, 'anchor')).toBeDefined();
    const freshened = pieceOf({ start: 'wardrobe', aims: { inside: { kind: 'freshened' } } });
    expect(step(freshened, 'anchor')).toBeDefined();
  });
});

describe('beds that rules are made for', () => {
  it('a crib is checked for drop sides, gaps and missing parts, and not sold without', () => {
    const check = step(
      pieceOf({ template: 'crib', aims: { ends: painted('white') } }),
      'check-childs-bed',
    );
    expect(saidAt(check)).toMatch(/drops or folds.*16 CFR 1219 and 1220.*60 mm.*Anything missing/);
    expect(saidAt(check)).toMatch(/Don’t sell it or pass it on/);
  });

  it('a bunk bed for guard rails and gaps; a low bed for nothing', () => {
    const bed = (places: string): Piece => {
      const piece = started('bed');
      const [body] = piece.build.bodies;
      if (!body) throw new Error('A bed has a body.');
      const bodies = [{ ...body, choices: { ...body.choices, places } }];
      return { ...piece, build: { ...piece.build, bodies } };
    };
    expect(saidAt(step(bed('upper'), 'check-childs-bed'))).toMatch(
      /Guard rails.*127 mm.*89 mm.*16 CFR 1213 and 1513/,
    );
    expect(step(bed('low'), 'check-childs-bed')).toBeUndefined();
  });
});

const WALNUT = { substrate: 'hardwood', wood: 'walnut', finish: 'varnish', bleed: 'none' } as const;

describe('what is breathed', () => {
  it('polyester filler is worked with goggles and cartridges for its styrene', () => {
    const fill = step(
      pieceOf({
        template: 'table',
        known: { top: { ...WALNUT, finish: 'latex' } },
        found: { top: ['gouge'] },
        aims: { top: painted('mid') },
      }),
      'two-part-filler',
    );
    expect(fill?.protection).toEqual(
      expect.arrayContaining(['Goggles', 'Organic-vapour cartridges', 'Nitrile gloves']),
    );
    expect(saidAt(fill)).toMatch(/styrene/);
  });

  it('alcohol on bare wood is wiped with a window open', () => {
    const wiped = step(
      pieceOf({
        template: 'table',
        known: { top: { ...WALNUT, finish: 'bare' } },
        aims: { top: clear() },
      }),
      'dedust',
    );
    expect(wiped?.protection).toContain('Open window, no flame');
  });

  it('hardeners with isocyanate are not for this trade’s respirators', () => {
    const hard = stepsOf(
      pieceOf({
        template: 'table',
        known: { top: { ...WALNUT, finish: 'bare' } },
        aims: { top: clear('twoPart') },
      }),
    ).find((it) => it.method === 'coat-twoPartClear');
    expect(saidAt(hard)).toMatch(/isocyanate.*supplied air/);
    expect(hard?.sprayed).toBe(false);
  });

  it.each([
    ['walnut', true],
    ['rosewood', true],
    ['oily', true],
    ['redTropical', true],
    ['pale', false],
  ])('dust of %s is said to make people allergic: %s', (wood, told) => {
    const sanding = step(
      pieceOf({
        template: 'table',
        known: { top: { ...WALNUT, wood, finish: 'bare' } },
        aims: { top: stained() },
      }),
      'sand-ladder',
    );
    expect(/skin and lungs allergic/.test(saidAt(sanding))).toBe(told);
    expect(saidAt(sanding)).toMatch(/aluminium oxide.*stearate/);
  });
});

it('food and heat are left to the label of the top coat', () => {
  const piece = pieceOf({ template: 'table', aims: { top: clear() } });
  expect(asCase(piece, USUAL_SHOP).careSheet.rules.join(' ')).toMatch(
    /Food, hot pots.*only what the label of the top coat allows/,
  );
});

it('what has insects in it stands apart before anything of it is washed', () => {
  const piece = pieceOf({
    template: 'chest',
    found: { left: ['insects'] },
    aims: { top: painted('mid'), left: painted('mid') },
  });
  const steps = stepsOf(piece);
  const quarantine = steps.findIndex((it) => it.method === 'evict-insects');
  // Two weeks on clean paper, by the practice of the trade.
  expect(steps[quarantine]?.wait?.minutes).toBeGreaterThanOrEqual(14 * 24 * 60);
  const washed = steps.flatMap((it, at) => (it.phase === 'clean' ? [at] : []));
  expect(washed.length).toBeGreaterThan(0);
  for (const at of washed) expect(at).toBeGreaterThan(quarantine);
  const { graph } = planRoute(piece, USUAL_SHOP);
  expect(JSON.stringify(graph)).toMatch(/quarantined-before-washing/);
});
