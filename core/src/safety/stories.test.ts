import { inspectPiece } from '../inspect';
import { USUAL_SHOP, type Observation, type Piece } from '../piece';
import { planRoute, type Operation } from '../route';
import { painted, pieceOf, seen, type Told } from '../testing/pieces';
import { JUDGEMENTS } from './judge/methods';

// Twelve stories of evidence that does not agree, each with the answer that a certified lead inspector
// would give: 40 CFR 745 subparts D and L, 24 CFR 35 subpart R, HUD's guidelines for the evaluation and
// control of lead-based paint hazards (written down from memory).

/** What the inspector has done with the left side of a chest that is to be painted. */
type Answer = 'held' | 'contained' | 'dry' | 'refused';

interface Story {
  readonly story: string;
  readonly says: string;
  readonly answer: Answer;
  readonly record: readonly Observation[];
  readonly told?: Partial<Told>;
  readonly layers?: number;
}

const on = (surfaceId: string, testId: string, rest: Partial<Observation> = {}): Observation => ({
  ...seen(surfaceId, testId, rest),
  id: `${surfaceId}-${testId}-${rest.layer ?? ''}-${rest.at ?? ''}`.replace(/[^\w-]/g, ''),
});
const swab = (layer: number, outcome: string, at = '2026-01-10T10:00:00.000Z') =>
  on('left', 'lead-swab', { layer, outcome, at });
const laboratory = (outcome: string, rest: Partial<Observation> = {}) =>
  on('left', 'lead-laboratory-all', { outcome, at: '2026-01-20T10:00:00.000Z', ...rest });
const notch = (value: number, at = '2026-01-10T09:00:00.000Z') =>
  on('left', 'layer-count', { value, at });

const STORIES: readonly Story[] = [
  {
    story: 'One colour shows at a chip. One swab of it stays clean. The chest is from the 1930s.',
    says: 'A chip shows the least number of layers. Nothing is known of what lies deeper: test on.',
    answer: 'held',
    record: [on('left', 'colours-seen', { value: 1 }), swab(1, 'notFound')],
  },
  {
    story:
      'A notch shows two layers. Somebody saw three colours at an edge. Both layers swabbed clean.',
    says: 'The counts disagree, so a layer is missing from the tests. Leave it shut.',
    answer: 'held',
    record: [
      notch(2),
      on('left', 'colours-seen', { value: 3 }),
      swab(1, 'notFound'),
      swab(2, 'notFound'),
    ],
  },
  {
    story: 'Two notches, one with two layers and one with three. Three clean swabs.',
    says: 'Two places, two histories: until somebody explains it, both are open.',
    answer: 'held',
    record: [
      notch(2),
      notch(3, '2026-01-11T09:00:00.000Z'),
      swab(1, 'notFound'),
      swab(2, 'notFound'),
      swab(3, 'notFound'),
    ],
  },
  {
    story:
      'A laboratory finds none in a full-depth chip. A month later a swab on the second layer turns red.',
    says: 'A chip is one place. A positive stands until a laboratory has looked at that layer: lead.',
    answer: 'contained',
    record: [laboratory('notFound'), swab(2, 'found', '2026-02-20T10:00:00.000Z')],
  },
  {
    story:
      'The swab turns red on a red layer. A laboratory then finds none in that very layer, and none in the other.',
    says: 'Red pigment fools some kits. The laboratory explains it: no lead was found.',
    answer: 'dry',
    record: [
      notch(2),
      swab(1, 'found'),
      on('left', 'lead-laboratory', {
        layer: 1,
        outcome: 'notFound',
        at: '2026-01-25T10:00:00.000Z',
      }),
      on('left', 'lead-laboratory', {
        layer: 2,
        outcome: 'notFound',
        at: '2026-01-25T10:00:00.000Z',
      }),
    ],
  },
  {
    story: 'Four layers. A laboratory reports 900 ppm for the whole chip and ticks “not found”.',
    says: 'An average of four: one layer may hold 3600. Over 90 ppm it is worked as lead.',
    answer: 'contained',
    record: [notch(4), laboratory('notFound', { value: 900 })],
    layers: 4,
  },
  {
    story:
      'It looks like varnished oak, with pores under the finger. A chip shows three colours of paint.',
    says: 'Painted graining looks like oak. Three layers of old paint: test each.',
    answer: 'held',
    record: [
      on('left', 'see-through', { outcome: 'clear-film' }),
      on('left', 'touch', { outcome: 'pores' }),
      on('left', 'colours-seen', { value: 3 }),
    ],
    layers: 3,
  },
  {
    story:
      'One chip of the right side, free of lead, was to speak for both sides. They were painted in other colours.',
    says: 'One sample speaks for one history. The left side has another: test it.',
    answer: 'held',
    record: [on('right', 'lead-laboratory-all', { outcome: 'notFound', alsoFor: ['left'] })],
    layers: 2,
    told: {},
  },
  {
    story: 'Lead was found on the right side, painted the same. Nobody has tested the left.',
    says: 'Presume it on the left until a sample of its own shows otherwise.',
    answer: 'contained',
    record: [
      on('right', 'lead-xrf', { outcome: 'found' }),
      on('left', 'see-through', { outcome: 'opaque' }),
    ],
    layers: 2,
  },
  {
    story: 'For a child. Two layers, both swabbed clean by the owner.',
    says: 'A swab can miss. For a child’s piece a laboratory decides.',
    answer: 'held',
    record: [notch(2), swab(1, 'notFound'), swab(2, 'notFound')],
    told: { childsRoom: true },
  },
  {
    story: 'For a child. A laboratory finds lead in one layer of the right side only.',
    says: 'One leaded part refuses the whole piece: a firm, or leave it out of reach.',
    answer: 'refused',
    record: [
      on('right', 'lead-laboratory', { layer: 1, outcome: 'found' }),
      laboratory('notFound'),
    ],
    told: { childsRoom: true },
  },
  {
    story: 'The year was put down as 1985. Two clean swabs, then a red one. The year says no lead.',
    says: 'A year is a guess, a positive is a fact: lead.',
    answer: 'contained',
    record: [swab(1, 'notFound'), swab(2, 'found')],
    told: { years: [1985, 1989] },
  },
];

const pieceFor = ({ record, told = {}, layers = 0 }: Story): Piece => {
  const piece = pieceOf({
    template: 'chest',
    years: [1930, 1939],
    aims: { left: painted('mid') },
    ...told,
  });
  const colours = ['white', 'green', 'cream', 'brown'].slice(0, layers);
  const others = record.some((it) => it.alsoFor) ? ['black'] : colours;
  const painting = (surfaceId: string, list: readonly string[]) =>
    list.map((colour, nth) => ({
      surfaceId,
      layer: nth + 1,
      colour,
      feel: 'unknown' as const,
      thicknessUm: null,
    }));
  return {
    ...piece,
    observations: [
      ...piece.observations,
      ...(record.some((it) => it.testId === 'see-through')
        ? []
        : [on('left', 'see-through', { outcome: 'opaque' })]),
      ...record,
    ],
    layers: [...painting('left', colours), ...painting('right', layers > 0 ? others : [])],
  };
};

const worksOn = (it: Operation): boolean =>
  it.surfaceIds.includes('left') &&
  ['opens', 'dry', 'covers'].includes(JUDGEMENTS.get(it.method) ?? '');

const ANSWERED: Readonly<Record<Answer, (piece: Piece) => void>> = {
  held: (piece) => {
    const { operations } = planRoute(piece, USUAL_SHOP);
    const work = operations.filter(worksOn);
    expect(work.length).toBeGreaterThan(0);
    for (const it of work) expect([it.method, ...it.holds]).toContain('lead');
    expect(operations.some((it) => it.method === 'lead-gate')).toBe(true);
  },
  contained: (piece) => {
    const { operations } = planRoute(piece, USUAL_SHOP);
    const work = operations.filter(worksOn);
    expect(work.length).toBeGreaterThan(0);
    for (const it of work) expect(JUDGEMENTS.get(it.method)).not.toBe('dry');
    expect(operations[0]?.method).toBe('contain-lead');
  },
  dry: (piece) => {
    const { operations } = planRoute(piece, USUAL_SHOP);
    const work = operations.filter(worksOn);
    expect(work.some((it) => JUDGEMENTS.get(it.method) === 'dry')).toBe(true);
    for (const it of work) expect([it.method, it.holds]).toEqual([it.method, []]);
  },
  refused: (piece) => {
    const { operations, refusals } = planRoute(piece, USUAL_SHOP);
    expect(operations.filter(worksOn)).toEqual([]);
    const said = refusals.filter((it) => it.surfaceIds.includes('left'));
    expect(said.map((it) => it.waysOut.join(' ')).join(' ')).toMatch(
      /certified firm.*out of the child’s reach/,
    );
  },
};

it.each(STORIES.map((it) => [`${it.story} — ${it.says}`, it] as const))('%s', (_, story) => {
  const piece = pieceFor(story);
  ANSWERED[story.answer](piece);
  const text = inspectPiece(piece, USUAL_SHOP).find((it) => it.surfaceId === 'left')?.leadStatus
    .text;
  expect(text).not.toMatch(/\bsafe\b/);
});
