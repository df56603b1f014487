import { planRoute } from './index';
import { USUAL_SHOP, finding, surfacesOf, type Piece, type Scheme } from '../piece';
import { allAims, clear, painted, pieceOf, stained, type Told } from '../testing/pieces';

// How long work really takes in a small shop, hands on (common practice, no source).

const on = (template: NonNullable<Told['template']>, is: Record<string, string>) =>
  Object.fromEntries(Object.keys(allAims(template, painted())).map((id) => [id, is]));

const FILM = { substrate: 'hardwood', wood: 'pale', finish: 'varnish', bleed: 'none' };
const FOIL = { substrate: 'foil', finish: 'factory' };
const PAINTED = { substrate: 'hardwood', wood: 'pale', finish: 'alkyd', bleed: 'none' };
const DRESSER = { width: 1500, depth: 480, height: 850, legHeight: 120, rows: 3, columns: 2 };

/** All that is seen of a piece gets one scheme; drawer sides, back and underside are left. */
const outside = (template: NonNullable<Told['template']>, scheme: Scheme) =>
  Object.fromEntries(
    Object.entries(allAims(template, scheme)).filter(
      ([id]) => !['drawerSides', 'back', 'underside', 'inside'].includes(id),
    ),
  );

const withDamage = (piece: Piece, list: readonly (readonly [string, string, number])[]): Piece => ({
  ...piece,
  findings: [
    ...piece.findings,
    ...list.map(([surfaceId, damage, count], index) =>
      finding.parse({
        id: `damage-${index}`,
        surfaceId,
        damage,
        count,
        at: '2026-01-15T10:00:00Z',
      }),
    ),
  ],
});

const layered = (piece: Piece, layers: number): Piece => ({
  ...piece,
  layers: surfacesOf(piece).flatMap(({ id }) =>
    Array.from({ length: layers }, (_, index) => ({
      surfaceId: id,
      layer: index + 1,
      colour: ['cream', 'green', 'brown', 'blue', 'red'][index] ?? 'cream',
      feel: 'hard' as const,
      thicknessUm: null,
    })),
  ),
});

const dresser = (scheme: Scheme): Piece =>
  pieceOf({ measures: DRESSER, known: on('chest', FILM), aims: outside('chest', scheme) });

const JOBS: readonly (readonly [string, number, number, () => Piece])[] = [
  ['a six-drawer dresser painted', 10, 20, () => dresser(painted('mid'))],
  [
    'a dresser in white with much filling',
    12,
    20,
    () =>
      withDamage(dresser(painted('white')), [
        ['top', 'gouge', 4],
        ['fronts', 'gouge', 6],
        ['fronts', 'scratch', 12],
        ['left', 'gouge', 3],
        ['right', 'scratch', 6],
      ]),
  ],
  [
    'a foil chest painted',
    6,
    10,
    () =>
      pieceOf({
        measures: { width: 800, depth: 400, height: 800, rows: 4, columns: 1, legHeight: 0 },
        known: on('chest', FOIL),
        aims: outside('chest', painted('mid', 'none')),
      }),
  ],
  [
    'a wardrobe painted',
    12,
    20,
    () =>
      pieceOf({
        template: 'wardrobe',
        known: on('wardrobe', FILM),
        aims: outside('wardrobe', painted('mid')),
      }),
  ],
  [
    'a solid table stripped and cleared',
    8,
    15,
    () =>
      pieceOf({
        template: 'table',
        known: on('table', FILM),
        aims: outside('table', clear()),
        wish: 'scrape',
      }),
  ],
  [
    'a carved side table with thick paint stripped',
    12,
    16,
    () =>
      withDamage(
        layered(
          pieceOf({
            template: 'table',
            measures: { width: 600, depth: 450, height: 700 },
            known: on('table', PAINTED),
            aims: outside('table', clear()),
          }),
          4,
        ),
        [
          ['apron', 'carving', 1],
          ['legs', 'carving', 4],
        ],
      ),
  ],
  [
    'a sideboard with a stained top and a distressed body',
    18,
    22,
    () =>
      withDamage(
        pieceOf({
          template: 'cabinet',
          measures: { width: 1800, depth: 480, height: 900, doors: 3 },
          known: on('cabinet', FILM),
          aims: {
            ...outside('cabinet', {
              kind: 'painted',
              shade: 'pale',
              effect: 'distressed',
              topcoat: 'waterborne',
            }),
            top: stained(),
            inside: { kind: 'freshened' },
          },
        }),
        [
          ['doors', 'gouge', 4],
          ['left', 'scratch', 6],
        ],
      ),
  ],
  [
    'a hutch in white, inside too',
    28,
    35,
    () =>
      pieceOf({
        template: 'cabinet',
        measures: { width: 1300, depth: 450, height: 1950, doors: 2, shelves: 3 },
        known: on('cabinet', FILM),
        aims: {
          ...outside('cabinet', painted('white', 'none')),
          inside: painted('white', 'none'),
        },
      }),
  ],
];

it.each(JOBS)('%s takes %i to %i hours', (_, from, to, job) => {
  const piece = job();
  const { minutes, refusals } = planRoute(piece, USUAL_SHOP);
  expect(refusals.filter((it) => it.blocks)).toEqual([]);
  expect(minutes / 60).toBeGreaterThanOrEqual(from);
  expect(minutes / 60).toBeLessThanOrEqual(to);
});
