import { shop as shopSchema, type Piece, type Shop } from '../../piece';
import { pieceOf, stained } from '../../testing/pieces';
import { WHAT_IFS, otherShops, whatTheyBring, type ShopWhatIf } from '..';

const MS = 60_000;
const DAY = 24 * 60;
/** A Wednesday noon. */
const NOW = Date.UTC(2026, 2, 4, 12) / MS;
const days = Array.from({ length: 7 }, (_, day) =>
  day < 5 ? [{ from: 8 * 60, to: 20 * 60 }] : [],
);
const shop: Shop = shopSchema.parse({
  people: [{ id: 'me', name: 'Me', hours: days }],
  air: { kind: 'typical', climate: 'heated' },
});

const bareTable = (topcoat: 'oil' | 'waterborne'): Piece => ({
  ...pieceOf({
    template: 'table',
    years: [1995, 2000],
    known: {
      top: { substrate: 'hardwood', wood: 'diffusePorous', finish: 'bare', bleed: 'none' },
    },
    aims: { top: stained(topcoat) },
  }),
  id: `table-${topcoat}`,
});

describe('what if', () => {
  it('says only what is otherwise than it is', () => {
    const kinds = (pieces: readonly Piece[], of: Shop): readonly ShopWhatIf[] =>
      WHAT_IFS.filter((kind) => otherShops({ pieces, shop: of }, kind, NOW) !== null);
    expect(kinds([bareTable('oil')], shop)).toEqual([...WHAT_IFS]);
    const [space] = shop.spaces;
    const [me] = shop.people;
    if (!space || !me) throw new Error('No shop');
    const full: Shop = {
      ...shop,
      spaces: [{ ...space, heater: { watt: 3000, toCelsius: 20 }, movement: 'fan' }],
      people: [{ ...me, hours: Array.from({ length: 7 }, () => [{ from: 540, to: 1020 }]) }],
    };
    expect(kinds([bareTable('oil')], full)).toEqual([
      'secondPerson',
      'waterbased',
      'startSaturday',
    ]);
    const saturday = NOW + 3 * DAY;
    expect(otherShops({ pieces: [], shop }, 'startSaturday', saturday)).toBeNull();
    expect(otherShops({ pieces: [], shop }, 'waterbased', NOW)).toBeNull();
  });

  it('begun on Saturday nothing begins before its midnight, by the clock of the place', () => {
    const oslo: Shop = { ...shop, timeZone: 'Europe/Oslo' };
    const it = otherShops({ pieces: [], shop: oslo }, 'startSaturday', NOW);
    expect(new Date((it?.notBefore ?? 0) * MS).toISOString()).toBe('2026-03-06T23:00:00.000Z');
  });

  it('water-based coats bring days where oil was meant; more hours and warmth never cost any', () => {
    const brings = new Map(
      whatTheyBring([bareTable('oil')], shop, NOW).map((it) => [
        it.kind,
        (it.after ?? Infinity) - (it.before ?? 0),
      ]),
    );
    // Common practice: oil stain and oil clears wait a day or more for the next coat, water-based hours.
    expect(brings.get('waterbased')).toBeLessThan(-DAY);
    for (const kind of ['heat', 'secondPerson', 'saturday', 'sunday'] as const) {
      expect([kind, (brings.get(kind) ?? 0) <= 0]).toEqual([kind, true]);
    }
    expect(brings.get('startSaturday')).toBeGreaterThanOrEqual(0);
  });
});
