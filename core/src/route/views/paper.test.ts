import { asCase } from '../../testing/asCase';
import { USUAL_SHOP } from '../../piece';
import { clear, painted, pieceOf, stained, type Told } from '../../testing/pieces';
import { careSheetPaper, planRoute, routeCard, type Paper, type PaperLine, type Ticket } from '..';

// Still February where the server's own clock is.
const TICKET: Ticket = {
  number: '04',
  revision: 7,
  printedAt: Date.parse('2026-02-28T23:30:00Z'),
  timeZone: 'Europe/Oslo',
};

const cardOf = (told: Told): Paper => {
  const piece = pieceOf(told);
  return routeCard(piece, planRoute(piece, USUAL_SHOP), TICKET);
};
const linesIn = (paper: Paper): readonly PaperLine[] =>
  paper.sections.flatMap((it) => it.blocks.flatMap((block) => block.lines));
const textOf = (paper: Paper): string =>
  linesIn(paper)
    .map((it) => it.text)
    .join('\n');

/** Phases that people call otherwise than the code does. */
const BY_NAME: Readonly<Record<string, string>> = {
  dismantle: 'take apart',
  reassemble: 'put back',
  handover: 'hand over',
};
const OLD: Told = { template: 'table', years: [1930, 1935], seen: { top: ['see-through:opaque'] } };

describe('the route card', () => {
  it('has a box for every step, in the order of the route, under its phase', () => {
    const told: Told = { ...OLD, aims: { top: painted('mid'), legs: painted('mid') } };
    const route = planRoute(pieceOf(told), USUAL_SHOP);
    const card = cardOf(told);
    const boxes = card.sections
      .flatMap((it) => it.blocks)
      .filter((it) => it.mark === 'tick')
      .map((it) => it.lines[0]?.text);
    expect(boxes).toHaveLength(route.operations.length);
    route.operations.forEach((it, index) => {
      expect(boxes[index]).toMatch(new RegExp(`^${index + 1}\\. `));
      expect(boxes[index]).toContain(it.title);
    });
    expect(card.sections.map((it) => it.heading).filter(Boolean)).toEqual([
      ...new Set(route.operations.map((it) => (BY_NAME[it.phase] ?? it.phase).toUpperCase())),
    ]);
  });

  it('says in warning what is held, by which step, and what can hurt', () => {
    const warnings = linesIn(cardOf({ ...OLD, aims: { top: painted('mid') } })).filter(
      (it) => it.ink === 'warning',
    );
    expect(warnings.map((it) => it.text).join('\n')).toMatch(/Held until step 1 is answered\./);
    expect(warnings.map((it) => it.text).join('\n')).toMatch(/No dry sanding/);
  });

  it('frames what is refused, with the ways out', () => {
    const card = cardOf({
      template: 'table',
      known: { top: { substrate: 'foil' } },
      aims: { top: stained() },
    });
    const frames = card.sections.flatMap((it) => it.blocks).filter((it) => it.mark === 'frame');
    expect(frames).toHaveLength(1);
    expect(frames[0]?.lines[0]?.text).toMatch(/No stain on the top/);
    expect(frames[0]?.lines[1]?.text).toMatch(/Lay new veneer/);
  });

  it('names every surface with its aim, or that it has none', () => {
    const text = textOf(cardOf({ template: 'table', aims: { top: clear() } }));
    expect(text).toMatch(/Top: clear, waterborne clear/);
    expect(text).toMatch(/Legs ×4: not chosen yet/);
  });

  it('carries ticket, revision, date, and who has the last word', () => {
    const card = cardOf({ template: 'table', aims: { top: clear() } });
    expect(card.title).toBe('04 · Test piece');
    expect(card.intro[0]?.text).toMatch(/Printed 1 Mar 2026, revision 7/);
    expect(card.foot).toMatch(/local code and licensed practice win over both/);
  });
});

describe('the care sheet', () => {
  const sheetOf = (told: Told): Paper => {
    const piece = pieceOf(told);
    return careSheetPaper(piece, asCase(piece, USUAL_SHOP).careSheet, TICKET);
  };
  const OAK = { substrate: 'hardwood', wood: 'ringPorous', finish: 'lacquer', bleed: 'none' };

  it('lists the coats of each surface by class, and when they are hard', () => {
    const text = textOf(
      sheetOf({ template: 'table', known: { top: OAK }, aims: { top: stained() } }),
    );
    expect(text).toMatch(/From the bottom: oil-based stain; waterborne clear, 3 coats/);
    expect(text).toMatch(/Hard \d+ days after the last coat/);
  });

  it('says of wax what it wants, and only where there is wax', () => {
    const told = (topcoat: 'wax' | 'waterborne'): Told => ({
      template: 'table',
      known: { top: OAK },
      aims: { top: painted('mid', topcoat) },
    });
    expect(textOf(sheetOf(told('wax')))).toMatch(/buff when dull/);
    expect(textOf(sheetOf(told('waterborne')))).not.toMatch(/buff when dull/);
  });

  it('says what was tested for lead, and never that there is none', () => {
    const text = textOf(sheetOf({ ...OLD, aims: { top: painted('mid') } }));
    expect(text).toMatch(/Lead: Not tested/);
    expect(text).not.toMatch(/\bsafe\b|free of lead/i);
  });
});
