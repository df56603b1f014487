import { CHECKS, type CheckId } from '../../catalog';
import { USUAL_SHOP } from '../../piece';
import { clear, painted, pieceOf, stained, type Told } from '../../testing/pieces';
import type { Task } from '../../work';
import { planRoute } from '..';

// Which work is looked at with which question: written down by hand from common practice of the
// trade (no source).

const OAK = { substrate: 'hardwood', wood: 'ringPorous', finish: 'varnish' } as const;
const PINE = { ...OAK, substrate: 'softwood', wood: 'knotty' } as const;

const tasksOf = (told: Told): readonly Task[] =>
  planRoute(pieceOf({ template: 'table', known: { top: OAK }, ...told }), USUAL_SHOP).tasks;
const asked = (it: Task | undefined): readonly CheckId[] => it?.checks.map((one) => one.id) ?? [];

interface Row {
  readonly work: string;
  readonly told: Told;
  readonly is: (it: Task) => boolean;
  readonly asks: readonly CheckId[];
  readonly never?: readonly CheckId[];
}

const laying =
  (series: string, nth = 1) =>
  (it: Task) =>
    it.traits.lays?.series === series && it.traits.lays.nth === nth;

const ROWS: readonly Row[] = [
  {
    work: 'a wash with degreaser',
    told: { aims: { top: painted() } },
    is: (it) => it.traits.makes.includes('degreased'),
    asks: ['waterClear'],
    never: ['filmLooks'],
  },
  {
    work: 'stripping with gel',
    told: { aims: { top: stained() }, wish: 'gel' },
    is: (it) => it.method === 'strip-gel',
    asks: ['filmSoft', 'allOff'],
  },
  {
    work: 'sanding the finish off',
    told: { aims: { top: stained() }, wish: 'sand' },
    is: (it) => it.method === 'strip-sand',
    asks: ['allOff'],
    never: ['filmSoft'],
  },
  {
    work: 'lye, once neutralised',
    told: { known: { top: { ...OAK, wood: 'pale' } }, aims: { top: clear() }, wish: 'caustic' },
    is: (it) => it.method === 'neutralise',
    asks: ['neutralPh'],
  },
  {
    work: 'the papers on bare wood',
    told: { aims: { top: stained() } },
    is: (it) => it.method === 'sand-ladder',
    asks: ['rakingLight'],
  },
  {
    work: 'taking the dust off before a coat',
    told: { aims: { top: stained() } },
    is: (it) => it.method === 'dedust',
    asks: ['poresClean'],
  },
  {
    work: 'flushing a fill',
    told: { aims: { top: painted() }, found: { top: ['gouge'] } },
    is: (it) => it.traits.makes.includes('fillFlush'),
    asks: ['fillFlat'],
  },
  {
    work: 'a glued joint',
    told: { aims: { top: painted() }, found: { top: ['looseJoint'] } },
    is: (it) => it.method === 'glue-joint',
    asks: ['jointTight'],
  },
  {
    work: 'primer over knots',
    told: { known: { top: PINE }, aims: { top: painted('white') } },
    is: laying('prime'),
    asks: ['filmLooks', 'noBleed'],
    never: ['colourRight'],
  },
  {
    work: 'the first coat of paint',
    told: { aims: { top: painted('white') } },
    is: laying('paint'),
    asks: ['filmLooks', 'noBleed', 'sheenEven'],
  },
  {
    work: 'stain',
    told: { aims: { top: stained() } },
    is: laying('stain'),
    asks: ['colourRight'],
    never: ['noBleed', 'filmLooks'],
  },
  {
    work: 'a clear film',
    told: { aims: { top: clear('waterborne') } },
    is: laying('clear'),
    asks: ['filmLooks', 'sheenEven'],
    never: ['noBleed'],
  },
  {
    work: 'oil that goes into the wood',
    told: { aims: { top: clear('hardOil') }, wish: 'sand' },
    is: laying('clear'),
    asks: [],
    never: ['filmLooks', 'sheenEven'],
  },
  {
    work: 'drawers going back in',
    told: { template: 'chest', known: {}, aims: { fronts: painted() } },
    is: (it) => it.traits.putsOn === 'drawers',
    asks: ['thumbnail', 'runsFreely'],
  },
  {
    work: 'the test patch on a slick face',
    told: {
      known: { top: { substrate: 'foil', finish: 'factory' } },
      aims: { top: painted('mid') },
    },
    is: (it) => it.method === 'test-patch',
    asks: ['gripsWell'],
  },
];

describe('what is asked after work', () => {
  it.each(ROWS)('$work', ({ told, is, asks, never = [] }) => {
    const task = tasksOf(told).find(is);
    if (!task && asks.length === 0) return;
    expect(task?.key).toBeDefined();
    expect(asked(task)).toEqual(expect.arrayContaining([...asks]));
    for (const it of never) expect(asked(task)).not.toContain(it);
  });

  it('the comb is asked for at the first sprayed coat, while it is wet', () => {
    const shop = { ...USUAL_SHOP, tools: [...USUAL_SHOP.tools, 'sprayer' as const] };
    const piece = pieceOf({ template: 'wardrobe', aims: { left: painted('white') } });
    const aims = piece.aims.map((it) => ({ ...it, applicator: 'gun' as const }));
    const { tasks } = planRoute({ ...piece, aims }, shop);
    const sprayed = tasks.filter((it) => it.traits.sprayed);
    expect(sprayed.length).toBeGreaterThan(1);
    for (const it of sprayed) {
      expect(asked(it).includes('wetFilm')).toBe(it.traits.lays?.nth === 1);
    }
    expect(CHECKS.rows.filter((it) => it.during).map((it) => it.id)).toEqual([
      'filmSoft',
      'wetFilm',
    ]);
  });

  it('each question is asked after some work', () => {
    const all = new Set(ROWS.flatMap(({ told }) => tasksOf(told).flatMap(asked)));
    const others = CHECKS.ids.filter((it) => !all.has(it));
    // Of work that none of the tables above have: the gun, wood bleach, powdering paint.
    expect(others.sort()).toEqual(['paleEnough', 'ragClean', 'wetFilm']);
  });
});
