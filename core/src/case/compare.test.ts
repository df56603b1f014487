import { asCase } from '../testing/asCase';
import { USUAL_SHOP, shop as shopSchema } from '../piece';
import { LEAVE, allAims, clear, painted, pieceOf } from '../testing/pieces';
import { calendarDays, planRoute, type Operation } from '../route';
import { tollOf } from './toll';
import { alternativesFor, whatIfs } from './index';

const OAK = { substrate: 'hardwood', wood: 'ringPorous', finish: 'lacquer', bleed: 'none' };
const table = pieceOf({
  template: 'table',
  known: { top: OAK, apron: OAK, legs: OAK },
  aims: { ...allAims('table', painted('white')), underside: LEAVE },
});

describe('days', () => {
  const base = planRoute(table, USUAL_SHOP).operations[0] as Operation;
  const step = (surfaceId: string, minutes: number, wait = 0): Operation => ({
    ...base,
    surfaceIds: [surfaceId],
    minutes,
    wait: wait > 0 ? { minutes: wait, until: 'dry' } : null,
  });

  it('work rests at night, waits run on', () => {
    expect(calendarDays([step('top', 8 * 60)])).toBe(1);
    expect(calendarDays([step('top', 8 * 60 + 1)])).toBe(2);
    // Done after an hour, dry after eight: the second hour falls on the next morning.
    expect(calendarDays([step('top', 60, 8 * 60), step('top', 60)])).toBe(2);
  });

  it('a wait holds up its own surface only', () => {
    const [a, b] = [step('top', 60, 7 * 60), step('legs', 60)];
    expect(calendarDays([a, b])).toBe(1);
    expect(calendarDays([a, step('top', 61)])).toBe(2);
  });
});

describe('alternatives', () => {
  it('are up to four, as aimed first, each with its toll and reason; what is left stays left', () => {
    const all = alternativesFor(asCase(table, USUAL_SHOP));
    expect(all.map((it) => it.id)).toEqual(['as-aimed', 'wood-top', 'clear-all', 'veneer-top']);
    for (const it of all) {
      expect(it.days).toBeGreaterThan(1);
      expect(it.money).toBeGreaterThan(0);
      expect(it.aims.find((aim) => aim.surfaceId === 'underside')?.scheme).toEqual(LEAVE);
    }
  });

  it('stripping all takes longer than painting all', () => {
    const of = (scheme: Parameters<typeof allAims>[1]) =>
      tollOf(
        asCase(
          {
            ...table,
            aims: pieceOf({ template: 'table', aims: allAims('table', scheme), wish: 'gel' }).aims,
          },
          USUAL_SHOP,
        ),
      );
    expect(of(clear()).minutes).toBeGreaterThan(of(painted('mid', 'none')).minutes);
  });

  it('leave out what is refused: no wood to show on print', () => {
    const foil = { substrate: 'foil', finish: 'factory' };
    const trolley = pieceOf({
      template: 'table',
      known: { top: foil, apron: foil, legs: foil, underside: foil },
      aims: allAims('table', painted('mid')),
    });
    expect(alternativesFor(asCase(trolley, USUAL_SHOP)).map((it) => it.id)).toEqual([
      'as-aimed',
      'veneer-top',
    ]);
  });

  it('say what may go wrong, and where', () => {
    const thin = pieceOf({
      template: 'table',
      seen: { top: ['chip:thin-wood', 'edge-grain:thin-line'] },
      readings: { top: { 'veneer-thickness': 0.5 } },
      aims: { top: clear() },
    });
    expect(tollOf(asCase(thin, USUAL_SHOP)).risks).toContainEqual(
      expect.objectContaining({ kind: 'sandThrough', surfaceId: 'top' }),
    );
    const bleeds = pieceOf({
      template: 'table',
      known: { top: { substrate: 'hardwood', wood: 'pale', finish: 'latex' } },
      aims: { top: painted('white') },
    });
    const risk = tollOf(asCase(bleeds, USUAL_SHOP)).risks[0];
    expect(risk?.kind).toBe('bleed');
    expect(risk?.chance).toBeLessThan(0.3);
  });
});

describe('working otherwise', () => {
  it('shows what a school would change, and nothing where it changes nothing', () => {
    const all = whatIfs(asCase(table, USUAL_SHOP));
    const every = all.find((it) => it.id === 'betweenCoats-always');
    expect(every?.minutes).toBeGreaterThan(0);
    expect(all.some((it) => it.id.startsWith('hardware'))).toBe(false);
  });

  it('is measured from how the shop works now', () => {
    const shop = shopSchema.parse({ schools: { betweenCoats: 'always' } });
    const back = whatIfs(asCase(table, shop)).find((it) => it.id === 'betweenCoats-whenRough');
    expect(back?.minutes).toBeLessThan(0);
  });
});
