import fc from 'fast-check';
import { PROFILES } from '../catalog';
import {
  USUAL_SHOP,
  newPiece,
  pieceDescription,
  startingAims,
  surfacesOf,
  type StartingWay,
} from '../piece';
import { builds } from '../testing/arbitraries';
import { pieceOf } from '../testing/pieces';
import { planRoute } from './index';

describe('anything that can be built', () => {
  it('is planned without a crash, and shaped work is not sanded by machine', () => {
    fc.assert(
      fc.property(
        builds,
        fc.constantFrom<StartingWay>('paint', 'wood', 'woodTop', 'freshen'),
        fc.boolean(),
        (it, start, staysInPlace) => {
          const description = pieceDescription.parse({
            name: 'Built',
            build: it,
            yearFrom: 1990,
            yearTo: 1995,
            staysInPlace,
            wetRoom: staysInPlace,
          });
          const fresh = newPiece('built', description);
          const route = planRoute({ ...fresh, aims: [...startingAims(fresh, start)] }, USUAL_SHOP);
          const byHand = new Set(
            surfacesOf(fresh)
              .filter((one) => PROFILES.get(one.profile).spares)
              .map((one) => one.id),
          );
          for (const one of route.operations) {
            if (one.ladder === null || !one.surfaceIds.some((id) => byHand.has(id))) continue;
            expect(one.title).toMatch(/by hand/);
          }
          if (!staysInPlace) {
            expect(route.operations.map((one) => one.method)).not.toContain('cover-room');
          }
        },
      ),
      { numRuns: 250 },
    );
  });
});

it('a vanity that stays where it is: room covered first, edges sealed, hard wear, no anchor', () => {
  const vanity = pieceOf({ start: 'vanity', described: { staysInPlace: true, wetRoom: true } });
  const aims = [...startingAims(vanity, 'paint')];
  const methodsOf = (it: typeof vanity) =>
    planRoute(it, USUAL_SHOP).operations.map((one) => one.method);
  const methods = methodsOf({ ...vanity, aims });
  expect(methods.indexOf('cover-room')).toBeLessThan(methods.indexOf('doors-off'));
  expect(methods).toContain('seal-edges');
  expect(methods).not.toContain('anchor');
  const coats = (it: readonly string[]) => it.filter((one) => one === 'coat-waterClear').length;
  const dry = methodsOf({ ...vanity, wetRoom: false, aims });
  expect(coats(methods)).toBeGreaterThan(coats(dry));
  expect(dry).not.toContain('seal-edges');
});
