import fc from 'fast-check';
import {
  NO_SETBACK,
  aim,
  newPart,
  newPiece,
  observation,
  paintLayer,
  pieceDescription,
  surfacesOf,
  type LogLine,
  type Observation,
  type Piece,
  type Shop,
} from '../../piece';
import { applyChange } from '../../ledger';
import { findingOn, schemes, shops } from '../../testing/arbitraries';
import { OLD_TEMPLATES, usualMeasures } from '../../testing/pieces';

// Pieces with paint of all ages and evidence as people record it: partial, contradictory, late, for a group.

const BEFORE = ['2026-01-05', '2026-01-20', '2026-02-10'];

/** Evidence on lead and layers, on one surface or for a group. @param days when it may have been recorded */
export const evidenceOn = (
  surfaceIds: readonly string[],
  days: readonly string[] = BEFORE,
): fc.Arbitrary<Observation> => {
  const where = fc.record({
    surfaceId: fc.constantFrom(...surfaceIds),
    at: fc.constantFrom(...days).map((it) => `${it}T10:00:00.000Z`),
    id: fc.stringMatching(/^[a-z]{10}$/),
    alsoFor: fc.option(
      fc.subarray([...surfaceIds], { minLength: 1, maxLength: Math.min(3, surfaceIds.length) }),
      {
        freq: 3,
        nil: undefined,
      },
    ),
  });
  const layer = fc.integer({ min: 1, max: 3 });
  const outcome = fc.constantFrom('found', 'notFound', 'notFound', 'notFound');
  const result = fc.oneof(
    fc.record({ testId: fc.constantFrom('lead-swab', 'lead-laboratory'), outcome, layer }),
    fc.record({ testId: fc.constantFrom('lead-xrf', 'lead-laboratory-all'), outcome }),
    fc.record({
      testId: fc.constant('lead-laboratory-all'),
      outcome: fc.constant('notFound'),
      value: fc.constantFrom(40, 900, 6000),
    }),
    fc.record({ testId: fc.constant('layer-count'), value: fc.integer({ min: 0, max: 3 }) }),
  );
  const look = fc.oneof(
    fc.record({ testId: fc.constant('colours-seen'), value: fc.integer({ min: 1, max: 4 }) }),
    fc.record({ testId: fc.constant('see-through'), outcome: fc.constant('opaque') }),
    fc.record({ testId: fc.constant('chip'), outcome: fc.constant('wood-through') }),
  );
  return fc
    .tuple(where, fc.oneof({ weight: 3, arbitrary: result }, { weight: 1, arbitrary: look }))
    .map(([place, told]) => {
      const isResult = told.testId.startsWith('lead-') || told.testId === 'layer-count';
      const { alsoFor, ...rest } = place;
      return observation.parse({ ...rest, ...told, ...(isResult && alsoFor ? { alsoFor } : {}) });
    });
};

/**
 * A surface that somebody went about thoroughly: layers counted at a notch, each of them tested; then
 * nothing more, or one thing that does not fit.
 */
const countedOn = (surfaceIds: readonly string[]): fc.Arbitrary<readonly Observation[]> =>
  fc
    .record({
      surfaceId: fc.constantFrom(...surfaceIds),
      layers: fc.integer({ min: 1, max: 3 }),
      testId: fc.constantFrom('lead-swab', 'lead-laboratory'),
      flaw: fc.constantFrom(
        'none',
        'seen',
        'counted',
        'missed',
        'deeper',
        'found',
        'figure',
        'mild',
      ),
    })
    .map(({ surfaceId, layers, testId, flaw }) => {
      const at = '2026-01-20T12:00:00.000Z';
      const put = (told: object) => observation.parse({ id: 'x', surfaceId, at, ...told });
      const tests = Array.from({ length: layers }, (_, index) =>
        put({ testId, layer: index + 1, outcome: 'notFound' }),
      );
      const flaws: Readonly<Record<string, readonly Observation[]>> = {
        seen: [put({ testId: 'colours-seen', value: layers + 1 })],
        counted: [put({ testId: 'layer-count', value: layers + 1 })],
        deeper: [put({ testId, layer: layers + 1, outcome: 'notFound' })],
        found: [put({ testId, layer: layers, outcome: 'found', at: '2026-01-05T10:00:00.000Z' })],
        figure: [put({ testId: 'lead-laboratory', layer: 1, outcome: 'notFound', value: 900 })],
        // An earlier swab of the same layer explains nothing, nor does a later one.
        mild: [
          put({ testId: 'lead-swab', layer: 1, outcome: 'found', at: '2026-01-19T10:00:00.000Z' }),
        ],
      };
      const all = [
        put({ testId: 'layer-count', value: layers }),
        ...(flaw === 'missed' ? tests.slice(1) : tests),
        ...(flaws[flaw] ?? []),
      ];
      return all.map((it, nth) => ({ ...it, id: `counted-${surfaceId}-${nth}` }));
    });

/** An older coat turned up below, between the evidence of before and what was recorded since. */
const olderCoatOn = (surfaceId: string): LogLine => ({
  of: 'discovery',
  id: 'older-coat',
  at: '2026-02-01T10:00:00.000Z',
  by: '',
  taskKeys: [],
  surfaceIds: [surfaceId],
  kind: 'suspectLayer',
  remedy: 'testFirst',
  note: '',
  setback: { ...NO_SETBACK, lost: ['leadSampled'] },
});

const COLOURS = [['white'], ['white', 'green'], ['cream', 'white', 'brown']];

const KNOWN = {
  substrate: ['hardwood', 'softwood', 'veneerCore', 'plywood', 'board', 'hpl', 'other'],
  finish: ['latex', 'alkyd', 'milk', 'shellac', 'lacquer', 'varnish', 'bare'],
  wood: ['ringPorous', 'walnut', 'pale', 'redTropical', 'knotty'],
} as const;

/** The piece after two of its surfaces were made one. */
const merged = (piece: Piece, { from, into }: { readonly from: string; readonly into: string }) => {
  const build = { ...piece.build, merges: [{ from, into }] };
  const result =
    from === into ? undefined : applyChange(piece, { kind: 'describe', description: { build } });
  return result?.ok ? result.value : piece;
};

/** A piece of any age, painted or not, with evidence, aims and damage; few surfaces, so that many can be tried. */
export const anyLeadedPiece: fc.Arbitrary<Piece> = fc
  .record({
    templateId: fc.constantFrom(
      ...OLD_TEMPLATES.filter((it) => !['wall', 'wardrobe', 'bookcase'].includes(it)),
    ),
    years: fc.constantFrom(
      [null, null],
      [1890, 1910],
      [1930, 1939],
      [1955, 1965],
      [1970, 1976],
      [1970, 1985],
      [1995, 1999],
    ),
    childsRoom: fc.constantFrom(false, false, false, true),
  })
  .chain(({ templateId, years: [yearFrom, yearTo], childsRoom }) => {
    const description = pieceDescription.parse({
      name: 'Generated',
      templateId,
      measures: usualMeasures(templateId),
      yearFrom,
      yearTo,
      childsRoom,
    });
    const ids = surfacesOf(description).map((it) => it.id);
    const one = fc.constantFrom(...ids);
    return fc
      .record({
        observations: fc.array(evidenceOn(ids), { maxLength: 6 }),
        counted: fc.oneof(fc.constant([]), countedOn(ids)),
        painted: fc.subarray(ids),
        colours: fc.array(fc.constantFrom(...COLOURS), { minLength: 1, maxLength: 2 }),
        findings: fc.array(findingOn(ids), { maxLength: 3 }),
        known: fc.array(
          fc.constantFrom<keyof typeof KNOWN>('substrate', 'finish', 'wood').chain((variable) =>
            fc.record({
              surfaceId: one,
              variable: fc.constant(variable),
              value: fc.constantFrom<string>(...KNOWN[variable]),
              at: fc.constant('2026-01-01T10:00:00Z'),
            }),
          ),
          { maxLength: 4 },
        ),
        aimed: fc.subarray(ids, { minLength: 1 }),
        scheme: fc.array(schemes, { minLength: 1, maxLength: 2 }),
        newPart: fc.option(fc.constantFrom(...newPart.options), { freq: 8, nil: undefined }),
        split: fc.option(one, { freq: 6, nil: undefined }),
        olderCoat: fc.option(one, { freq: 4, nil: undefined }),
        merge: fc.option(fc.record({ from: one, into: one }), { freq: 4, nil: undefined }),
      })
      .map((it): Piece => {
        const splits =
          it.split === undefined
            ? []
            : [{ of: it.split, id: 'half', name: 'Half', share: 0.5, cut: 'upright' as const }];
        const piece = newPiece('generated', {
          ...description,
          build: { ...description.build, splits },
        });
        const whole = {
          ...piece,
          observations: [
            ...new Map([...it.counted, ...it.observations].map((o) => [o.id, o])).values(),
          ],
          findings: [...new Map(it.findings.map((f) => [f.id, f])).values()],
          layers: it.painted.flatMap((surfaceId, nth) =>
            (it.colours[nth % it.colours.length] ?? []).map((colour, index) =>
              paintLayer.parse({ surfaceId, layer: index + 1, colour }),
            ),
          ),
          log: it.olderCoat === undefined ? [] : [olderCoatOn(it.olderCoat)],
          confirmations: [
            ...new Map(it.known.map((k) => [`${k.surfaceId}/${k.variable}`, k])).values(),
          ],
          aims: it.aimed.map((surfaceId, nth) =>
            aim.parse({
              surfaceId,
              scheme: it.scheme[nth % it.scheme.length],
              stripWish: 'best',
              ...(nth === 0 && it.newPart ? { newPart: it.newPart } : {}),
            }),
          ),
        };
        return it.merge ? merged(whole, it.merge) : whole;
      });
  });

export const anyShop: fc.Arbitrary<Shop> = shops;
