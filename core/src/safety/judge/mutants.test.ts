import fc from 'fast-check';
import { DANGERS, TOOLS, type Damage } from '../../catalog';
import { USUAL_SHOP, scheme, type Piece, type Shop } from '../../piece';
import { planRoute } from '../../route';
import { clear, painted, pieceOf, type Told } from '../../testing/pieces';
import { anyLeadedPiece } from './cases';
import { faultsOf } from './judge';

// Is the judge sharp? Each row of dangers is blunted in turn, one prohibition or one thing to wear at a
// time: the judge has to notice.

/** A shop with every tool, so that nothing is left out for want of one. */
const SHOP: Shop = { ...USUAL_SHOP, tools: [...TOOLS.ids] };
const TOUCHED_IN = scheme.parse({ kind: 'touchedIn' });
const FACE = { substrate: 'hardwood', wood: 'pale', finish: 'varnish', bleed: 'none' } as const;

const top = (known: Readonly<Record<string, string>>, told: Partial<Told> = {}): Piece =>
  pieceOf({
    template: 'table',
    known: { top: { ...FACE, ...known } },
    aims: { top: painted('mid') },
    ...told,
  });

/** Old paint with lead in it, and damage of all kinds. */
const leaded = (...found: readonly Damage[]): Piece =>
  pieceOf({
    template: 'chest',
    years: [1930, 1939],
    seen: { left: ['see-through:opaque', 'lead-laboratory:found:1'] },
    known: { left: { ...FACE, finish: 'alkyd' } },
    found: { left: found },
    aims: { left: painted('mid') },
  });

/** Pieces on which each prohibition of the table bites. */
const PIECES: readonly Piece[] = [
  top({ finish: 'lacquer' }, { aims: { top: clear() }, wish: 'heat' }),
  top({ substrate: 'veneerCore' }, { aims: { top: clear() }, wish: 'heat' }),
  top({ substrate: 'plywood' }, { aims: { top: clear() }, wish: 'caustic' }),
  top({ substrate: 'board', finish: 'varnish' }, { aims: { top: painted() }, wish: 'caustic' }),
  top({ finish: 'shellac' }, { found: { top: ['dent'] }, aims: { top: TOUCHED_IN } }),
  top({ finish: 'shellac' }),
  top({ finish: 'varnish' }, { found: { top: ['darkRing'] }, aims: { top: TOUCHED_IN } }),
  top({ substrate: 'veneerCore' }, { found: { top: ['liftingVeneer'] } }),
  top({ substrate: 'hardwood', finish: 'milk' }),
  top(
    { wood: 'walnut', finish: 'latex' },
    { found: { top: ['gouge'] }, aims: { top: TOUCHED_IN } },
  ),
  top({ finish: 'bare' }, { aims: { top: clear() } }),
  top({ finish: 'bare' }, { aims: { top: { ...clear(), bleached: true } as never } }),
  top(
    { finish: 'bare' },
    { found: { top: ['dent', 'darkRing', 'missingEdge'] }, aims: { top: clear() } },
  ),
  pieceOf({
    template: 'cabinet',
    known: { inside: { ...FACE, finish: 'shellac' } },
    aims: { inside: { kind: 'freshened' } },
  }),
  top({}, { aims: { top: clear() }, wish: 'caustic' }),
  top(
    { substrate: 'veneerCore', wood: 'ringPorous' },
    { found: { top: ['liftingVeneer', 'darkRing'] }, aims: { top: clear() }, wish: 'gel' },
  ),
  top({ substrate: 'veneerCore' }, { found: { top: ['dent'] }, aims: { top: clear() } }),
  top({ substrate: 'veneerCore' }, { aims: { top: clear() }, wish: 'caustic' }),
  top({ finish: 'wax' }, { found: { top: ['residue'] } }),
  top(
    { finish: 'latex' },
    { found: { top: ['missingEdge', 'gouge', 'delaminated', 'looseJoint'] } },
  ),
  leaded('gouge', 'missingEdge', 'looseJoint', 'brokenDovetail', 'crack', 'catchingDrawer'),
  leaded('gouge', 'swollenBoard', 'liftingVeneer', 'delaminated', 'liftingFoil'),
  { ...leaded('gouge'), aims: leaded().aims.map((it) => ({ ...it, scheme: TOUCHED_IN })) },
  ...fc.sample(anyLeadedPiece, { seed: 26, numRuns: 120 }),
];

const isNoticed = (): boolean =>
  PIECES.some((piece) => faultsOf(piece, planRoute(piece, SHOP)).length > 0);

/** Does something with a list of a row without one of its entries, and puts it back. */
const without = <T>(row: object, list: 'needs' | 'forbids', entry: T, then: () => void): void => {
  const mutable = row as Record<string, readonly T[]>;
  const whole = mutable[list] ?? [];
  mutable[list] = whole.filter((it) => it !== entry);
  try {
    then();
  } finally {
    mutable[list] = whole;
  }
};

it('as the table stands, the judge has nothing to say', () => {
  expect(PIECES.flatMap((piece) => faultsOf(piece, planRoute(piece, SHOP)))).toEqual([]);
});

it.each(
  DANGERS.rows.flatMap((row) =>
    row.forbids.map((entry, nth) => [`${row.id} ${nth}: ${entry.because}`, row, entry] as const),
  ),
)('without the prohibition %s: noticed', (_, row, entry) => {
  without(row, 'forbids', entry, () => expect(isNoticed()).toBe(true));
});

it.each(DANGERS.rows.flatMap((row) => row.needs.map((entry) => [row.id, entry, row] as const)))(
  '%s without %s: noticed',
  (_, entry, row) => {
    without(row, 'needs', entry, () => expect(isNoticed()).toBe(true));
  },
);
