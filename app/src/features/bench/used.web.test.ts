import { USUAL_SHOP, newPiece, pieceDescription, type Piece } from '@obrik/core/piece';
import { planRoute } from '@obrik/core/route';
import { plannedUses } from './Used';

const table: Piece = {
  ...newPiece(
    'table',
    pieceDescription.parse({
      name: 'Table',
      templateId: 'table',
      measures: { width: 1400, depth: 800, height: 750, apronHeight: 90 },
    }),
  ),
  aims: [
    {
      surfaceId: 'top',
      scheme: { kind: 'painted', shade: 'pale', topcoat: 'none' },
      stripWish: 'best',
    },
  ],
};
const { operations, tasks } = planRoute(table, USUAL_SHOP);
const usesAt = (isIt: (it: (typeof operations)[number]) => boolean) => {
  const operation = operations.find(isIt);
  return plannedUses(tasks.filter((it) => operation?.taskKeys.includes(it.key)));
};

it('a coat is asked for by its colour, so that the right can is counted down', () => {
  const [paint] = usesAt((it) => it.coating === 'cabinetEnamel').filter(
    (it) => it.material === 'cabinetEnamel',
  );
  // The typical colour of a pale shade, as the palette has it.
  expect(paint?.colour).toBe('#d9c9a8');
  expect(paint?.quantity).toBeGreaterThan(0.1);
});

it('what only lies ready is not asked for, and each material once', () => {
  for (const operation of operations) {
    const uses = usesAt((it) => it === operation);
    const keys = uses.map((it) => `${it.material}/${it.colour ?? ''}`);
    expect(new Set(keys).size).toBe(keys.length);
    expect(keys.filter((it) => /^(pencil|clamps|scraper|chisel|roller)\//.test(it))).toEqual([]);
    expect(uses.every((it) => it.quantity > 0)).toBe(true);
  }
});
