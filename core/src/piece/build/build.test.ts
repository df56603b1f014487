import fc from 'fast-check';
import { builds, fronts } from '../../testing/arbitraries';
import { OLD_TEMPLATES, pieceOf, usualMeasures } from '../../testing/pieces';
import {
  QUICK_STARTS,
  addBody,
  assemble,
  build,
  facesOf,
  frontInWords,
  frontToText,
  meantAsLanes,
  pieceDescription,
  pieceFile,
  placeCells,
  quickStart,
  read,
  removeCell,
  splitCell,
  surfacesOf,
  textToFront,
  usualBody,
  withEdit,
  type Build,
} from '../index';
import type { OldTemplate } from './index';
import fileOfVersion1 from '../../testing/piece-file-1.json';

const rounded = (it: Pick<Parameters<typeof surfacesOf>[0], 'build'>) =>
  Object.fromEntries(surfacesOf(it).map((one) => [one.id, Math.round(one.areaMm2)]));
const areasOfOld = (template: OldTemplate, measures = {}) =>
  rounded(pieceOf({ template, measures }));
const startOf = (id: string): Build => {
  const found = quickStart(id);
  if (!found) throw new Error(`No start ${id}`);
  return found.build;
};
const areasOf = (id: string) => rounded({ build: startOf(id) });

describe('pieces of version 1 keep their surfaces and areas, worked by hand with boards of 20 mm and legs of 45 mm', () => {
  it('chest 900 × 450 × 850, legs 100, 4 rows', () => {
    expect(areasOfOld('chest')).toEqual({
      top: 900 * 450 + 900 * 20 + 2 * 450 * 20,
      left: 450 * 730,
      right: 450 * 730,
      back: 900 * 730,
      // Openings: 900 − 2 × 20 wide; (750 − 5 × 20) / 4 high.
      fronts: 4 * 860 * 162.5,
      frame: 2 * 20 * 730 + 4 * 860 * 20,
      drawerSides: 8 * 410 * 142.5,
      legs: 4 * 4 * 45 * 100,
    });
  });

  it('cabinet 1000 × 420 × 850, legs 120, 2 doors, 1 shelf', () => {
    expect(areasOfOld('cabinet')).toEqual({
      top: 456_800,
      left: 298_200,
      right: 298_200,
      back: 710_000,
      doors: 2 * 470 * 690,
      frame: 61_400,
      inside: 2_750_400,
      legs: 86_400,
    });
  });

  it('table, bench, wardrobe, bookcase, stool', () => {
    expect(areasOfOld('table')).toEqual({
      top: 1_180_000,
      underside: 1_120_000,
      apron: 363_600,
      legs: 540_000,
    });
    expect(areasOfOld('bench')).toEqual({ seat: 575_200, apron: 256_000, legs: 324_000 });
    expect(areasOfOld('bench', { backrestHeight: 500 })).toMatchObject({
      backrest: 2 * 1400 * 500,
    });
    expect(areasOfOld('wardrobe')).toMatchObject({
      top: 683_200,
      left: 1_073_000,
      doors: 1_903_200,
    });
    const bookcase = areasOfOld('bookcase');
    expect(bookcase).toMatchObject({ top: 268_000, left: 534_000, inside: 4_451_200 });
    expect(bookcase).not.toHaveProperty('legs');
    expect(areasOfOld('stool')).toMatchObject({ seat: 151_200 });
  });

  it('a file of version 1 is read with all that it holds, and says what it is', () => {
    const result = read(pieceFile, fileOfVersion1);
    if (!result.ok) throw new Error(JSON.stringify(result.problems));
    const { piece } = result.value;
    expect(surfacesOf(piece).map((it) => it.id)).toEqual([
      'top',
      'left',
      'right',
      'back',
      'fronts',
      'frame',
      'drawerSides',
      'legs',
    ]);
    expect(piece.observations.map((it) => it.surfaceId)).toEqual(['top', 'fronts', 'legs']);
    expect(piece.aims).toHaveLength(2);
    expect(piece.build).toMatchObject({ startedFrom: 'chest', storesClothes: true, count: 1 });
    expect(piece).toMatchObject({ staysInPlace: false, wetRoom: false });
  });

  it.each(OLD_TEMPLATES)('a %s of version 1 that is all wrong says what is wrong with it', (id) => {
    const measures = { ...usualMeasures(id), height: 1, bayWidth: 1 };
    expect(read(pieceDescription, { name: 'x', templateId: id, measures }).ok).toBe(false);
    const unknown = read(pieceDescription, { name: 'x', templateId: 'boat', measures: {} });
    expect(unknown.ok ? [] : unknown.problems.map((it) => it.path)).toEqual(['build']);
  });
});

describe('areas of six built pieces, worked by hand', () => {
  it('sideboard 1500 × 480 × 920 on legs of 160: door, three drawers, door', () => {
    // The box is 760 high; three lanes of (1500 − 80) / 3; drawers of (760 − 80) / 3.
    const lane = 1420 / 3;
    expect(areasOf('sideboard')).toEqual({
      top: 769_200,
      left: 355_200,
      right: 355_200,
      back: 1_110_000,
      doors: 681_600,
      fronts: Math.round(lane * 680),
      frame: Math.round(1500 * 740 - 681_600 - lane * 680),
      // Two spaces 460 deep and 720 high, a shelf in each.
      inside: Math.round(2 * (2 * 460 * 720 + lane * (2 * 460 + 720 + 2 * 460))),
      drawerSides: 545_600,
      legs: 115_200,
    });
  });

  it('hutch in two parts: the upper covers part of the lower top; glazed doors, moulded cornice', () => {
    const areas = areasOf('hutch');
    expect(areas.top).toBe(619_200 - 1150 * 330);
    // Two doors 545 × 980, 45 % of them wood, framed: 15 % more.
    expect(areas.doors_2).toBe(Math.round(2 * 545 * 980 * 0.45 * 1.15));
    expect(areas.cornice_2).toBe(181_000);
    expect(areas.left_2).toBe(336_600);
    expect(areas).not.toHaveProperty('top_2');
  });

  it('built-in vanity 900 × 500 × 820: no top, no back, a false drawer over two doors', () => {
    expect(areasOf('vanity')).toEqual({
      left: 365_000,
      right: 365_000,
      falseFronts: 144_050,
      doors: 422_100,
      frame: 90_850,
      inside: 1_740_150,
      plinth: 171_000,
    });
  });

  it('chair 450 × 420 × 450 with a slatted back of 450 and stretchers', () => {
    expect(areasOf('chair')).toEqual({
      seat: 214_800,
      backrest: 702_000,
      apron: 82_800,
      stretchers: 248_400,
      legs: 324_000,
    });
  });

  it('bar cart 700 × 420 × 780 of two tiers with rails, on casters', () => {
    expect(areasOf('barCart')).toEqual({
      top: 324_800,
      shelves: 602_000,
      rails: 358_400,
      legs: 561_600,
    });
  });

  it('blanket box 1000 × 480 × 500 on bracket feet of 80: both faces of the lid', () => {
    expect(areasOf('blanketBox')).toEqual({
      top: 941_600,
      front: 400_000,
      left: 192_000,
      right: 192_000,
      back: 400_000,
      inside: 1_486_400,
      feet: 89_600,
    });
  });
});

describe('what is said by hand', () => {
  const sideboard = startOf('sideboard');
  const areas = (it: Partial<Build>) => rounded({ build: { ...sideboard, ...it } });

  it('turned legs have a tenth more, carved ones four tenths; a given area stands as given', () => {
    expect(
      rounded({ build: withEdit(sideboard, { surfaceId: 'legs', profile: 'turned' }) }).legs,
    ).toBe(126_720);
    expect(areas({ edits: [{ surfaceId: 'legs', profile: 'carved' }] }).legs).toBe(161_280);
    expect(areas({ edits: [{ surfaceId: 'top', areaMm2: 123_456 }] }).top).toBe(123_456);
  });

  it('splitting and merging keep the area; two alike are twice the work', () => {
    const sum = (it: Record<string, number>) => Object.values(it).reduce((a, b) => a + b, 0);
    const whole = sum(areas({}));
    const splits = [
      { of: 'top', id: 'top-p2', name: 'Left half', share: 0.5, cut: 'upright' } as const,
    ];
    expect(areas({ splits })).toMatchObject({ top: 384_600, 'top-p2': 384_600 });
    expect(sum(areas({ splits }))).toBe(whole);
    const merged = areas({ merges: [{ from: 'right', into: 'left' }] });
    expect(merged).toMatchObject({ left: 710_400 });
    expect(sum(merged)).toBe(whole);
    expect(sum(areas({ count: 2 })) / whole).toBeCloseTo(2, 6);
    expect(assemble({ ...sideboard, count: 2 }).loose).toEqual({ drawers: 6, doors: 4, pulls: 16 });
  });

  it('a body on another is as wide as it and higher up; a cell cut in two fills the same place', () => {
    const taller = addBody(sideboard, 'carcass', 'on');
    expect(assemble(taller).size).toEqual({ width: 1500, depth: 480, height: 920 + 850 });
    const { front } = sideboard.bodies[0] ?? {};
    if (!front) throw new Error('A sideboard has a front.');
    const cut = splitCell(front, { lane: 1, index: 0 });
    expect(placeCells(cut, 1500, 760)).toHaveLength(6);
    expect(
      removeCell(removeCell(cut, { lane: 0, index: 0 }), { lane: 0, index: 0 }).of,
    ).toHaveLength(2);
  });
});

describe('a front in one line', () => {
  it.each([
    ['door | 3 drawers | door', 'columns', ['door', 'drawer', 'drawer', 'drawer', 'door']],
    ['2 drawers / drawer x2', 'rows', ['drawer', 'drawer', 'drawer']],
    ['Open with 3 shelves', 'rows', ['open']],
    ['false drawer / 2 louvred doors', 'rows', ['falseDrawer', 'door', 'door']],
  ])('%s', (text, lanes, kinds) => {
    const front = textToFront(text);
    if ('problem' in front) throw new Error(front.problem);
    expect(front.lanes).toBe(lanes);
    expect(front.of.flatMap((it) => it.cells.map((cell) => cell.kind))).toEqual(kinds);
  });

  it('says what it does not understand', () => {
    expect(textToFront('3 drawrs')).toMatchObject({ problem: expect.stringMatching(/drawrs/) });
    expect(textToFront('door | drawer / drawer')).toMatchObject({
      problem: expect.stringMatching(/not both/),
    });
  });

  it('comes back as it was written', () => {
    fc.assert(
      fc.property(fronts, (front) => {
        const again = textToFront(frontToText(front));
        if ('problem' in again) throw new Error(again.problem);
        const told = { ...front, lanes: front.of.length > 1 ? front.lanes : again.lanes };
        const plain = (it: typeof front) => ({
          lanes: it.lanes,
          cells: it.of.map((lane) => [
            lane.size,
            lane.cells.map((one) => [one.kind, one.size, one.set]),
          ]),
        });
        expect(plain(again)).toEqual(plain(told));
      }),
    );
  });
});

describe('anything that can be built', () => {
  it('has surfaces of its own ids with an area, drawn without one crossing another', () => {
    fc.assert(
      fc.property(builds, (it) => {
        expect(read(build, it).ok).toBe(true);
        const { surfaces, faces } = assemble(it);
        const ids = surfaces.map((one) => one.id);
        expect(new Set(ids).size).toBe(ids.length);
        for (const one of surfaces) expect(one.areaMm2).toBeGreaterThan(0);
        const crossing = faces.filter((a, index) =>
          faces.slice(index + 1).some((b) => {
            const x = Math.min(a.x + a.width, b.x + b.width) - Math.max(a.x, b.x);
            const y = Math.min(a.y + a.height, b.y + b.height) - Math.max(a.y, b.y);
            const contained =
              (Math.abs(x - Math.min(a.width, b.width)) < 0.1 &&
                Math.abs(y - Math.min(a.height, b.height)) < 0.1) ||
              a.surfaceId === b.surfaceId ||
              // A cut through the ground runs below what lies on it.
              it.splits.some((cut) => [cut.of, cut.id].includes(a.surfaceId ?? ''));
            return x > 0.1 && y > 0.1 && !contained;
          }),
        );
        expect(crossing).toEqual([]);
        const wrong = faces.filter(
          (one) =>
            !(Math.min(one.width, one.height) > 0 && Math.min(one.x, one.y) > -0.01) ||
            (one.surfaceId !== null && !ids.includes(one.surfaceId)),
        );
        expect(wrong).toEqual([]);
      }),
      { numRuns: 1000 },
    );
  });
});

describe('the quick starts', () => {
  it('are builder values that can be saved, at least twenty, each with a name and an id of its own', () => {
    expect(QUICK_STARTS.length).toBeGreaterThanOrEqual(20);
    expect(new Set(QUICK_STARTS.map((it) => it.name)).size).toBe(QUICK_STARTS.length);
    for (const it of QUICK_STARTS) {
      expect(read(build, JSON.parse(JSON.stringify(it.build))).ok).toBe(true);
      expect(surfacesOf(it).length).toBeGreaterThan(0);
      expect(facesOf(it).length).toBeGreaterThan(0);
    }
  });

  it('know what clothes are kept in, what is for a child, and what is fixed', () => {
    const said = (id: string) => quickStart(id);
    expect(said('chest')?.build.storesClothes).toBe(true);
    expect(said('sideboard')?.build.storesClothes).toBe(false);
    expect(assemble(startOf('crib')).forChild).toBe(true);
    expect(said('vanity')).toMatchObject({ staysInPlace: true, wetRoom: true });
    expect(usualBody('carcass').measures.width).toBe(900);
  });
});

describe('a front that was typed', () => {
  it.each([
    ['2 drawers x3', '1 row: 2 drawers, side by side', 3],
    ['2 drawers / 2 drawers / 2 drawers', '3 rows, in each 2 drawers, side by side', null],
    ['door | 3 drawers', '2 columns: column 1 with 1 door; column 2 with 3 drawers', null],
    ['drawer / drawer x2', '2 rows, in each 1 drawer', null],
  ])('“%s” is told as “%s”', (text, told, lanes) => {
    const front = textToFront(text);
    expect('problem' in front ? front.problem : frontInWords(front)).toBe(told);
    const meant = meantAsLanes(text);
    expect(meant?.lanes ?? null).toBe(lanes);
    if (meant) {
      const rows = textToFront(meant.line);
      expect('problem' in rows ? rows.problem : frontInWords(rows)).toBe(
        '3 rows, in each 2 drawers, side by side',
      );
    }
  });
});
