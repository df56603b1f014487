import { MATERIALS, RATES, priceOf } from '../catalog';
import type { Coat } from '../effect';
import { LACQUERED, after, taskFor } from '../testing/tasks';
import {
  advance,
  coatsOn,
  effort,
  foundLayer,
  batchKeyOf,
  isBare,
  isMet,
  keyOf,
  minutesOf,
  placeOf,
  takes,
  takesBy,
  unworkedPiece,
} from './index';

// What work does to a face and to a piece, worked by hand.

const coat = (coating: Coat['coating'], nth = 1, series: Coat['series'] = 'clear'): Coat => ({
  series,
  nth,
  coating,
  colour: null,
});

describe('a face', () => {
  it('stripped: only the wood is left, open to the next coat, and what went with the film is undone', () => {
    const face = after(
      LACQUERED,
      { makes: ['sanded', 'degreased', 'eased'] },
      { opensLayers: true, face: 'bare', makes: ['stripped'], wets: 'solvent' },
    );
    expect(face.layers.map((it) => it.layer.id)).toEqual(['hardwood']);
    expect(isBare(face)).toBe(true);
    expect(face.met).toEqual(['degreased', 'stripped']);
    expect(isMet('dulled', face)).toBe(true);
    expect(face.dulled).toBe(true);
  });

  it('coated: a layer more, glossy, laid by that task; its film as wet film times solids', () => {
    const face = after(LACQUERED, { lays: coat('waterClear') });
    const top = face.layers.at(-1);
    expect(top).toMatchObject({ taskKey: 'top/some-rule/1', coat: { coating: 'waterClear' } });
    // 90 µm wet with a third of solids (modelling judgement of the catalog's row).
    expect(top?.um).toBeCloseTo(29.7, 1);
    expect(face.dulled).toBe(false);
    expect(coatsOn(face)).toHaveLength(1);
  });

  it('a film on lacquer holds only where the lacquer was dulled', () => {
    const glossy = after(LACQUERED, { lays: coat('waterClear') });
    const dulled = after(LACQUERED, { face: 'dulled' }, { lays: coat('waterClear') });
    expect(glossy.layers.at(-1)).toMatchObject({ holds: false, meets: { may: 'scuff' } });
    expect(dulled.layers.at(-1)).toMatchObject({ holds: true });
  });

  it('no dulling makes a film hold on wax (common practice, no source); taking the wax off does', () => {
    const { layers } = LACQUERED;
    const waxed = {
      ...LACQUERED,
      layers: [...layers, foundLayer({ of: 'old', id: 'wax' }, 5)],
    } as const;
    const onWax = after(waxed, { face: 'dulled' }, { lays: coat('waterClear') });
    const cleaned = after(
      waxed,
      { face: 'dewaxed' },
      { face: 'dulled' },
      { lays: coat('waterClear') },
    );
    expect(onWax.layers.at(-1)?.holds).toBe(false);
    expect(cleaned.layers.at(-1)?.holds).toBe(true);
    // The wax alone went.
    expect(cleaned.layers.map((it) => it.layer.id)).toEqual(['hardwood', 'lacquer', 'waterClear']);
  });

  it('dulling lasts until the next coat', () => {
    const once = after(LACQUERED, { face: 'dulled' });
    expect(isMet('dulled', once)).toBe(true);
    expect(isMet('dulled', after(once, { lays: coat('waterClear') }))).toBe(false);
  });

  it('is dusty from sanding until it is dedusted', () => {
    const dusty = after(LACQUERED, { makesDust: true, grits: [120, 150] });
    expect(isMet('dustFree', dusty)).toBe(false);
    expect(dusty.sandedTo).toBe(150);
    expect(isMet('dustFree', after(dusty, { wets: 'alcohol' }))).toBe(false);
    expect(isMet('dustFree', after(dusty, { dedusts: true }))).toBe(true);
    // Dulling between coats takes its own dust off.
    expect(after(LACQUERED, { makesDust: true, dedusts: true }).dusty).toBe(false);
  });

  it('what was sanded is told until the next coat', () => {
    const sanded = after(LACQUERED, { grits: [180] });
    expect(sanded.sandedTo).toBe(180);
    expect(after(sanded, { makes: ['degreased'] }).sandedTo).toBe(180);
    expect(after(sanded, { lays: coat('waterClear') }).sandedTo).toBeNull();
  });

  it('wet with lye it is alkaline until it is neutralised', () => {
    const lye = after(LACQUERED, { wets: 'caustic', face: 'bare' });
    expect(lye.alkaline).toBe(true);
    expect(after(lye, { wets: 'water' }).alkaline).toBe(true);
    expect(after(lye, { makes: ['neutral'] }).alkaline).toBe(false);
  });

  it('waxed: nothing sticks until the wax is off, and the rest stays', () => {
    const waxed = {
      ...LACQUERED,
      layers: [
        ...LACQUERED.layers,
        { ...LACQUERED.layers[0]!, layer: { of: 'old', id: 'wax' } as const, um: 5 },
      ],
    };
    expect(isMet('dewaxed', waxed)).toBe(false);
    const clean = after(waxed, { face: 'dewaxed' });
    expect(isMet('dewaxed', clean)).toBe(true);
    expect(clean.layers.map((it) => it.layer.id)).toEqual(['hardwood', 'lacquer']);
  });

  it('with a new face of veneer is bare again, whatever lies below', () => {
    const veneered = after(LACQUERED, { face: 'newVeneer' });
    expect(isBare(veneered)).toBe(true);
    expect(isMet('bare', veneered)).toBe(true);
    expect(veneered.layers.map((it) => it.layer.id)).toEqual(['hardwood', 'lacquer', 'veneerCore']);
  });

  it('stained is still open wood; under a film it is not', () => {
    const bare = after(LACQUERED, { face: 'bare' });
    const stained = after(bare, { lays: coat('oilStain', 1, 'stain') });
    expect(isMet('bare', stained)).toBe(true);
    expect(isMet('bare', after(stained, { lays: coat('waterClear') }))).toBe(false);
    expect(isMet('bare', LACQUERED)).toBe(false);
  });

  it('keeps what was mended, and each thing that was done to it once', () => {
    const face = after(
      LACQUERED,
      { mends: ['dent-1'], makes: ['vacuumed'] },
      { mends: ['dent-2', 'dent-1'], makes: ['vacuumed'] },
    );
    expect(face.mended).toEqual(['dent-1', 'dent-2']);
    expect(face.met).toEqual(['vacuumed']);
  });
});

describe('a piece', () => {
  const found = unworkedPiece({ top: LACQUERED, legs: LACQUERED });

  it('parts go off and come back; only the surfaces of a task change', () => {
    const off = advance(found, taskFor({ traits: { takesOff: 'drawers', makes: ['vacuumed'] } }));
    expect(off.parts).toEqual({ drawers: 'off' });
    expect(off.surfaces.top?.met).toEqual(['vacuumed']);
    expect(off.surfaces.legs).toBe(LACQUERED);
    const back = advance(off, taskFor({ traits: { putsOn: 'drawers' } }));
    expect(back.parts).toEqual({ drawers: 'back' });
  });

  it('remembers what was done to it, and what lies in hand', () => {
    const task = taskFor({
      place: { of: 'piece' },
      surfaceIds: ['top', 'legs'],
      traits: { makesOfPiece: ['photographed'] },
      consumes: takes([{ material: 'cloths', each: 2, why: 'wipes' }], 1),
    });
    const state = advance(found, task);
    expect(state.met).toEqual(['photographed']);
    expect(state.inHand).toEqual({
      batchKey: task.batchKey,
      place: 'piece',
      materials: ['cloths'],
    });
    expect(found.met).toEqual([]);
  });

  it('a surface that it does not have is passed over', () => {
    expect(advance(found, taskFor({ on: 'shelf' })).surfaces).toEqual(found.surfaces);
  });
});

describe('keys and set-ups', () => {
  it('a key names place, rule and occurrence', () => {
    expect(keyOf({ of: 'surface', id: 'top' }, 'paint', '2')).toBe('top/paint/2');
    expect(keyOf({ of: 'parts', id: 'pulls' }, 'off', '1')).toBe('pulls/off/1');
    expect(keyOf({ of: 'piece' }, 'record', '1')).toBe('piece/record/1');
  });

  it('done in one go is what shares rule, method, facts and what holds it, in any order', () => {
    const base = { rule: 'scuff', method: 'scuff' as const, setUp: { grits: '150' } };
    const go = batchKeyOf({ ...base, holds: ['lead', 'bleed'] });
    expect(batchKeyOf({ ...base, holds: ['bleed', 'lead'] })).toBe(go);
    expect(batchKeyOf({ ...base, holds: [] })).not.toBe(go);
    expect(batchKeyOf({ ...base, holds: ['lead', 'bleed'], setUp: { grits: '180' } })).not.toBe(go);
  });

  it('phases follow each other as the work does', () => {
    const places = (
      ['secure', 'clean', 'strip', 'sand', 'block', 'colour', 'handover'] as const
    ).map(placeOf);
    expect(places).toEqual([...places].sort((a, b) => a - b));
  });
});

describe('effort and what is used', () => {
  it('is each times quantity times rounds; setting up is told beside', () => {
    const it = effort('vacuum', 2.5, 2);
    expect(it).toMatchObject({ fixed: RATES.vacuum.fixed, unit: 'm2', rate: 'vacuum' });
    expect(minutesOf({ ...it, each: 4 })).toBe(20);
  });

  it('materials grow with the work; what is only at hand does not', () => {
    const [spirits, rags] = takesBy('waxOff', 2, 1);
    expect(spirits).toMatchObject({ material: 'mineralSpirits', unit: 'L' });
    expect(takesBy('waxOff', 4)[0]?.quantity).toBeCloseTo(2 * (spirits?.quantity ?? NaN));
    expect(rags?.unit).toBe('piece');
    // Twice over takes twice as much.
    expect(takesBy('waxOff', 2, 2)[0]?.quantity).toBeCloseTo(2 * (spirits?.quantity ?? NaN));
    expect(takesBy('cementOff', 3).find((it) => it.material === 'chisel')?.quantity).toBe(0);
  });

  it('a price is by the container nearest to one unit; equipment costs nothing', () => {
    // Gel: 1 L at 18.00 and 2.5 L at 39.00 (placeholders): half a litre is 9.00.
    expect(priceOf('gelStripper', 0.5)).toBe(900);
    // Ten sheets at 7.00.
    expect(priceOf('paper150', 3)).toBe(210);
    expect(priceOf('chisel', 1)).toBe(0);
    expect(MATERIALS.get('chisel').kept).toBe(true);
  });
});
