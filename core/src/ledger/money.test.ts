import { NO_ACCOUNT, newPiece, pieceDescription, type Piece } from '../piece';
import {
  formOf,
  entriesOf,
  entry,
  foldPiece,
  readEntry,
  type Change,
  type LedgerEntry,
} from './index';

const description = pieceDescription.parse({
  name: 'Table',
  templateId: 'table',
  measures: { width: 1400, depth: 800, height: 750, apronHeight: 90 },
});
const MIX = {
  id: 'mix',
  name: 'Tea',
  parts: [
    { name: 'walnut stain', parts: 3 },
    { name: 'oak stain', parts: 1 },
  ],
  by: 'volume' as const,
  note: '',
};

/** The record of a table, each change by the device that is named. */
const recordOf = (
  changes: readonly (readonly [string, Change, number?])[],
): readonly LedgerEntry[] =>
  [['desk', { kind: 'takenIn', description }] as const, ...changes].map(
    ([device, change, baseSeq], nth) => ({
      id: `e${nth}`,
      pieceId: 'table',
      form: formOf(change),
      change,
      at: `2026-03-01T08:0${nth}:00Z`,
      device,
      by: '',
      baseSeq: baseSeq ?? nth,
      seq: nth + 1,
      number: 1,
    }),
  );
const pieceOf = (...changes: readonly Change[]): Piece | undefined =>
  foldPiece(recordOf(changes.map((it) => ['desk', it])))?.piece;

describe('the money of a piece on record', () => {
  it('is set part by part; what is not named stays', () => {
    const sold = { price: 42_000, on: '2026-03-01', fees: 0 };
    const piece = pieceOf(
      { kind: 'account', account: { paid: 4000 } },
      { kind: 'account', account: { price: 40_000, sold } },
      { kind: 'account', account: { price: null } },
    );
    expect(piece?.account).toEqual({ ...NO_ACCOUNT, paid: 4000, sold });
  });

  it('set otherwise on two devices shows both, for that part only', () => {
    const told = foldPiece(
      recordOf([
        ['desk', { kind: 'account', account: { paid: 4000, price: 40_000 } }],
        ['phone', { kind: 'account', account: { paid: 4500 } }, 1],
      ]),
    );
    expect(told?.conflicts.map((it) => it.field)).toEqual(['account/paid']);
    expect(told?.piece.account.price).toBe(40_000);
  });

  it('goes with a file of the piece, with its mixes and what somebody knew better', () => {
    const own = { reckoned: 0.3, said: 0.5 };
    const piece = pieceOf(
      {
        kind: 'account',
        account: { paid: 4000, extras: [{ id: 'x', text: 'Glides', amount: 480 }] },
      },
      { kind: 'need', material: 'cabinetEnamel', colour: '#22303d', own },
      { kind: 'recipe', recipe: MIX },
    );
    if (!piece) throw new Error('No piece');
    let serial = 0;
    const made = entriesOf(
      piece,
      { at: '2026-03-02T08:00:00Z', device: 'other' },
      () => `n${++serial}`,
    );
    const again = foldPiece(made.map((it, nth) => ({ ...it, seq: nth + 1, number: 1 })))?.piece;
    expect(again).toEqual(piece);
  });
});

describe('what somebody knows better', () => {
  const need = (colour: string | null, said: number | null): Change => ({
    kind: 'need',
    material: 'cabinetEnamel',
    colour,
    own: said === null ? null : { reckoned: 1, said },
  });

  it('stands once for each material and colour, and goes when it is taken back', () => {
    const piece = pieceOf(need('#22303d', 2), need(null, 3), need('#22303d', 4), need(null, null));
    expect(piece?.ownNeeds.map((it) => [it.colour, it.said])).toEqual([['#22303d', 4]]);
  });
});

describe('a mix', () => {
  it('becomes what it says now, and is removed once', () => {
    const piece = pieceOf(
      { kind: 'recipe', recipe: MIX },
      { kind: 'recipe', recipe: { ...MIX, name: 'Dark tea' } },
    );
    expect(piece?.recipes.map((it) => it.name)).toEqual(['Dark tea']);
    const told = foldPiece(
      recordOf([
        ['desk', { kind: 'recipe', recipe: MIX }],
        ['desk', { kind: 'unrecipe', recipeId: 'mix' }],
        ['desk', { kind: 'unrecipe', recipeId: 'mix' }],
      ]),
    );
    expect(told?.piece.recipes).toEqual([]);
    expect(told?.withoutEffect.map((it) => it.problems[0]?.path)).toEqual(['recipeId']);
  });

  it.each([
    ['no parts', { ...MIX, parts: [] }],
    ['a part of nothing', { ...MIX, parts: [{ name: 'stain', parts: 0 }] }],
    ['no name', { ...MIX, name: ' ' }],
  ])('with %s is none', (_, recipe) => {
    const sent = { ...recordOf([])[0], change: { kind: 'recipe', recipe } };
    expect(entry.safeParse(sent).success).toBe(false);
  });
});

it('material that an older page wrote down came from no container that anybody knows', () => {
  const line = {
    of: 'used',
    id: 'u',
    at: '2026-03-01T08:00:00Z',
    material: 'woodGlue',
    quantity: 0.1,
  };
  const sent = {
    ...recordOf([])[0],
    form: undefined,
    change: undefined,
    version: 4,
    deed: { kind: 'log', lines: [line] },
  };
  const read = readEntry(JSON.parse(JSON.stringify(sent)));
  const change = read.ok ? read.value.change : undefined;
  expect(change?.kind === 'log' && change.lines[0]).toMatchObject({
    containerId: null,
    colour: null,
    lot: '',
  });
});

it('a piece that was never reckoned has no money, no mixes and no words of its own', () => {
  const { account, recipes, ownNeeds } = newPiece('p', description);
  expect({ account, recipes, ownNeeds }).toEqual({
    account: NO_ACCOUNT,
    recipes: [],
    ownNeeds: [],
  });
});
