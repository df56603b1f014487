import { COATINGS, STRIP_WAYS } from '../catalog';
import { piece as pieceSchema, shopFor } from '../piece';
import { ofEveryRoute } from '../testing/everyRoute';
import { copyOf } from '../testing/pieces';
import { contextsOf } from './context';
import {
  PHASES,
  PRECEDENCE,
  REFUSAL_RULES,
  RULES,
  careSheetOf,
  planRoute,
  route as routeSchema,
  type Operation,
  type Route,
} from './index';

/** Statements that plan again are tried on fewer. */
const SOME = 300;

const positionIn = ({ operations }: Route): ((id: string) => number) => {
  const order = new Map(operations.map((it, index) => [it.id, index]));
  return (id) => order.get(id) ?? NaN;
};

const share = (a: Operation, b: Operation) => a.surfaceIds.some((it) => b.surfaceIds.includes(it));

describe('any route', () => {
  it('has no dust on a suspect surface that the lead gate does not hold, and the gate comes first', () => {
    ofEveryRoute(({ route }) => {
      const gate = route.operations.find((one) => one.gate?.kind === 'lead');
      const suspect = new Set(gate?.surfaceIds);
      const early = route.operations.filter(
        (one, index) =>
          one.makesDust &&
          one.surfaceIds.some((id) => suspect.has(id)) &&
          !(gate && one.heldBy.includes(gate.id) && index > route.operations.indexOf(gate)),
      );
      expect(early).toEqual([]);
    });
  });

  it('makes no dust of a layer in which lead was found', () => {
    ofEveryRoute(({ piece, route }) => {
      const found = new Set(
        piece.observations
          .filter((one) => one.testId === 'lead-laboratory' && one.outcome === 'found')
          .map((one) => one.surfaceId),
      );
      expect(
        route.operations.filter(
          (one) => one.makesDust && one.surfaceIds.some((id) => found.has(id)),
        ),
      ).toEqual([]);
    });
  });

  it('never sands without dedusting before the next coat', () => {
    ofEveryRoute(({ route: { operations } }) => {
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
    ofEveryRoute(({ stacks }) => {
      const ends = stacks().flatMap(({ steps }) => steps.at(-1)?.stack.layers ?? []);
      expect(ends.filter((it) => !it.holds)).toEqual([]);
    });
  });

  it('ends no surface in dust', () => {
    ofEveryRoute(({ route: { operations } }) => {
      for (const surfaceId of new Set(operations.flatMap((it) => it.surfaceIds))) {
        const work = operations.filter((it) => it.surfaceIds.includes(surfaceId));
        const lastDust = work.map((it) => it.makesDust && it.phase !== 'strip').lastIndexOf(true);
        if (lastDust >= 0) expect(work.slice(lastDust).some((it) => it.dedusts)).toBe(true);
      }
    });
  });

  it('puts no abrasive on a surface that has not been cleaned', () => {
    ofEveryRoute(({ route: { operations } }) => {
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
    ofEveryRoute(({ route: { operations } }) => {
      const firstCoat = operations.findIndex((it) => it.coats);
      if (firstCoat < 0) return;
      const later = operations.slice(firstCoat).filter((it) => it.makesDust);
      expect(later.every((it) => ['block', 'colour', 'protect'].includes(it.phase))).toBe(true);
    });
  });

  it('gives each operation a reason by a rule that exists, and steps to follow', () => {
    const ids = new Set(RULES.map((it) => it.id));
    ofEveryRoute(({ route: { operations } }) => {
      const unexplained = operations.filter(
        (it) =>
          it.how.length === 0 ||
          it.reasons.length === 0 ||
          it.reasons.some((reason) => !ids.has(reason.rule) || reason.text.length <= 10),
      );
      expect(unexplained).toEqual([]);
    });
  });

  it('only cites observations that were made on the piece', () => {
    ofEveryRoute(({ piece, route }) => {
      const made = new Set(piece.observations.map((one) => one.id));
      const cited = [
        ...route.operations.flatMap((one) =>
          one.reasons.flatMap((reason) => reason.observationIds),
        ),
        ...route.refusals.flatMap((one) => one.observationIds),
      ];
      expect(cited.filter((id) => !made.has(id))).toEqual([]);
    });
  });

  it('keeps every precedence that it names, and every gate before what it holds', () => {
    const ids = new Set(PRECEDENCE.map((it) => it.id));
    ofEveryRoute(({ route }) => {
      const position = positionIn(route);
      const broken = route.operations.filter(
        (it) =>
          it.after.some(
            (before) => !ids.has(before.rule) || !(position(before.operationId) < position(it.id)),
          ) || it.heldBy.some((gate) => !(position(gate) < position(it.id))),
      );
      expect(broken).toEqual([]);
    });
  });

  it('runs through the phases in order on each surface; vermin by the school', () => {
    ofEveryRoute(({ piece, shop, route }) => {
      const late =
        shopFor(piece, shop).schools.hardware === 'before' ? ['evict-insects', 'mould'] : [];
      const operations = route.operations.filter((it) => !late.includes(it.method));
      const alone = operations.filter((it) => it.surfaceIds.length === 1);
      const back = alone.filter((a, index) =>
        alone
          .slice(index + 1)
          .some((b) => share(a, b) && PHASES.indexOf(a.phase) > PHASES.indexOf(b.phase)),
      );
      expect(back).toEqual([]);
    });
  });

  it('sums its minutes and lists every material it uses', () => {
    ofEveryRoute(({ route }) => {
      expect(route.minutes).toBe(route.operations.reduce((sum, it) => sum + it.minutes, 0));
      const listed = new Set(route.materials);
      const used = route.operations.flatMap((it) => it.materials);
      expect(used.filter((it) => !listed.has(it))).toEqual([]);
    });
  });

  it('names each operation once', () => {
    ofEveryRoute(({ route: { operations } }) => {
      expect(new Set(operations.map((it) => it.id)).size).toBe(operations.length);
    });
  });

  it('gives each refusal a way out, and plans no stripping, sanding or primer where it blocks', () => {
    const ids = new Set(REFUSAL_RULES.map((it) => it.id));
    ofEveryRoute(({ route: { operations, refusals } }) => {
      for (const refusal of refusals) {
        expect(ids).toContain(refusal.rule);
        expect(refusal.waysOut.length).toBeGreaterThan(0);
        if (!refusal.blocks) continue;
        const work = operations.filter((it) =>
          it.surfaceIds.some((id) => refusal.surfaceIds.includes(id)),
        );
        expect(
          work.some((it) =>
            ['strip', 'repair', 'sand', 'block', 'colour', 'protect'].includes(it.phase),
          ),
        ).toBe(false);
      }
    });
  });

  it('is the same for the same piece, and is what its schema says', () => {
    ofEveryRoute(({ piece, shop, route }) => {
      expect(planRoute(copyOf(piece), shop)).toEqual(route);
      expect(pieceSchema.safeParse(piece).success).toBe(true);
    }, SOME);
  });

  it('never calls anything safe, and proposes no banned remover', () => {
    ofEveryRoute(({ route }) => {
      expect(JSON.stringify(route)).not.toMatch(/\bsafe\b|methylene chloride/i);
    });
  });

  it('the route is what its schema says, in every school', () => {
    ofEveryRoute(({ route }) => {
      expect(routeSchema.parse(route)).toEqual(route);
    }, SOME);
  });

  it('what shuns water is neither washed wet nor stripped with water', () => {
    ofEveryRoute(({ piece, shop, route: { operations } }) => {
      const dry = new Set(
        contextsOf(piece, shop)
          .filter((it) => it.veneerUm !== null)
          .map((it) => it.surface.id),
      );
      const wet = new Set(['degrease', 'strip-mild', 'strip-caustic']);
      for (const it of operations.filter((one) => wet.has(one.method))) {
        expect(it.surfaceIds.filter((id) => dry.has(id))).toEqual([]);
      }
    }, SOME);
  });

  it('what wets a face leaves it time to dry', () => {
    const wets = new Set([
      'degrease',
      'damp-wipe',
      'extractive-wash',
      'cement-off',
      'neutralise',
      'wet-sand',
      'oxalic-acid',
      ...STRIP_WAYS.rows.filter((it) => it.dryMinutes > 0).map((it) => `strip-${it.id}`),
    ]);
    ofEveryRoute(({ route: { operations } }) => {
      for (const it of operations.filter((one) => wets.has(one.method))) {
        expect(it.wait?.minutes).toBeGreaterThanOrEqual(60);
      }
    });
  });

  it('each coat has its wait from the catalog, what to clean with, and what to wear', () => {
    ofEveryRoute(({ route: { operations } }) => {
      const careless = operations.filter((it) => {
        if (!it.coating) return false;
        const row = COATINGS.get(it.coating);
        const ignites = it.cautions.some((one) => /ignite/.test(one.text));
        return (
          it.wait?.minutes !== row.recoatMinutes ||
          !it.how.includes(`Clean tools with ${row.cleaner}.`) ||
          it.protection.length === 0 ||
          !it.litres ||
          (row.mechanism === 'oxidation' && !ignites)
        );
      });
      expect(careless).toEqual([]);
    });
  });

  it('nothing is laid over wax', () => {
    ofEveryRoute(({ stacks }) => {
      for (const { steps } of stacks()) {
        const ids = steps.at(-1)?.stack.layers.map((it) => it.layer.id) ?? [];
        const wax = ids.findIndex((id) => id === 'pasteWax');
        if (wax >= 0) expect(new Set(ids.slice(wax))).toEqual(new Set(['pasteWax']));
      }
    });
  });

  it('the care sheet counts the coats that the stack ends with', () => {
    ofEveryRoute(({ piece, shop, stacks }) => {
      const laid = stacks().map(
        ({ steps }) =>
          new Set(
            steps
              .at(-1)
              ?.stack.layers.flatMap(({ layer }) => (layer.of === 'coat' ? [layer.id] : [])),
          ).size,
      );
      expect(careSheetOf(piece, shop).surfaces.map((it) => it.coats.length)).toEqual(laid);
    }, SOME);
  });
});

it('every rule and every refusal has an id of its own', () => {
  for (const list of [RULES, REFUSAL_RULES, PRECEDENCE]) {
    const ids = list.map((it) => it.id);
    expect(new Set(ids).size).toBe(ids.length);
  }
});
