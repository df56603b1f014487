import { buildOf, usualBody, type Body, type Build } from './build';
import { front, gridOf, type Cell, type Front } from './front';

/** A common piece to begin with: nothing but a build. */
export interface QuickStart {
  readonly id: string;
  readonly name: string;
  readonly build: Build;
  /** It is usually fixed where it is. */
  readonly staysInPlace?: boolean;
  /** It usually stands in a wet room. */
  readonly wetRoom?: boolean;
}

const start = (
  id: string,
  name: string,
  bodies: readonly Body[],
  told: Partial<Omit<Build, 'bodies'>> & Pick<QuickStart, 'staysInPlace' | 'wetRoom'> = {},
): QuickStart => {
  const { staysInPlace, wetRoom, ...build } = told;
  return {
    id,
    name,
    build: buildOf(bodies, { startedFrom: id, ...build }),
    ...(staysInPlace ? { staysInPlace } : {}),
    ...(wetRoom ? { wetRoom } : {}),
  };
};

type Told = Partial<Cell> & Pick<Cell, 'kind'>;
const drawers = (count: number): readonly Told[] =>
  Array.from({ length: count }, () => ({ kind: 'drawer' }));
const door = (told: Partial<Cell> = {}): Told => ({ kind: 'door', shelves: 1, ...told });

const divided = (
  lanes: Front['lanes'],
  ...of: readonly { readonly size?: number; readonly cells: readonly Told[] }[]
): Front => front.parse({ lanes, of });
const columns = (...of: Parameters<typeof divided>[1][]): Front => divided('columns', ...of);
const rows = (...of: Parameters<typeof divided>[1][]): Front => divided('rows', ...of);

const box = (measures: Record<string, number>, frontOf: Front, told: Partial<Body> = {}): Body =>
  usualBody('carcass', { ...told, measures, front: frontOf });

const chest = (measures: Record<string, number>, count: number, told: Partial<Body> = {}): Body =>
  box(measures, gridOf(1, count, { kind: 'drawer' }), told);

const upper = (told: Partial<Body> = {}): Partial<Body> => ({
  id: '2',
  name: 'Upper',
  stands: 'on',
  ...told,
});

const NO_TOP = { top: 'no' };
const CLOTHES = { storesClothes: true };

const pedestal = (id: string, name: string): Body =>
  box({ width: 420, depth: 600, height: 720, legHeight: 60 }, gridOf(1, 3, { kind: 'drawer' }), {
    id,
    name,
    stands: 'beside',
    choices: { support: 'plinth', ...NO_TOP },
  });

/** Common pieces, by how often they come in (common practice, no source). Measures are usual ones. */
export const QUICK_STARTS: readonly QuickStart[] = [
  start('chest', 'Chest of drawers', [chest({}, 4)], CLOTHES),
  start('sideboard', 'Sideboard', [
    box(
      { width: 1500, depth: 480, height: 920, legHeight: 160 },
      columns({ cells: [door()] }, { cells: drawers(3) }, { cells: [door()] }),
    ),
  ]),
  start('bedside', 'Bedside cabinet', [
    box(
      { width: 450, depth: 380, height: 620, legHeight: 100 },
      rows({ size: 1, cells: drawers(1) }, { size: 2, cells: [door()] }),
    ),
  ]),
  start('cabinet', 'Cabinet with doors', [
    box(
      { width: 1000, depth: 420, height: 850, legHeight: 120 },
      gridOf(2, 1, { kind: 'door', shelves: 1 }),
    ),
  ]),
  start('table', 'Table', [usualBody('table')]),
  start('sideTable', 'Side table', [
    usualBody('table', {
      measures: { width: 550, depth: 450, height: 600, apronHeight: 110, drawers: 1 },
    }),
  ]),
  start('chair', 'Chair', [
    usualBody('seat', {
      measures: { backrestHeight: 450 },
      choices: { backrest: 'slats', stretchers: 'sides' },
    }),
  ]),
  start('armchair', 'Armchair', [
    usualBody('seat', {
      measures: { width: 560, depth: 500, height: 420, backrestHeight: 500 },
      choices: { backrest: 'slats', seat: 'padded', arms: 'yes' },
    }),
  ]),
  start('desk', 'Desk with drawers', [
    pedestal('', 'Left'),
    pedestal('2', 'Right'),
    usualBody('table', {
      id: '3',
      name: 'Desk',
      stands: 'on',
      measures: { width: 1500, depth: 700, height: 250, apronHeight: 110, drawers: 1 },
    }),
  ]),
  start(
    'wardrobe',
    'Wardrobe',
    [
      box(
        { width: 1100, depth: 580, height: 1950, legHeight: 80 },
        gridOf(2, 1, { kind: 'door', shelves: 1 }),
      ),
    ],
    CLOTHES,
  ),
  start('bookcase', 'Bookcase', [
    box(
      { width: 800, depth: 300, height: 1800, legHeight: 0 },
      gridOf(1, 1, { kind: 'open', shelves: 4 }),
    ),
  ]),
  start('hutch', 'Hutch in two parts', [
    box(
      { width: 1200, depth: 480, height: 900, legHeight: 80 },
      rows({ size: 1, cells: drawers(2) }, { size: 2.5, cells: [door(), door()] }),
      { name: 'Lower', choices: { support: 'plinth' } },
    ),
    box(
      { width: 1150, depth: 330, height: 1100, legHeight: 0, corniceHeight: 80 },
      gridOf(2, 1, { kind: 'door', style: 'glazed', shelves: 2 }),
      upper({ choices: NO_TOP }),
    ),
  ]),
  start(
    'chestOnChest',
    'Chest on chest',
    [
      chest({ width: 1000, depth: 520, height: 850, legHeight: 120 }, 3, {
        name: 'Lower',
        choices: { support: 'feet', ...NO_TOP },
      }),
      box(
        { width: 960, depth: 500, height: 800, legHeight: 0, corniceHeight: 60 },
        rows({ cells: drawers(2) }, { cells: drawers(1) }, { cells: drawers(1) }),
        upper(),
      ),
    ],
    CLOTHES,
  ),
  start('dressingTable', 'Dressing table with mirror', [
    box(
      { width: 1100, depth: 450, height: 760, legHeight: 300 },
      columns({ cells: drawers(2) }, { cells: drawers(1) }, { cells: drawers(2) }),
    ),
    usualBody('frame', {
      ...upper({ name: 'Mirror' }),
      measures: { width: 650, height: 700, depth: 25, stileWidth: 60 },
    }),
  ]),
  start('blanketBox', 'Blanket box', [usualBody('box')]),
  start('bench', 'Bench', [
    usualBody('seat', { measures: { width: 1400, depth: 380, apronHeight: 80 } }),
  ]),
  start('stool', 'Stool', [
    usualBody('seat', { measures: { width: 360, depth: 360, height: 480 } }),
  ]),
  start('bed', 'Bed', [usualBody('bed')]),
  start('crib', 'Crib', [usualBody('crib')]),
  start('barCart', 'Bar cart', [usualBody('cart')]),
  start(
    'vanity',
    'Built-in vanity',
    [
      box(
        { width: 900, depth: 500, height: 820, legHeight: 90 },
        rows(
          { size: 1, cells: [{ kind: 'falseDrawer' }] },
          { size: 3, cells: [door({ shelves: 0 }), door({ shelves: 0 })] },
        ),
        { choices: { support: 'plinth', back: 'no', ...NO_TOP } },
      ),
    ],
    { staysInPlace: true, wetRoom: true },
  ),
  start('wall', 'Wall unit', [usualBody('wall')], { staysInPlace: true }),
  start('mirror', 'Picture or mirror frame', [usualBody('frame')]),
  start('door', 'Single door', [
    usualBody('frame', {
      measures: { width: 860, height: 1985, depth: 40, stileWidth: 110 },
      choices: { filling: 'panel' },
    }),
  ]),
];

/** The quick start of this id; undefined where a piece was built from nothing, or long ago. */
export const quickStart = (id: string): QuickStart | undefined =>
  QUICK_STARTS.find((it) => it.id === id);
