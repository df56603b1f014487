import { inspectSurface, nextLooks } from '..';
import { USUAL_SHOP, type Piece } from '../../piece';
import { clear, pieceOf, seen, type Told } from '../../testing/pieces';

// What may close the question of lead, and what may not. Judged by hand, as an inspector for lead
// would: 40 CFR 745, 24 CFR 35 and HUD's guidelines for evaluation (values from memory).

const OLD = { template: 'chest', years: [1930, 1939] } as const;
const PAINT = ['see-through:opaque'];
const CLEAR = ['see-through:clear-film'];

const statusOn = (piece: Piece) => inspectSurface(piece, { id: 'top' }, USUAL_SHOP).leadStatus;
const statusOf = (told: Told) => statusOn(pieceOf({ ...OLD, ...told }));
const top = (list: readonly string[], readings: Readonly<Record<string, number>> = {}) => ({
  seen: { top: list },
  readings: { top: readings },
});

/** What is on record of the top, and where the question stands by hand. */
const STORIES: readonly (readonly [string, Told, string, RegExp])[] = [
  [
    'one colour at a chip, and a swab of it that finds none, say nothing of what lies below',
    top([...PAINT, 'lead-swab:notFound:1'], { 'colours-seen': 1 }),
    'open',
    /at least 1 layer.*notch down to the wood/,
  ],
  [
    'five or more colours are not five',
    top([...PAINT, ...[1, 2, 3, 4, 5].map((it) => `lead-swab:notFound:${it}`)], {
      'colours-seen': 5,
    }),
    'open',
    /at least 5 layers/,
  ],
  [
    'counted at a notch, and each layer swabbed',
    top([...PAINT, 'lead-swab:notFound:1', 'lead-swab:notFound:2'], { 'layer-count': 2 }),
    'notFound',
    /Not found by swab in layers 1–2/,
  ],
  [
    'paint is seen, and no layer counted',
    top(PAINT, { 'layer-count': 0 }),
    'open',
    /results disagree/,
  ],
  [
    'more colours at a chip than were counted at the notch',
    top([...PAINT, 'lead-swab:notFound:1'], { 'layer-count': 1, 'colours-seen': 3 }),
    'open',
    /1 layer was counted at the notch, but at least 3/,
  ],
  [
    'a swab of a layer that was not counted',
    top([...PAINT, 'lead-swab:notFound:1', 'lead-swab:notFound:2'], { 'layer-count': 1 }),
    'open',
    /counts disagree/,
  ],
  ['pores under a finger: so has painted graining', top([...CLEAR, 'touch:pores']), 'open', /chip/],
  [
    'grain that turns the corner: so does painted graining',
    top([...CLEAR, 'edge-grain:turns-corner']),
    'open',
    /chip/,
  ],
  [
    'fibres under a lens: graining has them too',
    top([...CLEAR, 'edge-lens:fibres']),
    'open',
    /chip/,
  ],
  [
    'wood in the chip, and colours on record',
    top([...CLEAR, 'chip:wood-through'], { 'colours-seen': 2 }),
    'open',
    /results disagree/,
  ],
  [
    'a laboratory that found none in a layer, and a swab of it afterwards that does',
    top([...PAINT, 'lead-laboratory:notFound:1', 'lead-swab:found:1'], { 'layer-count': 1 }),
    'found',
    /Lead found by swab in layer 1/,
  ],
  [
    'the other way round the laboratory explains it',
    top([...PAINT, 'lead-swab:found:1', 'lead-laboratory:notFound:1'], { 'layer-count': 1 }),
    'notFound',
    /by laboratory in layer 1/,
  ],
  [
    'two laboratories that differ: the positive stands',
    top([...PAINT, 'lead-laboratory:found:1', 'lead-laboratory:notFound:1'], { 'layer-count': 1 }),
    'found',
    /Lead found by laboratory in layer 1/,
  ],
  [
    'a chip of all layers after a swab that found lead in one: an average may hide it',
    top([...PAINT, 'lead-swab:found:2', 'lead-laboratory-all:notFound'], { 'layer-count': 3 }),
    'found',
    /treated as lead/,
  ],
  [
    'a chip of all layers answers where counts disagree',
    top([...PAINT, 'lead-laboratory-all:notFound'], { 'layer-count': 1, 'colours-seen': 3 }),
    'notFound',
    /in all layers/,
  ],
];

describe('the question of lead', () => {
  it.each(STORIES)('%s', (_, told, kind, words) => {
    const status = statusOf({ ...told, known: {} });
    expect([status.kind, status.text]).toEqual([kind, expect.stringMatching(words)]);
  });

  it('two counts at the notch that differ are shown, and close nothing', () => {
    const piece = pieceOf({
      ...OLD,
      ...top([...PAINT, 'lead-swab:notFound:1'], { 'layer-count': 1 }),
    });
    const again = seen('top', 'layer-count', { value: 2, id: 'again' });
    const status = statusOn({ ...piece, observations: [...piece.observations, again] });
    expect(status).toMatchObject({ kind: 'open', missingLayers: [2] });
    expect(status.text).toMatch(/counts at the notch disagree/);
  });

  it('a laboratory’s figure for a whole chip is told as the average that it is', () => {
    const piece = pieceOf({ ...OLD, ...top(PAINT, { 'layer-count': 3 }) });
    const report = seen('top', 'lead-laboratory-all', { value: 900, outcome: 'found' });
    expect(statusOn({ ...piece, observations: [...piece.observations, report] }).text).toBe(
      'Lead found by laboratory in the chip (900 ppm averaged over its layers).',
    );
  });

  it.each(['varnish', 'shellac', 'lacquer', 'oil', 'wax', 'waterClear'])(
    'old wood under %s is asked for a look into a chip, which alone can close it',
    (finish) => {
      const told = { ...top(CLEAR), known: { top: { finish } }, aims: { top: clear() } };
      const asked = nextLooks(pieceOf({ ...OLD, ...told }), USUAL_SHOP, 'top');
      expect(asked.map((it) => it.test.id)).toContain('chip');
    },
  );
});
