import fc from 'fast-check';
import { pieceOf, seen } from '../../testing/pieces';
import { USUAL_SHOP, startingAims, surfaceGroups, surfacesOf } from '../../piece';
import { inspectPiece, walkRound } from '..';

const asked = (seen: Readonly<Record<string, readonly string[]>>) =>
  Object.fromEntries(walkRound(pieceOf({ seen })).map((it) => [it.testId, it.surfaceIds]));

describe('a walk round a chest', () => {
  it('asks first, and of every surface, whether it is painted', () => {
    const [first] = walkRound(pieceOf());
    expect(first?.testId).toBe('see-through');
    expect(first?.surfaceIds).toEqual(surfacesOf(pieceOf()).map((it) => it.id));
  });

  it('asks of paint nothing about wood, and of bare wood nothing about a film', () => {
    const turns = asked({ top: ['see-through:opaque'], back: ['see-through:dull-wood'] });
    expect(turns['wood-look']).toEqual(['back']);
    expect(turns['pattern']).toEqual(['back']);
    expect(turns['brush-marks']).toEqual(['top']);
    expect(turns['crazing']).toEqual(['top']);
    expect(turns['colours-seen']).toEqual(['top']);
    expect(turns['shine']).toEqual(['top']);
    expect(turns['see-through']).not.toContain('top');
    expect(turns['knots']).toEqual(expect.arrayContaining(['top', 'back']));
  });

  it('is over when every question is answered', () => {
    let piece = pieceOf();
    for (let round = 0; round < 20; round++) {
      const [turn] = walkRound(piece);
      if (!turn) break;
      piece = {
        ...piece,
        observations: [
          ...piece.observations,
          ...turn.surfaceIds.map((surfaceId) => ({
            id: `${turn.testId}-${surfaceId}`,
            surfaceId,
            testId: turn.testId,
            outcome: turn.answers[0]?.outcome ?? null,
            value: turn.answers[0]?.value ?? null,
            layer: null,
            at: '2026-03-01T08:00:00Z',
            by: '',
          })),
        ],
      };
    }
    expect(walkRound(piece)).toEqual([]);
  });
});

// Common practice, no source: what is out of sight stays, the rest becomes what was asked for.
it.each([
  ['paint', 'painted', 'painted'],
  ['wood', 'clear', 'clear'],
  ['woodTop', 'clear', 'painted'],
  ['freshen', 'freshened', 'freshened'],
] as const)('to begin with “%s”: the top %s, the sides %s, the back left', (start, top, side) => {
  const kinds = Object.fromEntries(
    startingAims(pieceOf(), start).map((it) => [it.surfaceId, it.scheme.kind]),
  );
  expect(kinds).toMatchObject({
    top,
    left: side,
    right: side,
    fronts: side,
    drawerSides: 'leave',
    back: 'leave',
  });
  expect(Object.keys(kinds).sort()).toEqual(
    surfacesOf(pieceOf())
      .map((it) => it.id)
      .sort(),
  );
});

it('names groups of surfaces to choose in one tap: each once, none of one', () => {
  const groups = (start: string) =>
    Object.fromEntries(
      surfaceGroups(surfacesOf(pieceOf({ start }))).map((it) => [it.id, it.surfaceIds]),
    );
  expect(groups('hutch')).toMatchObject({
    doors: ['doors', 'doors_2'],
    side: ['left', 'right', 'left_2', 'right_2'],
    inside: ['inside', 'inside_2'],
  });
  expect(groups('hutch').butTop).not.toContain('top');
  expect(groups('hutch').shown).not.toContain('back');
  expect(groups('mirror')).toEqual({});
});

it('answers for many surfaces tell the same in whatever order they were given', () => {
  const turns = walkRound(pieceOf());
  const answers = turns.flatMap(({ testId, answers: [first], surfaceIds }) =>
    surfaceIds.map((surfaceId) =>
      seen(surfaceId, testId, { outcome: first?.outcome ?? null, value: first?.value ?? null }),
    ),
  );
  const told = (list: typeof answers) =>
    inspectPiece({ ...pieceOf(), observations: [...list] }, USUAL_SHOP).map((it) => [
      it.substrate.likeliest,
      it.finish.likeliest,
      Object.values(it.finish.distribution).map((p) => p.toFixed(9)),
    ]);
  const inOrder = told(answers);
  fc.assert(
    fc.property(
      fc.shuffledSubarray(answers, { minLength: answers.length, maxLength: answers.length }),
      (mixed) => {
        expect(told(mixed)).toEqual(inOrder);
      },
    ),
    { numRuns: 20 },
  );
});
