import { finding, hardware, USUAL_SHOP } from '../piece';
import { planRoute, routeCard } from '../route';
import { allAims, painted, pieceOf } from '../testing/pieces';
import { damagesTable, fittingsTable, sharePage, stepsTable } from './index';

const EVIL = '<script>alert(1)</script>"\'&';

const piece = {
  ...pieceOf({ aims: allAims('chest', painted()) }),
  hardware: [hardware.parse({ id: 'h', kind: 'pull', name: EVIL, count: 3, holeSpacingMm: 64 })],
  findings: [
    finding.parse({
      id: 'f',
      surfaceId: 'top',
      damage: 'dent',
      lengthMm: 12.5,
      note: EVIL,
      at: '2026-03-01T08:00:00Z',
    }),
  ],
};
const route = planRoute(piece, USUAL_SHOP);

it('tables have a cell for each column, figures as figures', () => {
  for (const { columns, rows } of [
    fittingsTable(piece),
    damagesTable(piece),
    stepsTable(piece, route),
  ]) {
    expect(rows.length).toBeGreaterThan(0);
    for (const row of rows) expect(row).toHaveLength(columns.length);
  }
  expect(fittingsTable(piece).rows[0]?.slice(2, 5)).toEqual([3, 0, 64]);
  expect(damagesTable(piece).rows[0]).toEqual(expect.arrayContaining(['Top', 12.5]));
  expect(stepsTable(piece, route).rows).toHaveLength(route.operations.length);
});

describe('a page for a client', () => {
  const ticket = { number: '01', revision: 1, printedAt: 0, timeZone: 'UTC' };
  const page = sharePage({
    title: `Chest ${EVIL}`,
    drawing: '<svg></svg>',
    tables: [fittingsTable(piece), damagesTable(piece)],
    paper: routeCard(piece, route, ticket),
    photos: [
      { label: EVIL, address: 'data:image/jpeg;base64,AAAA' },
      { label: 'elsewhere', address: 'https://elsewhere.test/x.jpg' },
      { label: 'script', address: 'data:text/html;base64,AAAA' },
    ],
  });

  it('shows what was typed as text, whatever it looks like', () => {
    expect(page).not.toContain('<script');
    expect(page).toContain('&lt;script&gt;');
  });

  it('fetches nothing and runs nothing', () => {
    expect(page).not.toMatch(/src="(?!data:image)|href=|url\(/);
    expect(page).not.toContain('elsewhere.test');
    expect(page).toContain("default-src 'none'");
  });

  it('holds every step of the route', () => {
    for (const { title } of route.operations) expect(page).toContain(title.split(' ')[0]);
    expect(page).toContain('data:image/jpeg;base64,AAAA');
  });
});
