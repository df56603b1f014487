import { CHAPTERS, HANDBOOK, damagesCalled, entryOfStep, searchHandbook } from './index';

const titles = (asked: string) => searchHandbook(asked).map((it) => it.title);

it('leads from each address to one entry, which says what it is and where that comes from', () => {
  expect(new Set(HANDBOOK.map((it) => it.id)).size).toBe(HANDBOOK.length);
  for (const it of HANDBOOK) {
    expect(it.source).toMatch(/Published: \S|Common practice|judgement/);
    expect(it.summary).toMatch(/\S.*[.!?)]$/);
    expect(`${it.title}${it.summary}`).not.toContain('undefined');
  }
});

it('finds by any words in any order, those in the title first', () => {
  expect(titles('veneer measure')[0]).toBe('Measure the veneer');
  expect(titles('TINT primer')).toContain('Paint a bleed patch');
  expect(titles('P180')[0]).toBe('P180');
  expect(titles('zebra')).toEqual([]);
  expect(searchHandbook('')).toHaveLength(HANDBOOK.length);
});

// Words that people in the trade and their clients use (common practice, no source).
it.each([
  ['white ring', 'damage-whiteRing'],
  ['smells of smoke', 'damage-odour'],
  ['woodworm', 'damage-insects'],
  ['wobbly chair', 'damage-looseJoint'],
  ['fisheyes', 'damage-silicone'],
  ['mdf', 'substrate-board'],
  ['french polish', 'finish-shellac'],
  ['drawer sticks', 'damage-catchingDrawer'],
  // Typed with gloves on.
  ['shelac', 'finish-shellac'],
  ['woodwrm', 'damage-insects'],
  ['ring white', 'damage-whiteRing'],
])('finds “%s” by the words that people say', (asked, id) => {
  expect(searchHandbook(asked).map((it) => it.id)).toContain(id);
});

it('finds a damage to mark by what people call it, the one of that name first', () => {
  expect(damagesCalled('woodworm')[0]).toBe('insects');
  expect(damagesCalled('white ring')[0]).toBe('whiteRing');
  // While it is typed.
  expect(damagesCalled('in')).toContain('insects');
});

it('says of every damage and old finish how to tell it and what goes wrong', () => {
  const about = HANDBOOK.filter((it) => /^(damage|finish|substrate)-/.test(it.id));
  expect(about.length).toBeGreaterThan(50);
  for (const it of about) {
    const titles = it.sections.map((one) => one.title);
    expect(titles).toEqual(expect.arrayContaining(['How to tell', 'What goes wrong']));
  }
});

it('is linked from the steps of a route: coats, ways to strip, gates', () => {
  const step = (method: string, testId?: string) =>
    entryOfStep({
      method,
      gate: testId === undefined ? null : { kind: 'lead', testId, opens: '', question: '' },
    } as Parameters<typeof entryOfStep>[0]);
  expect(step('coat-cabinetEnamel')).toBe('coating-cabinetEnamel');
  expect(step('prime-bonding')).toBe('coating-bonding');
  expect(step('strip-gel')).toBe('way-gel');
  expect(step('lead-gate', 'lead-swab')).toBe('test-lead-swab');
  expect(step('photograph')).toBeUndefined();
});

it('keeps to the chapter that is asked for', () => {
  for (const chapter of CHAPTERS) {
    expect(searchHandbook('', chapter).every((it) => it.chapter === chapter)).toBe(true);
  }
});

it('says which papers clear a paper’s scratches: 120 or 150 after 80 (common practice)', () => {
  const p80 = HANDBOOK.find((it) => it.title === 'P80');
  expect(p80?.sections[0]?.lines[0]).toMatch(/P120.*P150/);
  expect(p80?.sections[0]?.lines[0]).not.toMatch(/P180/);
});

it('keeps cautions with what can hurt', () => {
  const entry = HANDBOOK.find((it) => it.id === 'damage-darkRing');
  expect(entry?.cautions.join()).toMatch(/Poison/);
  expect(HANDBOOK.map((it) => JSON.stringify(it)).join()).not.toMatch(/\bis safe\b/i);
});
