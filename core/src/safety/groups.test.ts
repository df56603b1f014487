import { inspectPiece, nextLooks } from '../inspect';
import { USUAL_SHOP, observation, type Piece } from '../piece';
import { applyChange, type PieceChange } from '../ledger';
import { planRoute } from '../route';
import { painted, pieceOf, seen, type Told } from '../testing/pieces';
import { workedOn, workedTo } from '../testing/worked';

// What a result on one part says of the others, and what happens when evidence changes after work has
// begun. Judged by hand, as an inspector for lead would: 40 CFR 745, 24 CFR 35 and HUD's guidelines for
// evaluation (values from memory).

const PAINT = ['see-through:opaque'];
const OLD: Told = {
  template: 'chest',
  years: [1930, 1939],
  seen: { top: PAINT, left: PAINT, right: PAINT },
  aims: { top: painted(), left: painted(), right: painted() },
};
const chest = (...observations: readonly Piece['observations'][number][]): Piece => {
  const piece = pieceOf(OLD);
  return { ...piece, observations: [...piece.observations, ...observations] };
};
const changed = (piece: Piece, change: PieceChange): Piece => {
  const result = applyChange(piece, change);
  if (!result.ok) throw new Error(result.problems[0]?.message);
  return result.value;
};
const status = (piece: Piece, surfaceId: string) =>
  inspectPiece(piece, USUAL_SHOP).find((it) => it.surfaceId === surfaceId)?.leadStatus;
const gateOn = (piece: Piece, surfaceId: string) =>
  planRoute(piece, USUAL_SHOP).operations.find(
    (it) => it.method === 'lead-gate' && it.surfaceIds.includes(surfaceId),
  );

const chipOf = (
  surfaceId: string,
  outcome: string,
  rest: Partial<Piece['observations'][number]> = {},
) => seen(surfaceId, 'lead-laboratory-all', { outcome, ...rest });

describe('parts that are painted alike', () => {
  it('one chip recorded once answers for all that it was said to speak for', () => {
    const piece = chest(chipOf('top', 'notFound', { alsoFor: ['left'] }));
    expect(status(piece, 'left')?.kind).toBe('notFound');
    expect(status(piece, 'right')?.kind).toBe('open');
  });

  it('lead on one is presumed on the others, until a laboratory shows otherwise on each', () => {
    const piece = chest(chipOf('top', 'found'));
    expect(status(piece, 'left')).toMatchObject({ kind: 'found', presumedFrom: 'top' });
    expect(nextLooks(piece, USUAL_SHOP, 'left').map((it) => it.test.id)).toContain(
      'lead-laboratory-all',
    );
    const tested = chest(chipOf('top', 'found'), chipOf('left', 'notFound'));
    expect(status(tested, 'left')?.kind).toBe('notFound');
    expect(status(tested, 'right')?.kind).toBe('found');
  });

  it('a sample that was to speak for all does so no more once lead turns up on one of them', () => {
    const shared = chipOf('top', 'notFound', { alsoFor: ['left', 'right'] });
    const piece = chest(shared, seen('right', 'lead-swab', { outcome: 'found', layer: 2 }));
    expect(status(piece, 'left')).toMatchObject({ kind: 'found', presumedFrom: 'right' });
    expect(status(piece, 'top')?.kind).toBe('notFound');
  });

  it('a figure read on the face speaks for no other face', () => {
    const moisture = seen('top', 'moisture-meter', { value: 9, alsoFor: ['left'] });
    expect(observation.safeParse(moisture).success).toBe(false);
  });

  it('a merged surface is no better known than the least known of its parts', () => {
    const before = chest(chipOf('right', 'notFound'));
    const build = { ...before.build, merges: [{ from: 'right', into: 'left' }] };
    const merged = changed(before, { kind: 'describe', description: { build } });
    expect(status(merged, 'left')?.kind).toBe('open');
    const both = changed(chest(chipOf('right', 'notFound'), chipOf('left', 'notFound')), {
      kind: 'describe',
      description: { build },
    });
    expect(status(both, 'left')?.kind).toBe('notFound');
  });

  it('metal and laminate are not notched down to a wood that they have not', () => {
    const piece = pieceOf({ ...OLD, known: { top: { substrate: 'other' } } });
    expect(status(piece, 'top')).toMatchObject({ kind: 'open', wants: 'lead-xrf' });
    const only = pieceOf({
      ...OLD,
      known: { top: { substrate: 'other', finish: 'alkyd' } },
      aims: { top: painted() },
    });
    const how = gateOn(only, 'top')?.how.join(' ');
    expect(how).toMatch(/Don’t notch metal.*X-ray/);
    expect(how).not.toMatch(/down to the wood; count/);
  });
});

describe('what the gate and the setting up say', () => {
  const answersOf = (told: Partial<Told>): string =>
    (gateOn(pieceOf({ ...OLD, ...told }), 'top')?.gate?.answers ?? [])
      .map((it) => it.then)
      .join(' ');

  it('for a child’s piece no answer leads to work of one’s own', () => {
    expect(answersOf({ childsRoom: true })).toMatch(/certified firm.*out of the child’s reach/);
    expect(answersOf({ childsRoom: true })).not.toMatch(/wet or with gel/);
    expect(answersOf({})).toMatch(/wet or with gel/);
  });

  it('runners and other faces that rub are spoken of where lead was found', () => {
    const setUp = planRoute(chest(chipOf('top', 'found')), USUAL_SHOP).operations[0];
    expect(setUp?.how.join(' ')).toMatch(/Runners, drawer sides and door edges rub/);
  });
});

describe('evidence that changes after work began', () => {
  const clean = chest(...['top', 'left', 'right'].map((it) => chipOf(it, 'notFound')));
  const begun = workedTo(clean, USUAL_SHOP, 'top/clean-before-abrasive/1');
  const cleanUp = (piece: Piece) =>
    planRoute(piece, USUAL_SHOP).operations.find((it) => it.method === 'clean-up-lead');

  it('nothing is cleaned up while every layer was tested and none held lead', () => {
    expect(begun.done.length).toBeGreaterThan(0);
    expect(cleanUp(begun)).toBeUndefined();
  });

  it('a later positive: what was opened is cleaned up first, and who was there is told', () => {
    const found = {
      ...begun,
      observations: [
        ...begun.observations,
        seen('top', 'lead-swab', { outcome: 'found', layer: 2, at: '2030-01-01T00:00:00.000Z' }),
      ],
    };
    const step = cleanUp(found);
    expect(step?.how.join(' ')).toMatch(
      /damp disposable cloths.*HEPA.*other pieces.*clothes worn.*who was there/i,
    );
    expect(step?.protection).toEqual(expect.arrayContaining(['P100 respirator']));
    expect(planRoute(found, USUAL_SHOP).operations[0]?.method).toBe('clean-up-lead');
  });

  it('a result taken back, or a corrected year: the question and its gate are there again', () => {
    const withdrawn = changed(begun, {
      kind: 'withdraw',
      observationId: 'top-lead-laboratory-all',
    });
    expect(status(withdrawn, 'top')?.kind).toBe('open');
    expect(gateOn(withdrawn, 'top')).toBeDefined();
    const newer = pieceOf({ ...OLD, years: [1985, 1990] });
    const worked = workedTo(newer, USUAL_SHOP, 'top/clean-before-abrasive/1');
    const corrected = changed(worked, {
      kind: 'describe',
      description: { yearFrom: 1930, yearTo: 1939 },
    });
    expect(gateOn(corrected, 'top')).toBeDefined();
    expect(cleanUp(corrected)).toBeDefined();
  });

  it('the gate comes back where a sample was taken, and what came of it left layers open', () => {
    const sampled = workedOn(pieceOf(OLD), USUAL_SHOP, 1);
    expect(gateOn(sampled, 'top')).toBeUndefined();
    expect(sampled.done.length).toBeGreaterThan(0);
    const late = '2030-01-01T00:00:00.000Z';
    const swabbed = {
      ...sampled,
      observations: [
        ...sampled.observations,
        seen('top', 'lead-swab', { outcome: 'notFound', layer: 1, at: late }),
      ],
    };
    expect(gateOn(swabbed, 'top')).toBeDefined();
    // Taken back again it is no better known.
    const back = changed(swabbed, { kind: 'withdraw', observationId: 'top-lead-swab-1' });
    expect(gateOn(back, 'top')).toBeDefined();
  });
});
