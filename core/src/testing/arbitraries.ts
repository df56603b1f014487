import fc from 'fast-check';
import {
  DAMAGES,
  PROFILES,
  INSPECTION_TESTS,
  SCHOOLS,
  TOOLS,
  VARIABLES,
  type InspectionTest,
  type Variable,
} from '../catalog';
import {
  BODY_KINDS,
  QUICK_STARTS,
  applicator,
  assemble,
  buildOf,
  buildOfOld,
  cellKind,
  doorStyle,
  effect,
  hardware,
  layerFeel,
  newPart,
  newPiece,
  ownSchools,
  paintClass,
  paintLayer,
  pieceDescription,
  scheme,
  shop,
  stainClass,
  stripWish,
  surfacesOf,
  topcoat,
  type Aim,
  type Body,
  type BodyKind,
  type BodyKindId,
  type Build,
  type Front,
  type Confirmation,
  type Finding,
  type Hardware,
  type Measure,
  type Observation,
  type PaintLayer,
  type Piece,
  type PieceDescription,
  type Scheme,
  type Shop,
} from '../piece';
import { type PieceChange } from '../ledger';
import { usualMeasures } from './pieces';

const id = fc.stringMatching(/^[A-Za-z0-9_-]{6,12}$/);
const at = fc
  .date({ min: new Date('2020-01-01'), max: new Date('2026-01-01'), noInvalidDate: true })
  .map((it) => it.toISOString());

const NEVER_TALLER = ['legHeight', 'apronHeight', 'corniceHeight'];

const measureValue = (it: Measure): fc.Arbitrary<number> => {
  // Lengths stay in the lower half, so that legs don't outgrow the piece.
  const max = it.kind === 'count' ? Math.min(it.max, 5) : Math.round((it.usual + it.max) / 2);
  const min = NEVER_TALLER.includes(it.id) ? it.min : Math.max(it.min, it.usual);
  return NEVER_TALLER.includes(it.id)
    ? fc.integer({ min, max: Math.max(min, it.usual) })
    : fc.integer({ min: Math.min(min, max), max });
};

/** A front of a few lanes and cells of any kind. */
export const fronts: fc.Arbitrary<Front> = fc.record({
  lanes: fc.constantFrom('columns' as const, 'rows' as const),
  of: fc.array(
    fc.record({
      size: fc.constantFrom(1, 2, 0.5),
      cells: fc.array(
        fc.record({
          kind: fc.constantFrom(...cellKind.options),
          size: fc.constantFrom(1, 1, 2),
          style: fc.constantFrom(...doorStyle.options),
          shelves: fc.integer({ min: 0, max: 3 }),
          set: fc.constantFrom('', '', '', 'b'),
        }),
        { minLength: 1, maxLength: 4 },
      ),
    }),
    { minLength: 1, maxLength: 4 },
  ),
});

const bodyOf = (index: number, kinds: readonly BodyKind[]): fc.Arbitrary<Body> =>
  fc.constantFrom(...kinds).chain((kind) =>
    fc.record({
      id: fc.constant(index === 0 ? '' : String(index + 1)),
      kind: fc.constant(kind.id as BodyKindId),
      name: fc.constant(index === 0 ? '' : `Part ${index + 1}`),
      stands: fc.constantFrom('beside' as const, 'on' as const),
      measures: fc.record(Object.fromEntries(kind.measures.map((it) => [it.id, measureValue(it)]))),
      choices: fc.record(
        Object.fromEntries(
          kind.choices.map((it) => [it.id, fc.constantFrom(...it.options.map((one) => one.id))]),
        ),
      ),
      front: kind.front ? fronts : fc.constant(null),
    }),
  );

/** Anything that can be built: bodies of any kind and measure, surfaces split, merged, added, shaped. */
export const builds: fc.Arbitrary<Build> = fc
  .integer({ min: 1, max: 3 })
  .chain((count) =>
    fc.tuple(...Array.from({ length: count }, (_, index) => bodyOf(index, BODY_KINDS))),
  )
  .map((bodies) => buildOf(bodies))
  .chain((it) => {
    const ids = assemble(it).surfaces.map((one) => one.id);
    const one = fc.constantFrom(...ids);
    return fc
      .record({
        count: fc.constantFrom(1, 1, 2),
        edits: fc.array(fc.record({ surfaceId: one, profile: fc.constantFrom(...PROFILES.ids) }), {
          maxLength: 3,
        }),
        splits: fc.array(
          fc.record({
            of: one,
            id: fc.constant('half'),
            name: fc.constant('Left half'),
            share: fc.constantFrom(0.5, 0.25),
            cut: fc.constantFrom('upright' as const, 'level' as const),
          }),
          { maxLength: 1 },
        ),
        merges: fc.array(fc.record({ from: one, into: one }), { maxLength: 2 }),
      })
      .map((told) => ({ ...it, ...told }));
  });

/** One body as it usually is: what comes in most often, and is planned quickly. */
const plainBuilds: fc.Arbitrary<Build> = bodyOf(
  0,
  BODY_KINDS.filter((it) => it.front === undefined),
).map((it) => buildOf([it]));

const chests: fc.Arbitrary<Build> = fc
  .record({
    template: fc.constantFrom('chest' as const, 'cabinet' as const, 'bookcase' as const),
    rows: fc.integer({ min: 1, max: 5 }),
    columns: fc.integer({ min: 1, max: 3 }),
  })
  .map(({ template, rows, columns }) =>
    buildOfOld(template, { ...usualMeasures(template), rows, columns, doors: rows }),
  );

/** A description of any piece, of any age. */
export const descriptions: fc.Arbitrary<PieceDescription> = fc
  .record({
    name: fc.constant('Generated'),
    build: fc.oneof(
      { weight: 4, arbitrary: chests },
      { weight: 4, arbitrary: plainBuilds },
      { weight: 1, arbitrary: fc.constantFrom(...QUICK_STARTS.map((it) => it.build)) },
    ),
    years: fc.oneof(
      fc.constant([null, null] as const),
      fc
        .tuple(fc.integer({ min: 1850, max: 2010 }), fc.integer({ min: 0, max: 15 }))
        .map(([from, span]) => [from, from + span] as const),
    ),
    childsRoom: fc.boolean(),
    staysInPlace: fc.constantFrom(false, false, true),
    wetRoom: fc.constantFrom(false, false, true),
  })
  .map(({ years: [yearFrom, yearTo], ...rest }) =>
    pieceDescription.parse({ ...rest, yearFrom, yearTo }),
  );

const outcomeOf = (test: InspectionTest): fc.Arbitrary<Partial<Observation>> => {
  switch (test.kind) {
    case 'reading':
      return test.unit === 'layers'
        ? fc.integer({ min: 0, max: 4 }).map((value) => ({ value }))
        : fc
            .double({ min: test.min, max: test.max, noNaN: true })
            .map((value) => ({ value: Math.round(value * 10) / 10 }))
            .filter(({ value }) => value >= test.min);
    case 'layer':
      return fc.record({
        outcome: fc.constantFrom(...test.outcomes.map((it) => it.id)),
        layer: fc.integer({ min: 1, max: 4 }),
      });
    case 'choice':
      return fc.constantFrom(...test.outcomes.map((it) => it.id)).map((outcome) => ({ outcome }));
  }
};

/** Any observation on one of these surfaces. */
export const observationOn = (surfaceIds: readonly string[]): fc.Arbitrary<Observation> =>
  fc
    .constantFrom(...INSPECTION_TESTS)
    .chain((test) =>
      fc.tuple(id, fc.constantFrom(...surfaceIds), at, outcomeOf(test), fc.constant(test.id)),
    )
    .map(([observationId, surfaceId, when, outcome, testId]) => ({
      id: observationId,
      surfaceId,
      testId,
      outcome: null,
      value: null,
      layer: null,
      at: when,
      by: '',
      ...outcome,
    }));

export const findingOn = (surfaceIds: readonly string[]): fc.Arbitrary<Finding> =>
  fc.record({
    id,
    surfaceId: fc.constantFrom(...surfaceIds),
    damage: fc.constantFrom(...DAMAGES.ids),
    count: fc.integer({ min: 1, max: 6 }),
    lengthMm: fc.option(fc.integer({ min: 1, max: 400 })),
    widthMm: fc.option(fc.integer({ min: 1, max: 400 })),
    depthMm: fc.constant(null),
    direction: fc.constantFrom('along', 'across', 'slanting', 'none'),
    place: fc.option(fc.record({ x: fc.constantFrom(0, 0.5), y: fc.constantFrom(0.25, 1) })),
    photoId: fc.constant(null),
    note: fc.constant(''),
    at,
  });

/** Layers of paint seen on a surface, from the top down. */
export const layersOn = (surfaceId: string): fc.Arbitrary<PaintLayer[]> =>
  fc
    .array(fc.constantFrom(...layerFeel.options), { maxLength: 4 })
    .map((feels) =>
      feels.map((feel, index) =>
        paintLayer.parse({ surfaceId, layer: index + 1, colour: 'cream', feel }),
      ),
    );

const fittings: fc.Arbitrary<Hardware> = fc
  .record({
    id,
    kind: fc.constantFrom(...hardware.shape.kind.options),
    count: fc.integer({ min: 1, max: 24 }),
    missing: fc.integer({ min: 0, max: 2 }),
  })
  .map((it) => hardware.parse(it));

export const confirmationOn = (surfaceIds: readonly string[]): fc.Arbitrary<Confirmation> =>
  fc.constantFrom<Variable>('substrate', 'wood', 'finish', 'bleed').chain((variable) =>
    fc.record({
      surfaceId: fc.constantFrom(...surfaceIds),
      variable: fc.constant(variable),
      value: fc.constantFrom(...VARIABLES[variable].values.map((it) => it.id)),
      at,
    }),
  );

const topcoats = fc.constantFrom(...topcoat.options);
const bleached = fc.constantFrom(undefined, true);

export const schemes: fc.Arbitrary<Scheme> = fc
  .oneof(
    fc.record({
      kind: fc.constant('painted'),
      shade: fc.constantFrom('white', 'pale', 'mid', 'dark'),
      paint: fc.constantFrom(undefined, ...paintClass.options),
      grain: fc.constantFrom(undefined, 'filled'),
      effect: fc.constantFrom(undefined, ...effect.options),
      topcoat: topcoats,
    }),
    fc.record({
      kind: fc.constant('washed'),
      shade: fc.constantFrom('white', 'pale', 'mid', 'dark'),
      stainOver: fc.constantFrom(undefined, 'pale', 'dark'),
      topcoat: topcoats,
    }),
    fc.record({
      kind: fc.constant('veneered'),
      shade: fc.constantFrom(undefined, 'pale', 'mid', 'dark'),
      topcoat: topcoats,
    }),
    fc.record({ kind: fc.constant('touchedIn') }),
    fc.record({ kind: fc.constant('freshened') }),
    fc.record({
      kind: fc.constant('stained'),
      shade: fc.constantFrom('pale', 'mid', 'dark'),
      stain: fc.constantFrom(undefined, ...stainClass.options),
      toned: fc.constantFrom(undefined, true),
      bleached,
      grain: fc.constantFrom(undefined, 'filled'),
      topcoat: topcoats,
    }),
    fc.record({
      kind: fc.constant('clear'),
      bleached,
      grain: fc.constantFrom(undefined, 'filled'),
      topcoat: topcoats,
    }),
    fc.record({ kind: fc.constant('leave') }),
  )
  .map((it) => scheme.parse(it));

export const aimOn = (surfaceId: string): fc.Arbitrary<Aim> =>
  fc.record({
    surfaceId: fc.constant(surfaceId),
    scheme: schemes,
    stripWish: fc.constantFrom(...stripWish.options),
    applicator: fc.constantFrom(undefined, ...applicator.options),
    newPart: fc.constantFrom(undefined, undefined, undefined, ...newPart.options),
  });

const uniqueBy = <T>(list: readonly T[], key: (it: T) => string): T[] => [
  ...new Map(list.map((it) => [key(it), it])).values(),
];

const ways = Object.fromEntries(
  SCHOOLS.rows.map((school) => [
    school.id,
    fc.constantFrom(...(school.ways as readonly { id: string }[]).map((way) => way.id)),
  ]),
);

/** A shop that works in any of the ways that people work, with any of the tools. */
export const shops: fc.Arbitrary<Shop> = fc
  .record({ schools: fc.record(ways), tools: fc.subarray([...TOOLS.ids]) })
  .map((it) => shop.parse(it));

/** A whole piece: seen, damaged, vouched for and aimed at in any way. */
export const pieces: fc.Arbitrary<Piece> = descriptions.chain((description) => {
  const surfaceIds = surfacesOf(description).map((it) => it.id);
  return fc
    .record({
      observations: fc.array(observationOn(surfaceIds), { maxLength: 25 }),
      findings: fc.array(findingOn(surfaceIds), { maxLength: 6 }),
      confirmations: fc.array(confirmationOn(surfaceIds), { maxLength: 4 }),
      layers: fc.tuple(...surfaceIds.map(layersOn)),
      hardware: fc.array(fittings, { maxLength: 3 }),
      schools: fc.record(ways, { requiredKeys: [] }).map((it) => ownSchools.parse(it)),
      aims: fc.tuple(...surfaceIds.map((it) => fc.option(aimOn(it), { freq: 5 }))),
    })
    .map(({ observations, findings, confirmations, layers, aims, ...rest }) => ({
      ...newPiece('generated', description),
      observations: uniqueBy(observations, (it) => it.id),
      findings: uniqueBy(findings, (it) => it.id),
      layers: layers.flat(),
      hardware: uniqueBy(rest.hardware, (it) => it.id),
      confirmations: uniqueBy(confirmations, (it) => `${it.surfaceId}/${it.variable}`),
      aims: aims.filter((it) => it !== null),
    }));
});

/** A change that may be made to a piece as it is. */
export const changesOf = (it: Piece): fc.Arbitrary<PieceChange> => {
  const ids = surfacesOf(it).map((surface) => surface.id);
  const surfaceIds = fc.subarray(ids, { minLength: 1 });
  return fc.oneof(
    observationOn(ids).map((observation): PieceChange => ({ kind: 'observe', observation })),
    surfaceIds.map((list): PieceChange => ({
      kind: 'aim',
      surfaceIds: list,
      aims: list
        .slice(1)
        .map((surfaceId) => ({ surfaceId, scheme: { kind: 'leave' }, stripWish: 'best' })),
    })),
    fc.constantFrom(...ids).map((surfaceId): PieceChange => ({
      kind: 'confirm',
      confirmation: { surfaceId, variable: 'finish', value: 'wax', at: '2026-01-01T00:00:00Z' },
    })),
    fc
      .constantFrom(...ids)
      .map((surfaceId): PieceChange => ({ kind: 'unconfirm', surfaceId, variable: 'finish' })),
    fc.constantFrom<PieceChange>({ kind: 'archive' }, { kind: 'restore' }),
    fc
      .constantFrom(...ids)
      .chain((surfaceId) =>
        layersOn(surfaceId).map((layers): PieceChange => ({ kind: 'layers', surfaceId, layers })),
      ),
    ...it.hardware.flatMap((old) => [
      fc.constant<PieceChange>({ kind: 'unfit', hardwareId: old.id }),
      fc.constant<PieceChange>({ kind: 'fit', hardware: { ...old, disposition: 'replace' } }),
    ]),
    ...it.observations.map((old) =>
      fc.constant<PieceChange>({ kind: 'withdraw', observationId: old.id }),
    ),
    ...it.findings.map((old) => fc.constant<PieceChange>({ kind: 'unfind', findingId: old.id })),
  );
};
