import { methodsIn, stepIn } from '../testing/routes';
import { shop as shopSchema, type Aim, type Scheme } from '../piece';
import { clear, painted, pieceOf, stained, type Told } from '../testing/pieces';
import { planRoute, type Route } from './index';

// What somebody may want of a face, and how a careful refinisher goes about it (common practice,
// no source).

const SOLID = { substrate: 'hardwood', wood: 'ringPorous', finish: 'varnish', bleed: 'none' };
const routeOf = (
  told: Told,
  more: Partial<Aim> = {},
  shop: Record<string, unknown> = {},
): Route => {
  const piece = pieceOf(told);
  const aims = piece.aims.map((it) => ({ ...it, ...more }));
  return planRoute({ ...piece, aims }, shopSchema.parse(shop));
};
const top = (scheme: Scheme, known: Record<string, string> = {}, rest: Told = {}): Told => ({
  template: 'table',
  known: { top: { ...SOLID, ...known } },
  aims: { top: scheme },
  ...rest,
});
const how = (route: Route, method: string): string => stepIn(route, method).how.join(' ');
const inTurn = (route: Route, ...list: readonly string[]): boolean => {
  const places = list.map((it) => methodsIn(route).indexOf(it));
  return places.every((it, at) => it >= 0 && (at === 0 || it > (places[at - 1] ?? NaN)));
};
const rules = (route: Route): readonly string[] => route.refusals.map((it) => it.rule);
const stainedWith = (part: Partial<Extract<Scheme, { kind: 'stained' }>>): Scheme => ({
  kind: 'stained',
  shade: 'mid',
  topcoat: 'waterborne',
  ...part,
});

describe('stain', () => {
  it('water-based: the wood is wetted, cut back, stained, and no oil lies below it', () => {
    const route = routeOf(top(stainedWith({ stain: 'water' }), { wood: 'pale' }));
    expect(inTurn(route, 'sand-ladder', 'raise-grain', 'cut-grain', 'coat-waterStain')).toBe(true);
    expect(methodsIn(route)).not.toContain('coat-conditioner');
    expect(stepIn(route, 'coat-waterStain').wait?.minutes).toBeLessThan(24 * 60);
  });

  it('oil-based waits two days or so for water over it, one in oil does not', () => {
    const days = (scheme: Scheme, method: string) =>
      (stepIn(routeOf(top(scheme)), method).wait?.minutes ?? 0) / 1440;
    expect(days(stained('waterborne'), 'coat-oilStain')).toBeGreaterThanOrEqual(1);
    expect(days(stained('waterborne'), 'coat-oilStain')).toBeLessThanOrEqual(3);
    expect(days(stained('oil'), 'coat-oilStain')).toBeLessThan(1);
  });

  it('gel goes over a sound old film: dulled, not stripped', () => {
    const route = routeOf(top(stainedWith({ stain: 'gel' })));
    expect(methodsIn(route).some((it) => it.startsWith('strip'))).toBe(false);
    expect(inTurn(route, 'degrease', 'scuff', 'coat-gelStain', 'coat-waterClear')).toBe(true);
    expect(stepIn(route, 'scuff').grits).toEqual([320]);
    // Where the film is gone in places it would show; there it comes off.
    const worn = routeOf(top(stainedWith({ stain: 'gel' }), {}, { found: { top: ['gouge'] } }));
    expect(methodsIn(worn).some((it) => it.startsWith('strip'))).toBe(true);
  });

  it('and varnish in one is two coats of it; tinted oil one, under oil or wax only', () => {
    const inOne = routeOf(top(stainedWith({ stain: 'varnish', topcoat: 'none' })));
    expect(methodsIn(inOne).filter((it) => it === 'coat-tintedVarnish')).toHaveLength(2);
    const oiled = routeOf(top(stainedWith({ stain: 'tintedOil', topcoat: 'hardOil' })));
    expect(inTurn(oiled, 'coat-tintedOil', 'coat-hardOil')).toBe(true);
    const water = routeOf(top(stainedWith({ stain: 'tintedOil', topcoat: 'waterborne' })));
    expect(rules(water)).toContain('topcoat-that-would-fail');
    expect(methodsIn(water)).not.toContain('coat-waterClear');
  });

  it('is sealed before pores are filled over it, and before toner', () => {
    const filled = routeOf(top(stainedWith({ grain: 'filled' })));
    expect(inTurn(filled, 'coat-oilStain', 'coat-washcoat', 'coat-grainFiller')).toBe(true);
    const toned = routeOf(top(stainedWith({ toned: true })));
    expect(inTurn(toned, 'coat-oilStain', 'coat-washcoat', 'coat-toner', 'coat-waterClear')).toBe(
      true,
    );
    expect(methodsIn(routeOf(top(stainedWith({ toned: false }))))).not.toContain('coat-washcoat');
  });

  it('is tried thinned on the piece itself first', () => {
    expect(how(routeOf(top(stained())), 'coat-oilStain')).toMatch(/one part stain to three/);
  });

  it('over a wash brings the tone of wood back', () => {
    const washed: Scheme = {
      kind: 'washed',
      shade: 'pale',
      stainOver: 'mid',
      topcoat: 'waterborne',
    };
    expect(inTurn(routeOf(top(washed)), 'coat-wash', 'coat-gelStain', 'coat-waterClear')).toBe(
      true,
    );
  });
});

describe('bleached wood', () => {
  const bleached: Scheme = { kind: 'clear', bleached: true, topcoat: 'waterborne' };

  it('is stripped, sanded, bleached, dried for two days, and cut back', () => {
    const route = routeOf(top(bleached));
    expect(inTurn(route, 'sand-ladder', 'bleach', 'cut-grain', 'coat-waterClear')).toBe(true);
    expect(stepIn(route, 'bleach').wait?.minutes).toBeGreaterThanOrEqual(24 * 60);
    expect(stepIn(route, 'bleach').protection.join()).toMatch(/Goggles.*Long rubber gloves.*Apron/);
    expect(how(route, 'bleach')).toMatch(/vinegar.*6 to 8/);
  });

  it('is refused where it may be a thin face, with ways out, and planned without', () => {
    const route = routeOf(top(bleached, { substrate: 'veneerCore' }));
    expect(methodsIn(route)).not.toContain('bleach');
    expect(rules(route)).toContain('no-bleach-on-a-thin-face');
  });
});

describe('clear over what is there', () => {
  it('over shellac, or a film that was waxed: a coat of dewaxed shellac between', () => {
    for (const finish of ['shellac', 'waxedFilm']) {
      const route = routeOf(top(clear(), { finish }));
      expect(methodsIn(route).filter((it) => it === 'prime-clearShellac')).toHaveLength(1);
      expect(inTurn(route, 'scuff', 'prime-clearShellac', 'dull', 'coat-waterClear')).toBe(true);
    }
    expect(methodsIn(routeOf(top(clear(), { finish: 'varnish' })))).not.toContain(
      'prime-clearShellac',
    );
    expect(methodsIn(routeOf(top(clear(), { finish: 'waxedFilm' })))).toContain('wax-off');
  });

  it('oil is renewed with oil, and wax with wax, without stripper or ladder', () => {
    for (const [finish, topcoat, method] of [
      ['oil', 'hardOil', 'coat-hardOil'],
      ['wax', 'wax', 'coat-pasteWax'],
    ] as const) {
      const route = routeOf(top(clear(topcoat), { finish }));
      expect(methodsIn(route).some((it) => it.startsWith('strip') || it === 'sand-ladder')).toBe(
        false,
      );
      expect(inTurn(route, 'degrease', method)).toBe(true);
    }
  });

  it('teak and rosewood: wiped with solvent and sealed with shellac under a film, not under oil', () => {
    for (const wood of ['oily', 'rosewood']) {
      const bare = { wood, finish: 'bare' };
      const filmed = routeOf(top(clear('oil'), bare));
      expect(how(filmed, 'prime-clearShellac')).toMatch(
        /wipe the face with cellulose thinner or acetone/,
      );
      expect(methodsIn(routeOf(top(clear('hardOil'), bare)))).not.toContain('prime-clearShellac');
    }
  });

  it('solvent lacquer over fresh paint would lift it: refused, and waterborne planned', () => {
    const route = routeOf(top({ ...painted('mid'), topcoat: 'lacquer' } as Scheme));
    expect(route.refusals.find((it) => it.rule === 'topcoat-that-would-fail')?.because).toMatch(
      /wrinkles.*waterborne clear is planned instead/,
    );
    expect(methodsIn(route)).toContain('coat-waterClear');
    expect(methodsIn(routeOf(top(clear('lacquer'), { finish: 'lacquer' })))).toContain(
      'coat-lacquer',
    );
  });
});

describe('paint', () => {
  const powdery = { finish: 'milk', substrate: 'softwood', wood: 'knotty' };

  it('that powders is washed off first, and what is left is bound', () => {
    const route = routeOf(top(painted('dark'), powdery));
    expect(inTurn(route, 'powder-off', 'scuff')).toBe(true);
    expect(methodsIn(route)).not.toContain('prime-acrylic');
    // Sound chalk paint stays.
    expect(methodsIn(routeOf(top(painted('dark'), { finish: 'chalk' })))).not.toContain(
      'powder-off',
    );
  });

  it('washed off, it hides no knots any more: they want shellac', () => {
    const { bleed: _, ...knotty } = { ...SOLID, ...powdery };
    const route = routeOf({
      template: 'table',
      known: { top: knotty },
      aims: { top: painted('white') },
    });
    expect(methodsIn(route)).toContain('prime-pigmentedShellac');
  });

  it('over silicone lies on shellac', () => {
    const route = routeOf(top(painted('mid'), {}, { found: { top: ['silicone'] } }));
    expect(inTurn(route, 'wash-silicone', 'prime-pigmentedShellac', 'coat-cabinetEnamel')).toBe(
      true,
    );
  });

  it('stencil and metal wax come after the clear coat, since nothing sticks over them', () => {
    for (const [effect, method] of [
      ['stencilled', 'coat-stencilPaint'],
      ['gilded', 'coat-metalWax'],
    ] as const) {
      const route = routeOf(top({ ...painted('mid'), effect } as Scheme));
      expect(
        methodsIn(route)
          .filter((it) => it.startsWith('coat-'))
          .at(-1),
      ).toBe(method);
    }
  });

  it('an effect over glossy oil enamel wants it dulled first', () => {
    const scheme = { ...painted('mid', 'none'), paint: 'oilEnamel', effect: 'glazed' } as Scheme;
    const list = methodsIn(routeOf(top(scheme)));
    const coat = list.lastIndexOf('coat-oilEnamel');
    expect(list.slice(coat, list.indexOf('coat-glaze'))).toContain('dull');
  });

  it('of chalk without a topcoat is warned of where hands go', () => {
    const scheme = { ...painted('mid', 'none'), paint: 'mineralPaint' } as Scheme;
    expect(rules(routeOf(top(scheme)))).toContain('chalk-paint-stays-open');
    expect(rules(routeOf(top({ ...scheme, paint: 'allInOne' } as Scheme)))).toEqual([]);
  });

  it('on a child’s piece is one whose label is for toys', () => {
    const child = routeOf({ ...top(painted('mid')), childsRoom: true });
    expect(
      stepIn(child, 'coat-cabinetEnamel')
        .cautions.map((it) => it.text)
        .join(),
    ).toMatch(/toys or nursery furniture/);
  });
});

describe('the blocker of the shop', () => {
  const bleeding = (bleed: string) => ({
    template: 'table' as const,
    known: { top: { ...SOLID, bleed } },
    aims: { top: painted('white') },
  });
  const by = (blocker: string, bleed: string) =>
    methodsIn(routeOf(bleeding(bleed), {}, { schools: { blocker } })).find((it) =>
      it.startsWith('prime-'),
    );

  it('holds what it can; what water can’t hold is still shellac', () => {
    expect(by('alkyd', 'tannin')).toBe('prime-alkydBlocker');
    expect(by('alkyd', 'resin')).toBe('prime-pigmentedShellac');
    expect(by('waterborne', 'tannin')).toBe('prime-waterBlocker');
    expect(by('waterborne', 'dye')).toBe('prime-pigmentedShellac');
    expect(by('waterborne', 'resin')).toBe('prime-pigmentedShellac');
  });
});

describe('by gun, brush or roller', () => {
  const gun = { tools: ['sprayer', 'sander'] };

  it('as somebody insists, however small the face; what must not be sprayed is brushed, and says so', () => {
    expect(
      stepIn(routeOf(top(painted('mid')), { applicator: 'gun' }, gun), 'coat-cabinetEnamel')
        .sprayed,
    ).toBe(true);
    expect(
      stepIn(routeOf(top(painted('mid')), { applicator: 'brush' }, gun), 'coat-cabinetEnamel')
        .sprayed,
    ).toBe(false);
    const shellac = routeOf(top(painted('white'), { bleed: 'tannin' }), { applicator: 'gun' }, gun);
    expect(stepIn(shellac, 'prime-pigmentedShellac').sprayed).toBe(false);
    expect(shellac.refusals.find((it) => it.rule === 'gun-not-here')?.because).toMatch(/shellac/);
    const twoPart = routeOf(top(clear('twoPart')), { applicator: 'gun' }, gun);
    expect(stepIn(twoPart, 'coat-twoPartClear').sprayed).toBe(false);
  });

  it('without a gun in the shop it is said, and brushed', () => {
    const route = routeOf(top(painted('mid')), { applicator: 'gun' });
    expect(rules(route)).toContain('gun-not-here');
    expect(stepIn(route, 'coat-cabinetEnamel').sprayed).toBe(false);
  });

  it('primer that is dulled as a step of its own is not knocked down by the way as well', () => {
    const route = routeOf(top(painted('mid')), { applicator: 'gun' }, gun);
    expect(how(route, 'prime-acrylic')).not.toMatch(/P320/);
    expect(how(route, 'coat-cabinetEnamel')).toMatch(/Before the next coat P320/);
  });
});

describe('a part past saving', () => {
  it('is cut anew, primed like what it is, and neither stripped nor washed', () => {
    const board = routeOf(top(painted('mid'), { finish: 'alkyd' }), { newPart: 'board' });
    expect(methodsIn(board)).toContain('new-part-board');
    expect(methodsIn(board)).toContain('prime-sealing');
    expect(methodsIn(board)).not.toContain('degrease');
    const solid = routeOf(top(painted('mid')), { newPart: 'solid' });
    expect(methodsIn(solid)).toContain('prime-acrylic');
  });
});

describe('mended in spots', () => {
  const SPOTS: Scheme = { kind: 'touchedIn' };

  it('under clear small things are filled with wax, and nothing is stripped or coated as a whole', () => {
    const route = routeOf(
      top(SPOTS, { finish: 'lacquer' }, { found: { top: ['scratch', 'whiteRing'] } }),
    );
    expect(methodsIn(route)).toEqual(expect.arrayContaining(['degrease', 'wax-stick', 'ring-out']));
    expect(route.operations.filter((it) => it.coats)).toEqual([]);
    expect(methodsIn(route).some((it) => it.startsWith('strip'))).toBe(false);
  });

  it('in paint they are filled, flushed and touched in', () => {
    const route = routeOf(top(SPOTS, { finish: 'alkyd' }, { found: { top: ['gouge'] } }));
    expect(inTurn(route, 'two-part-filler', 'flush-fill', 'touch-in')).toBe(true);
    expect(how(route, 'touch-in')).toMatch(/Mix the colour on a card/);
  });

  it('on lead it is done wet, and waits for the lead result where that is open', () => {
    const old = { found: { top: ['gouge' as const] }, years: [1930, 1939] as const };
    const open = routeOf(top(SPOTS, { finish: 'alkyd' }, old));
    expect(stepIn(open, 'touch-in').holds).toContain('lead');
    const found = routeOf(
      top(SPOTS, { finish: 'alkyd' }, { ...old, seen: { top: ['lead-laboratory:found:1'] } }),
    );
    expect(how(found, 'touch-in-wet')).toMatch(/^Wet-and-dry P320/);
    expect(methodsIn(found)).toContain('flush-fill-wet');
  });

  it('where nothing is found there is nothing to touch in', () => {
    expect(methodsIn(routeOf(top(SPOTS)))).not.toContain('touch-in');
  });
});

describe('a gouge of 15 or 8 mm', () => {
  const gougeAt = (scheme: Scheme, depthMm: number, x: number): readonly string[] => {
    const piece = pieceOf(top(scheme, { finish: 'bare' }, { found: { top: ['gouge'] } }));
    const findings = piece.findings.map((it) => ({ ...it, depthMm, place: { x, y: 0.5 } }));
    return planRoute({ ...piece, findings }, shopSchema.parse({})).operations.map(
      (it) => it.method,
    );
  };

  it('is filled by its depth in the field, and by its place at the rim, where filler breaks away', () => {
    expect(gougeAt(painted('mid'), 15, 0.5)).toContain('epoxy-putty');
    expect(gougeAt(painted('mid'), 8, 0.5)).toContain('two-part-filler');
    expect(gougeAt(painted('mid'), 8, 0.01)).toContain('epoxy-putty');
    expect(gougeAt(painted('mid'), 3, 0.01)).toContain('two-part-filler');
    expect(gougeAt(stained(), 8, 0.99)).toContain('wood-patch');
    expect(gougeAt(stained(), 8, 0.5)).toContain('stainable-filler');
  });
});

describe('a finding is never dropped in silence', () => {
  it.each([
    ['whiteRing', painted('mid'), 'scuff', /White ring.*paint covers it/],
    ['yellowedClear', painted('mid'), 'scuff', /Yellowed clear coat.*covered/],
    ['runs', stained(), 'sand-ladder', /Runs and globs.*come off with the rest/],
    ['openGrain', clear('hardOil'), 'sand-ladder', /pores stay open, as asked for/],
  ] as const)('%s is accepted in words', (damage, scheme, method, words) => {
    const finish = method === 'scuff' ? 'lacquer' : 'varnish';
    const route = routeOf(top(scheme, { finish }, { found: { top: [damage] } }));
    expect(how(route, method)).toMatch(words);
  });
});

it('new film in a drawer’s gap is summed up, also where nothing has to be done', () => {
  const route = routeOf({
    template: 'chest',
    known: { fronts: { ...SOLID, finish: 'lacquer' } },
    aims: { fronts: painted('mid') },
  });
  // Acrylic 36 µm, two coats of enamel, two of clear 29.7 µm: on each of the two faces that meet.
  const [, face, closes] =
    /about ([\d.]+) mm on each face and take ([\d.]+) mm off the gap/.exec(
      route.operations.flatMap((it) => it.how).join(' '),
    ) ?? [];
  expect(Number(face)).toBeGreaterThan(0.1);
  expect(Number(closes)).toBeCloseTo(2 * Number(face), 2);
  expect(methodsIn(route)).not.toContain('ease-edges');
});

it('a recoat window that closes says what to do then', () => {
  expect(how(routeOf(top(clear('twoPart'))), 'coat-twoPartClear')).toMatch(
    /Within 12 h the next coat bites by itself; after that P320/,
  );
});
