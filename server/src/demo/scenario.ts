import { DAY_MS } from '@obrik/core/units';
import type { Material } from '@obrik/core/catalog';
import {
  buildOf,
  gridOf,
  usualBody,
  type Body,
  type BodyKindId,
  airSource,
  moneySettings,
  stocked,
  person,
  space,
  type AccountPart,
  type Build,
  type OwnPrice,
  type Piece,
  type Shop,
  type Stocked,
} from '@obrik/core/piece';
import { script } from './script';
import type { GotTo } from './work';

/** A piece of one body. */
const built = (startedFrom: string, kind: BodyKindId, told: Partial<Body>): Build =>
  buildOf([usualBody(kind, told)], { startedFrom });

/**
 * The fittings of a closed harbour library, restored by a two-person workshop for a village
 * hall. Invented; every piece stands in another state.
 */
export const harbourLibrary = (now: Date): readonly Piece[] => [
  script(
    'card-index',
    {
      name: 'Card-index cabinet',
      build: built('chest', 'carcass', {
        measures: { width: 960, depth: 430, height: 1150, legHeight: 130 },
        front: gridOf(4, 6, { kind: 'drawer' }),
      }),
      yearFrom: 1952,
      yearTo: 1956,
      origin: 'Harbour library, reading room. Paid 40.',
      keep: 'Brass pulls and label frames',
    },
    now,
    12,
  )
    .saw('top', 'chip', 'thin-wood')
    .saw('top', 'edge-grain', 'thin-line')
    .saw('top', 'wood-look', 'rings-pores')
    .saw('top', 'see-through', 'clear-film')
    .saw('top', 'alcohol', 'nothing')
    .saw('top', 'lacquer-thinner', 'reflows')
    .read('top', 'veneer-thickness', 0.8)
    .saw('fronts', 'edge-grain', 'thin-line')
    .saw('fronts', 'chip', 'thin-wood')
    .saw('fronts', 'wood-look', 'rings-pores')
    .saw('fronts', 'see-through', 'clear-film')
    .saw('fronts', 'lacquer-thinner', 'reflows')
    .saw('fronts', 'alcohol', 'nothing')
    .saw('fronts', 'bleed-patch', 'yellow')
    .saw('left', 'chip', 'thin-wood')
    .saw('left', 'see-through', 'clear-film')
    .saw('right', 'see-through', 'clear-film')
    .saw('frame', 'see-through', 'clear-film')
    .saw('legs', 'see-through', 'clear-film')
    .found('top', 'darkRing', 2, 'Ink, left front', {
      lengthMm: 60,
      widthMm: 35,
      place: { x: 0.2, y: 0.75 },
    })
    .found('fronts', 'scratch', 9)
    .found('fronts', 'gouge', 3, 'Old lock holes', { lengthMm: 12, widthMm: 12, depthMm: 6 })
    .fitted({
      kind: 'pull',
      name: 'Brass pull with label frame',
      count: 24,
      holeSpacingMm: 64,
      bag: 'A',
      disposition: 'clean',
    })
    .fitted({ kind: 'lock', count: 3, missing: 1, bag: 'B', disposition: 'keep' })
    .aim(['top'], { kind: 'stained', shade: 'mid', topcoat: 'waterborne' })
    .aim(['fronts', 'frame', 'left', 'right', 'legs'], {
      kind: 'painted',
      shade: 'pale',
      topcoat: 'waterborne',
    })
    .aim(['drawerSides', 'back'], { kind: 'leave' })
    .end(),
  script(
    'reading-table',
    {
      name: 'Reading table',
      build: built('table', 'table', {
        measures: { width: 2200, depth: 950, height: 760, apronHeight: 110 },
      }),
      yearFrom: 1948,
      yearTo: 1955,
      origin: 'Harbour library, window side.',
      keep: 'Marks of use, within reason',
    },
    now,
    9,
  )
    .saw('top', 'edge-grain', 'turns-corner')
    .saw('top', 'underside', 'same-figure')
    .saw('top', 'chip', 'wood-through')
    .saw('top', 'wood-look', 'pale-tight')
    .saw('top', 'see-through', 'clear-film')
    .saw('top', 'alcohol', 'sticky')
    .saw('top', 'uv-lamp', 'orange')
    .saw('apron', 'edge-grain', 'turns-corner')
    .saw('apron', 'see-through', 'clear-film')
    .saw('apron', 'chip', 'wood-through')
    .saw('apron', 'wet-rag', 'red')
    .saw('apron', 'knots', 'yes')
    .saw('legs', 'edge-grain', 'turns-corner')
    .saw('legs', 'see-through', 'clear-film')
    .saw('legs', 'chip', 'wood-through')
    .saw('legs', 'wet-rag', 'red')
    .found('top', 'whiteRing', 4)
    .found('top', 'dent', 6)
    .found('apron', 'looseJoint', 2)
    .aim(['top'], { kind: 'clear', topcoat: 'waterborne' })
    .aim(['apron', 'legs'], { kind: 'painted', shade: 'pale', topcoat: 'oil' })
    .aim(['underside'], { kind: 'leave' })
    .end(),
  script(
    'book-trolley',
    {
      name: 'Book trolley',
      build: built('bookcase', 'carcass', {
        measures: { width: 820, depth: 400, height: 1050, legHeight: 90 },
        front: gridOf(1, 1, { kind: 'open', shelves: 2 }),
      }),
      yearFrom: 1988,
      yearTo: 1995,
      origin: 'Harbour library, store room.',
    },
    now,
    6,
  )
    .saw('top', 'pattern', 'printed')
    .saw('top', 'edge-grain', 'seam')
    .saw('top', 'touch', 'dead-smooth')
    .saw('top', 'lacquer-thinner', 'nothing')
    .saw('left', 'pattern', 'printed')
    .saw('left', 'edge-grain', 'seam')
    .saw('right', 'pattern', 'printed')
    .saw('inside', 'underside', 'board')
    .found('left', 'residue', 3, 'Shelf labels')
    .aim(['top'], { kind: 'stained', shade: 'dark', topcoat: 'waterborne' })
    .aim(['left', 'right', 'frame', 'inside'], { kind: 'painted', shade: 'dark', topcoat: 'none' })
    .end(),
  script(
    'periodicals-bench',
    {
      name: 'Periodicals bench',
      build: built('bench', 'seat', {
        measures: { width: 1900, depth: 420, height: 450, apronHeight: 90, backrestHeight: 480 },
      }),
      yearFrom: 1931,
      yearTo: 1939,
      childsRoom: false,
      origin: 'Harbour library, entrance.',
      keep: 'Carved date on the backrest',
    },
    now,
    4,
  )
    .saw('seat', 'see-through', 'opaque')
    .saw('seat', 'paint-flake', 'snaps')
    .read('seat', 'layer-count', 4)
    .layers('seat', [
      ['white', 'rubbery'],
      ['cream', 'brittle'],
      ['green', 'brittle'],
      ['grey', 'unknown'],
    ])
    .saw('seat', 'lead-swab', 'notFound', 1)
    .saw('seat', 'lead-swab', 'notFound', 2)
    .saw('backrest', 'see-through', 'opaque')
    .saw('legs', 'see-through', 'opaque')
    .found('seat', 'peeling', 5)
    .found('legs', 'looseJoint', 1)
    .aim(['seat', 'backrest', 'apron', 'legs'], { kind: 'painted', shade: 'mid', topcoat: 'none' })
    .end(),
  script(
    'map-press',
    {
      name: 'Map press',
      build: built('chest', 'carcass', {
        measures: { width: 1350, depth: 980, height: 900, legHeight: 80 },
        front: gridOf(1, 8, { kind: 'drawer' }),
      }),
      yearFrom: 1958,
      yearTo: 1966,
      origin: 'Harbour library, chart room.',
    },
    now,
    2,
  )
    .saw('top', 'edge-grain', 'turns-corner')
    .saw('top', 'wood-look', 'red-brown')
    .confirm('top', 'wood', 'cherry')
    .saw('top', 'see-through', 'dull-wood')
    .found('back', 'splitBack', 1)
    .end(),
  script(
    'stool',
    {
      name: 'Librarian’s stool',
      build: built('stool', 'seat', {
        measures: { width: 340, depth: 340, height: 620, apronHeight: 60 },
      }),
      yearFrom: 1985,
      yearTo: 1992,
      origin: 'Harbour library, desk.',
    },
    now,
    15,
  )
    .saw('seat', 'edge-grain', 'turns-corner')
    .saw('seat', 'wood-look', 'pale-tight')
    .saw('seat', 'see-through', 'dull-wood')
    .saw('seat', 'oil-drop', 'soaks')
    .confirm('seat', 'finish', 'bare')
    .saw('apron', 'edge-grain', 'turns-corner')
    .confirm('apron', 'finish', 'bare')
    .saw('legs', 'edge-grain', 'turns-corner')
    .confirm('legs', 'finish', 'bare')
    .aim(['seat', 'apron', 'legs'], { kind: 'clear', topcoat: 'wax' })
    .end(),
  script(
    'radio-console',
    {
      name: 'Radio console',
      build: built('cabinet', 'carcass', {
        measures: { width: 880, depth: 400, height: 920, legHeight: 140 },
        front: gridOf(2, 1, { kind: 'door', shelves: 1 }),
      }),
      yearFrom: 1936,
      yearTo: 1940,
      origin: 'Harbour library, caretaker’s flat. Paid 25.',
      keep: 'Cloth grille',
    },
    now,
    1,
  )
    .saw('top', 'edge-grain', 'thin-line')
    .saw('top', 'pattern', 'mirrored')
    .saw('top', 'wood-look', 'red-brown')
    .saw('top', 'see-through', 'clear-film')
    .saw('top', 'alcohol', 'sticky')
    .saw('doors', 'edge-grain', 'thin-line')
    .saw('doors', 'see-through', 'clear-film')
    .saw('doors', 'alcohol', 'sticky')
    .saw('right', 'edge-grain', 'turns-corner')
    .saw('right', 'chip', 'thin-wood')
    .saw('right', 'see-through', 'clear-film')
    .found('top', 'liftingVeneer', 1, 'Right rear corner', {
      lengthMm: 40,
      widthMm: 30,
      place: { x: 0.93, y: 0.12 },
    })
    .found('right', 'missingVeneer', 1, 'Near the foot', {
      lengthMm: 40,
      widthMm: 25,
      place: { x: 0.7, y: 0.85 },
    })
    .fitted({ kind: 'hinge', count: 4, bag: 'C', disposition: 'clean' })
    .fitted({
      kind: 'knob',
      name: 'Bakelite knob',
      count: 3,
      missing: 1,
      bag: 'D',
      disposition: 'replace',
    })
    .aim(['top', 'doors'], { kind: 'stained', shade: 'dark', topcoat: 'oil' })
    .aim(['left', 'right'], { kind: 'stained', shade: 'dark', topcoat: 'oil' })
    .end(),
];

const dayBefore = (now: Date, days: number): string =>
  new Date(now.getTime() - days * DAY_MS).toISOString().slice(0, 10);

/** What stands on the shelf of the demo: an open can, one past its date, and what every shop has. */
export const shelfOf = (now: Date): readonly Stocked[] => {
  const on = (days: number) => ({
    seenAt: new Date(now.getTime() - days * DAY_MS).toISOString(),
    boughtOn: dayBefore(now, days),
  });
  const container = (
    id: string,
    material: Material,
    size: number,
    days: number,
    told: Partial<Stocked> = {},
  ): Stocked => stocked.parse({ id, material, size, left: size, ...on(days), ...told });
  return [
    container('can-enamel', 'cabinetEnamel', 1, 30, {
      colour: '#22303d',
      code: 'K 17',
      place: 'Paint shelf, left',
      openedOn: dayBefore(now, 8),
      paid: 2950,
    }),
    container('can-bonding', 'bonding', 1, 30, {
      colour: 'toned',
      code: 'B 204',
      place: 'Paint shelf, left',
      openedOn: dayBefore(now, 9),
      paid: 2600,
    }),
    container('degreaser', 'degreaser', 1, 200, { code: '0931', place: 'By the sink', paid: 990 }),
    container('old-shellac', 'pigmentedShellac', 1, 420, {
      colour: 'white',
      left: 0.6,
      openedOn: dayBefore(now, 400),
      place: 'Solvent cupboard',
    }),
    container('wax', 'pasteWax', 0.25, 60, { left: 0.05, place: 'Bench drawer', paid: 1150 }),
    container('tape', 'lowTackTape', 50, 45, { left: 50, paid: 640 }),
    container('gloves', 'nitrileGloves', 50, 45, { left: 31, place: 'Door', paid: 1090 }),
  ];
};

/** What things cost in the demo's shop; the rest is left as placeholders. */
export const demoPrices = (): readonly OwnPrice[] => [
  {
    material: 'cabinetEnamel',
    containers: [
      { size: 0.25, price: 990 },
      { size: 1, price: 2950 },
    ],
  },
  { material: 'bonding', containers: [{ size: 1, price: 2600 }] },
  { material: 'pigmentedShellac', containers: [{ size: 1, price: 3350 }] },
  {
    material: 'waterClear',
    containers: [
      { size: 0.75, price: 2480 },
      { size: 2.5, price: 6900 },
    ],
  },
  { material: 'degreaser', containers: [{ size: 1, price: 990 }] },
  { material: 'lowTackTape', containers: [{ size: 50, price: 640 }] },
  { material: 'nitrileGloves', containers: [{ size: 50, price: 1090 }] },
];

/** What the pieces of the demo cost, and what is hoped for them. */
export const ACCOUNTS: Readonly<Record<string, AccountPart>> = {
  'card-index': { paid: 4000, asItStands: 6000, price: 98_000 },
  'book-trolley': { paid: 1500, asItStands: 2000, price: 46_000 },
  'radio-console': { paid: 2500, asItStands: 4500, price: 52_000 },
  stool: { paid: 500, price: 9500 },
};

/** The two who restore it: by day the one, in the evenings the other; a bench and a room to dry in. */
export const twoPersonShop = (): Pick<Shop, 'timeZone' | 'people' | 'spaces' | 'air' | 'money'> => {
  const byDay = [{ from: 9 * 60, to: 16 * 60 }];
  const heater = { watt: 3000, toCelsius: 18 };
  return {
    timeZone: Intl.DateTimeFormat().resolvedOptions().timeZone,
    people: [
      person.parse({
        id: 'runa',
        name: 'Runa',
        hours: [...Array.from({ length: 5 }, () => byDay), [], []],
      }),
      person.parse({ id: 'tove', name: 'Tove' }),
    ],
    spaces: [
      space.parse({ id: 'bench', name: 'Bench room', wet: false, spray: false, heater }),
      space.parse({ id: 'drying', name: 'Drying room', dust: false, heater, places: 3 }),
    ],
    air: airSource.parse({ kind: 'typical', climate: 'coast' }),
    money: moneySettings.parse({
      currency: 'EUR',
      tax: 2000,
      rateAnHour: 2600,
      spaceAnHour: 250,
      disposalAPiece: 400,
      deposit: 3000,
      terms: 'Fetching and bringing within the harbour is free.',
    }),
  };
};

/** What was done by the day on which the demo starts: something dries, and a window closes soon. */
export const GOT_TO: readonly GotTo[] = [
  {
    pieceId: 'stool',
    isLast: (it) => it.phase === 'clean' && it.wait !== null,
    hoursAgo: 3,
    spaceId: 'drying',
  },
  {
    pieceId: 'book-trolley',
    isLast: (it) => it.coating === 'cabinetEnamel',
    hoursAgo: 7.5 * 24,
    spaceId: 'drying',
  },
];
