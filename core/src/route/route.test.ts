import { DAMAGES } from '../catalog';
import { piece as pieceSchema } from '../piece';
import { isThorough, ofEveryRoute } from '../testing/everyRoute';
import { copyOf } from '../testing/pieces';
import {
  PRECEDENCE,
  REFUSAL_RULES,
  RULES,
  planRoute,
  route as routeSchema,
  type Route,
} from './index';

/** Statements that plan again are tried on fewer. */
const SOME = 300;

const positionIn = ({ operations }: Route): ((id: string) => number) => {
  const order = new Map(operations.map((it, index) => [it.id, index]));
  return (id) => order.get(id) ?? NaN;
};

describe('any route', () => {
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
    ofEveryRoute(({ route, after }) => {
      const ends = Object.values(after(route.tasks.length).surfaces).flatMap((it) => it.layers);
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

  it('only cites what was observed or marked on the piece', () => {
    ofEveryRoute(({ piece, route }) => {
      const made = new Set([...piece.observations, ...piece.findings].map((one) => one.id));
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

  it('sums its minutes and lists every material it uses', () => {
    ofEveryRoute(({ route }) => {
      expect(route.minutes).toBe(route.operations.reduce((sum, it) => sum + it.minutes, 0));
      const listed = new Set(route.materials);
      const used = route.operations.flatMap((it) => it.materials);
      expect(used.filter((it) => !listed.has(it))).toEqual([]);
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
      const again = planRoute(copyOf(piece), shop);
      // Told apart as text first: that is quick, and they hardly ever differ.
      if (JSON.stringify(again) !== JSON.stringify(route)) expect(again).toEqual(route);
      expect(routeSchema.parse(copyOf(route))).toEqual(copyOf(route));
      expect(pieceSchema.safeParse(piece).success).toBe(true);
    }, SOME);
  });

  it('each coat says what to clean with, what to wear, and how much it takes', () => {
    ofEveryRoute(({ route: { operations } }) => {
      const careless = operations.filter(
        (it) =>
          it.coating &&
          (!it.how.some((one) => one.startsWith('Clean tools with ')) ||
            it.protection.length === 0 ||
            !it.litres),
      );
      expect(careless).toEqual([]);
    });
  });

  it('nothing is laid over wax', () => {
    ofEveryRoute(({ route, after }) => {
      for (const { layers } of Object.values(after(route.tasks.length).surfaces)) {
        const ids = layers.map((it) => it.layer.id);
        const waxes: readonly string[] = ['pasteWax', 'metalWax', 'stencilPaint'];
        const wax = ids.findIndex((id) => waxes.includes(id));
        if (wax >= 0) expect(ids.slice(wax).filter((id) => !waxes.includes(id))).toEqual([]);
      }
    });
  });
});

it('every rule and every refusal has an id of its own', () => {
  for (const list of [RULES, REFUSAL_RULES, PRECEDENCE]) {
    const ids = list.map((it) => it.id);
    expect(new Set(ids).size).toBe(ids.length);
  }
});

describe('what was found', () => {
  /** Work that deals with a finding without mending it by name. */
  const DEALT_WITH: Readonly<Record<string, readonly string[]>> = {
    weepsColour: ['extractive-wash', 'extractive-wipe', 'extractive-wipe-damp'],
    odour: ['prime-pigmentedShellac', 'prime-clearShellac'],
    mould: ['mould'],
    insects: ['evict-insects'],
    splitBack: ['back-off'],
    darkRing: ['prime-pigmentedShellac', 'prime-clearShellac'],
    silicone: ['wash-silicone'],
  };
  /** No damage, but how the face is made; and what hangs on a drawer that is not worked. */
  const NO_DAMAGE = ['carving'];

  it('on a face that is worked is mended, accepted in words, or refused with a way out', () => {
    let tried = 0;
    ofEveryRoute(({ piece, route: { tasks, operations, refusals } }) => {
      const blocked = new Set(refusals.filter((it) => it.blocks).flatMap((it) => it.surfaceIds));
      for (const { id, damage, surfaceId } of piece.findings) {
        const kind = piece.aims.find((it) => it.surfaceId === surfaceId)?.scheme.kind ?? 'leave';
        if (['leave', 'freshened', 'touchedIn'].includes(kind)) continue;
        if (blocked.has(surfaceId) || NO_DAMAGE.includes(damage)) continue;
        tried++;
        const { label } = DAMAGES.get(damage);
        const here = operations.filter((it) => it.surfaceIds.includes(surfaceId));
        const isDealtWith =
          tasks.some((it) => it.traits.mends.includes(id)) ||
          here.some(
            (it) => DEALT_WITH[damage]?.includes(it.method) || it.method.startsWith('new-part-'),
          ) ||
          here.some((it) => it.how.some((line) => line.startsWith(`${label}:`))) ||
          refusals.some((it) => it.surfaceIds.includes(surfaceId) && it.title.includes(label));
        expect({ damage, kind, isDealtWith }).toEqual({ damage, kind, isDealtWith: true });
      }
    });
    if (isThorough) expect(tried).toBeGreaterThan(300);
  });
});
