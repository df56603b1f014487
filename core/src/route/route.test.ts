import fc from 'fast-check';
import { USUAL_SHOP, piece as pieceSchema } from '../piece';
import { pieces, shops } from '../testing/arbitraries';
import { copyOf } from '../testing/pieces';
import {
  PHASES,
  PRECEDENCE,
  REFUSAL_RULES,
  RULES,
  planRoute,
  route as routeSchema,
  stacksAlong,
  type Operation,
  type Route,
} from './index';

/** Runs a statement over many routes, each with the position of every operation. */
const ofEveryRoute = (
  holds: (route: Route, position: (id: string) => number) => void,
  numRuns = 120,
) =>
  fc.assert(
    fc.property(pieces, (it) => {
      const route = planRoute(it, USUAL_SHOP);
      const order = new Map(route.operations.map((one, index) => [one.id, index]));
      holds(route, (id) => order.get(id) ?? NaN);
    }),
    { numRuns },
  );

const share = (a: Operation, b: Operation) => a.surfaceIds.some((it) => b.surfaceIds.includes(it));

describe('any route', () => {
  it('has no dust on a suspect surface that the lead gate does not hold, and the gate comes first', () => {
    fc.assert(
      fc.property(pieces, (it) => {
        const route = planRoute(it, USUAL_SHOP);
        const gate = route.operations.find((one) => one.gate?.kind === 'lead');
        const suspect = new Set(gate?.surfaceIds);
        route.operations.forEach((one, index) => {
          if (!one.makesDust || !one.surfaceIds.some((id) => suspect.has(id))) return;
          expect(one.heldBy).toContain(gate?.id);
          expect(index).toBeGreaterThan(route.operations.findIndex((other) => other === gate));
        });
      }),
      { numRuns: 250 },
    );
  });

  it('makes no dust of a layer in which lead was found', () => {
    fc.assert(
      fc.property(pieces, (it) => {
        const found = new Set(
          it.observations
            .filter((one) => one.testId === 'lead-laboratory' && one.outcome === 'found')
            .map((one) => one.surfaceId),
        );
        for (const one of planRoute(it, USUAL_SHOP).operations) {
          expect(one.makesDust && one.surfaceIds.some((id) => found.has(id))).toBe(false);
        }
      }),
      { numRuns: 250 },
    );
  });

  it('never sands without dedusting before the next coat', () => {
    ofEveryRoute(({ operations }) => {
      operations.forEach((coat, index) => {
        if (!coat.coats) return;
        for (const surfaceId of coat.surfaceIds) {
          const before = operations
            .slice(0, index)
            .filter((it) => it.surfaceIds.includes(surfaceId));
          const lastDust = before.map((it) => it.makesDust).lastIndexOf(true);
          if (lastDust < 0) continue;
          expect(before.slice(lastDust).some((it) => it.dedusts)).toBe(true);
        }
      });
    });
  });

  it('lays no coat on what it may not lie on, and dulls what wants to be dulled', () => {
    fc.assert(
      fc.property(pieces, shops, (it, shop) => {
        for (const { steps } of stacksAlong(it, shop, planRoute(it, shop).operations)) {
          for (const { layer, meets, holds } of steps.at(-1)?.stack.layers ?? []) {
            expect({ layer, meets, holds }).toMatchObject({ holds: true });
          }
        }
      }),
      { numRuns: 250 },
    );
  });

  it('ends no surface in dust', () => {
    ofEveryRoute(({ operations }) => {
      for (const surfaceId of new Set(operations.flatMap((it) => it.surfaceIds))) {
        const work = operations.filter((it) => it.surfaceIds.includes(surfaceId));
        const lastDust = work.map((it) => it.makesDust && it.phase !== 'strip').lastIndexOf(true);
        if (lastDust >= 0) expect(work.slice(lastDust).some((it) => it.dedusts)).toBe(true);
      }
    });
  });

  it('puts no abrasive on a surface that has not been cleaned', () => {
    ofEveryRoute(({ operations }) => {
      operations.forEach((it, index) => {
        if (it.grits.length === 0) return;
        for (const surfaceId of it.surfaceIds) {
          const cleaned = operations
            .slice(0, index)
            .some((one) => one.phase === 'clean' && one.surfaceIds.includes(surfaceId));
          expect(cleaned).toBe(true);
        }
      });
    });
  });

  it('puts no wet coat down while dust is still to be made in the room', () => {
    ofEveryRoute(({ operations }) => {
      const firstCoat = operations.findIndex((it) => it.coats);
      if (firstCoat < 0) return;
      const later = operations.slice(firstCoat).filter((it) => it.makesDust);
      expect(later.every((it) => ['block', 'colour', 'protect'].includes(it.phase))).toBe(true);
    });
  });

  it('gives each operation a reason by a rule that exists, and steps to follow', () => {
    const ids = new Set(RULES.map((it) => it.id));
    ofEveryRoute(({ operations }) => {
      for (const it of operations) {
        expect(it.how.length).toBeGreaterThan(0);
        for (const reason of it.reasons) {
          expect(ids).toContain(reason.rule);
          expect(reason.text.length).toBeGreaterThan(10);
        }
      }
    });
  });

  it('only cites observations that were made on the piece', () => {
    fc.assert(
      fc.property(pieces, (it) => {
        const made = new Set(it.observations.map((one) => one.id));
        const route = planRoute(it, USUAL_SHOP);
        const cited = [
          ...route.operations.flatMap((one) =>
            one.reasons.flatMap((reason) => reason.observationIds),
          ),
          ...route.refusals.flatMap((one) => one.observationIds),
        ];
        for (const id of cited) expect(made).toContain(id);
      }),
    );
  });

  it('keeps every precedence that it names, and every gate before what it holds', () => {
    const ids = new Set(PRECEDENCE.map((it) => it.id));
    ofEveryRoute(({ operations }, position) => {
      for (const it of operations) {
        for (const before of it.after) {
          expect(ids).toContain(before.rule);
          expect(position(before.operationId)).toBeLessThan(position(it.id));
        }
        for (const gate of it.heldBy) expect(position(gate)).toBeLessThan(position(it.id));
      }
    });
  });

  it('runs through the phases in order on each surface', () => {
    ofEveryRoute(({ operations }) => {
      operations.forEach((a, index) => {
        for (const b of operations.slice(index + 1)) {
          if (share(a, b) && a.surfaceIds.length === 1 && b.surfaceIds.length === 1) {
            expect(PHASES.indexOf(a.phase)).toBeLessThanOrEqual(PHASES.indexOf(b.phase));
          }
        }
      });
    });
  });

  it('sums its minutes and lists every material it uses', () => {
    ofEveryRoute((route) => {
      expect(route.minutes).toBe(route.operations.reduce((sum, it) => sum + it.minutes, 0));
      for (const it of route.operations) {
        for (const material of it.materials) expect(route.materials).toContain(material);
      }
    });
  });

  it('names each operation once', () => {
    ofEveryRoute(({ operations }) => {
      expect(new Set(operations.map((it) => it.id)).size).toBe(operations.length);
    });
  });

  it('gives each refusal a way out, and plans no stripping, sanding or primer where it blocks', () => {
    const ids = new Set(REFUSAL_RULES.map((it) => it.id));
    ofEveryRoute(({ operations, refusals }) => {
      for (const refusal of refusals) {
        expect(ids).toContain(refusal.rule);
        expect(refusal.waysOut.length).toBeGreaterThan(0);
        if (!refusal.blocks) continue;
        const work = operations.filter((it) => it.surfaceIds.includes(refusal.surfaceId));
        expect(
          work.some((it) =>
            ['strip', 'repair', 'sand', 'block', 'colour', 'protect'].includes(it.phase),
          ),
        ).toBe(false);
      }
    });
  });

  it('is the same for the same piece, and is what its schema says', () => {
    fc.assert(
      fc.property(pieces, (it) => {
        const first = planRoute(it, USUAL_SHOP);
        expect(planRoute(copyOf(it), USUAL_SHOP)).toEqual(first);
        expect(routeSchema.parse(first)).toEqual(first);
        expect(pieceSchema.safeParse(it).success).toBe(true);
      }),
    );
  });

  it('never calls anything safe, and proposes no banned remover', () => {
    ofEveryRoute((route) => {
      expect(JSON.stringify(route)).not.toMatch(/\bsafe\b|methylene chloride/i);
    });
  });
});

it('every rule and every refusal has an id of its own', () => {
  for (const list of [RULES, REFUSAL_RULES, PRECEDENCE]) {
    const ids = list.map((it) => it.id);
    expect(new Set(ids).size).toBe(ids.length);
  }
});
