import {
  COATINGS,
  DECISIONS,
  FILLS,
  MATERIALS,
  PRIMERS,
  PROTECTIONS,
  RATES,
  SHEENS,
  STRIP_WAYS,
  TRANSFER,
  UNTILS,
  WAITS,
  costOfWayPerM2,
  hazardsOfWay,
  priceOf,
  wornTogether,
  type Hazard,
  type Protection,
} from './index';

// What is used up and worn. The tables were written by hand from the practice of the trade
// (reference §7, §8, §13, §14; values from memory).

/** What can hurt about a material, by hand. */
const HURTS: Readonly<Record<string, readonly Hazard[]>> = {
  mineralSpirits: ['flammable'],
  alcohol: ['flammable'],
  gelStripper: ['flammable', 'fumes', 'sludge'],
  mildStripper: ['sludge'],
  lyeFoam: ['corrosive', 'sludge'],
  oxalicAcid: ['poison'],
  contactCement: ['fumesStun'],
  twoPartFiller: ['skin', 'fumes'],
  metalSpray: ['sprayMist'],
  oilStain: ['selfHeating', 'fumes'],
  hardOil: ['selfHeating'],
  oilClear: ['selfHeating', 'fumes'],
  oilEnamel: ['selfHeating', 'fumes'],
  pigmentedShellac: ['flammable', 'fumes'],
  pasteWax: ['flammable'],
};

/** What has to be worn with it, by hand; one of each list will do. */
const WORN: Readonly<Record<string, readonly (readonly Protection[])[]>> = {
  gelStripper: [['solventGloves'], ['goggles'], ['vapourCartridges']],
  lyeFoam: [['longRubberGloves', 'rubberGloves'], ['goggles']],
  oxalicAcid: [['nitrileGloves'], ['goggles']],
  pigmentedShellac: [['vapourCartridges'], ['nitrileGloves']],
  oilClear: [['vapourCartridges'], ['nitrileGloves']],
  contactCement: [['vapourCartridges'], ['openWindow', 'outdoors']],
  metalSpray: [['vapourCartridges'], ['outdoors']],
};

describe('materials', () => {
  it.each(Object.entries(HURTS))('%s says how it can hurt: %j', (id, hazards) => {
    expect(MATERIALS.get(id as 'alcohol').hazards).toEqual(expect.arrayContaining([...hazards]));
  });

  it.each(Object.entries(WORN))('%s says what to wear', (id, needed) => {
    const { protection } = MATERIALS.get(id as 'alcohol');
    for (const oneOf of needed) expect(protection.some((it) => oneOf.includes(it))).toBe(true);
  });

  it('water and clear water-based coats are no solvents', () => {
    for (const id of ['waterClear', 'acrylic', 'cabinetEnamel', 'vinegar', 'degreaser'] as const) {
      expect(MATERIALS.get(id).hazards).toEqual([]);
    }
  });

  it('what dissolves what: alcohol shellac, spirits wax, shellac’s own alcohol shellac', () => {
    expect(MATERIALS.get('alcohol').dissolves).toContain('shellac');
    expect(MATERIALS.get('alcohol').dissolves).not.toContain('varnish');
    expect(MATERIALS.get('mineralSpirits').dissolves).toEqual(['wax']);
    expect(MATERIALS.get('pigmentedShellac').dissolves).toContain('shellac');
    expect(MATERIALS.get('gelStripper').dissolves).toEqual(
      expect.arrayContaining(['shellac', 'lacquer', 'varnish', 'latex', 'alkyd']),
    );
  });

  it('what is mixed by mass has a density; hardener goes in at about 2 % by mass (1 to 3 %)', () => {
    for (const id of ['twoPartFiller', 'hardener', 'epoxyPutty'] as const) {
      expect(MATERIALS.get(id).density).toBeGreaterThan(1);
    }
    const uses = FILLS.twoPart.uses;
    const each = (id: string) => uses.find((it) => it.material === id)?.each ?? NaN;
    expect(each('hardener') / each('twoPartFiller')).toBeGreaterThanOrEqual(0.01);
    expect(each('hardener') / each('twoPartFiller')).toBeLessThanOrEqual(0.03);
  });

  it('everything that is used up is sold in some size at some price, marked as a placeholder', () => {
    for (const it of MATERIALS.rows.filter((row) => !row.kept)) {
      expect({ id: it.id, sizes: it.containers.length }).not.toEqual({ id: it.id, sizes: 0 });
      for (const { size, price } of it.containers) {
        expect(size).toBeGreaterThan(0);
        expect(price).toBeGreaterThan(0);
      }
      expect(it.priceSource.mark).toBe('J');
      expect(priceOf(it.id, 2)).toBeCloseTo(2 * priceOf(it.id, 1));
    }
  });
});

describe('ways to strip', () => {
  it('cost and hurt what their materials do', () => {
    // Gel 0.45 L at 18.00, spirits 0.1 L at 9.00, film 1 m² at 0.25 (placeholders).
    expect(costOfWayPerM2('gel')).toBeCloseTo(810 + 90 + 25);
    expect(hazardsOfWay('gel')).toEqual(expect.arrayContaining(['fumes', 'sludge']));
    expect(hazardsOfWay('sand')).toEqual([]);
  });

  it('none that makes dust or heat goes on lead; lye goes on no tannin, paint or veneer', () => {
    for (const it of STRIP_WAYS.rows) {
      if (it.makesDust || it.heats) expect(it.allowedOnLead).toBe(false);
    }
    expect(STRIP_WAYS.get('caustic')).toMatchObject({
      wets: 'caustic',
      forTannin: false,
      forPaint: false,
      alkaline: true,
    });
  });
});

describe('coatings, one file each', () => {
  it('stand as materials and as primers by the same definition', () => {
    for (const it of COATINGS.rows) {
      expect(MATERIALS.get(it.id)).toMatchObject({ unit: 'L', containers: it.containers });
    }
    for (const it of PRIMERS.rows) {
      expect(it.label).toBe(COATINGS.get(it.id).label);
      expect(it.coats).toBeGreaterThan(0);
    }
    expect(PRIMERS.ids).toEqual(
      COATINGS.rows.filter((it) => it.role === 'primer').map((it) => it.id),
    );
  });

  it('only waterborne films go through a gun that is used again', () => {
    const sprayed = COATINGS.rows.filter((it) => it.sprayable).map((it) => it.id);
    expect(sprayed).toEqual(
      expect.arrayContaining(['acrylic', 'cabinetEnamel', 'waterClear', 'bonding']),
    );
    for (const id of ['pigmentedShellac', 'oilClear', 'hardOil', 'pasteWax', 'oilStain'] as const) {
      expect(sprayed).not.toContain(id);
    }
  });

  it('tape waits longest on oil, least on shellac', () => {
    const tape = (id: 'oilClear' | 'waterClear' | 'clearShellac') => COATINGS.get(id).tapeMinutes;
    expect(tape('oilClear')).toBeGreaterThan(tape('waterClear'));
    expect(tape('waterClear')).toBeGreaterThan(tape('clearShellac'));
  });
});

describe('thresholds', () => {
  it('are chances, each with its mark', () => {
    for (const { value, source } of Object.values(DECISIONS)) {
      expect(value).toBeGreaterThan(0);
      expect(value).toBeLessThanOrEqual(1);
      expect(source.mark).toBe('J');
    }
    expect(DECISIONS.bleedPatchFrom.value).toBeLessThan(DECISIONS.bleedPatchTo.value);
    expect(DECISIONS.forbids.value).toBeLessThan(DECISIONS.unstainable.value);
  });

  it('a gun loses more paint than a brush', () => {
    expect(TRANSFER.sprayed).toBeLessThan(TRANSFER.brushed);
    expect(TRANSFER.brushed).toBeLessThan(1);
  });

  it('gloss levels rise, as MPI has them at 60°: 5, 10, 25, 35, 70, 85 (from memory)', () => {
    expect(SHEENS.rows.map((it) => it.upToGU)).toEqual([5, 10, 25, 35, 70, 85, Infinity]);
    expect(SHEENS.get('G1').label).toBe('dead flat');
  });

  it('what was washed dries overnight, what was wiped in hours', () => {
    expect(WAITS.afterWash).toBeGreaterThanOrEqual(8 * 60);
    expect(WAITS.afterDampWipe).toBeLessThan(WAITS.afterWash);
    for (const { label } of UNTILS.rows) expect(label).toMatch(/^[a-z]/);
  });
});

describe('what is worn together', () => {
  it('is each thing once, and no mask under a better one', () => {
    expect(wornTogether(['dustMask', 'nitrileGloves', 'p100Filter', 'nitrileGloves'])).toEqual([
      'nitrileGloves',
      'p100Filter',
    ]);
    expect(wornTogether(['p100Respirator', 'p100Filter'])).toEqual(['p100Respirator']);
    expect(wornTogether(['ventilation', 'openWindow', 'noFlame'])).toEqual(['openWindow']);
  });

  it('never drops gloves or goggles', () => {
    const covered = PROTECTIONS.rows.flatMap((it) => it.covers);
    for (const id of PROTECTIONS.ids.filter((it) => /loves|goggles|hearing|overall/.test(it))) {
      expect(covered).not.toContain(id);
    }
  });
});

describe('rates', () => {
  it('say how long, and take only what the catalog knows, in no negative amount', () => {
    for (const [id, it] of Object.entries(RATES)) {
      expect({ id, minutes: it.fixed + it.each > 0 }).toEqual({ id, minutes: true });
      for (const { material, each } of it.uses) {
        expect(MATERIALS.get(material).kept ? each === 0 : each > 0).toBe(true);
      }
    }
  });
});
