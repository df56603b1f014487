import { MINUTE_MS } from '../../units';
import type { Air, Minute } from '../../climate';
import { type Piece, type PutOff, type Shop } from '../../piece';
import { applyChange, type PieceChange } from '../../ledger';

/** What comes between: the plan is made anew with it. */
export type Upset =
  /** A step that is under way takes longer: it is done then. */
  | {
      readonly kind: 'longer';
      readonly pieceId: string;
      readonly taskKeys: readonly string[];
      readonly until: Minute;
    }
  /** Somebody is away. */
  | {
      readonly kind: 'away';
      readonly id: string;
      readonly personId: string;
      readonly from: Minute;
      readonly until: Minute;
    }
  /** Work is put off; or, with null, is free again. */
  | {
      readonly kind: 'putOff';
      readonly pieceId: string;
      readonly taskKeys: readonly string[];
      readonly until: Minute | null;
      readonly why: PutOff['why'];
    }
  /** The air in the shop is otherwise than was reckoned with. */
  | { readonly kind: 'air'; readonly air: Air; readonly at: Minute };

/** What is put on record for it: of a piece, or, where the id is null, of the shop. */
export type UpsetRecord =
  | { readonly pieceId: string; readonly change: PieceChange }
  | { readonly pieceId: null; readonly settings: Partial<Shop> };

const iso = (minute: Minute): string => new Date(Math.round(minute * MINUTE_MS)).toISOString();

/** No shop keeps more appointments. */
const MOST = 500;

/** What is put on record for an upset. @returns empty where what it is about is not there any more */
export const recordedFor = (
  it: Upset,
  pieces: readonly Piece[],
  shop: Shop,
): readonly UpsetRecord[] => {
  switch (it.kind) {
    case 'longer': {
      const { pieceId, taskKeys, until } = it;
      const under = pieces
        .find(({ id }) => id === pieceId)
        ?.done.filter((one) => one.endedAt === null && taskKeys.includes(one.taskKey));
      if (!under || under.length === 0) return [];
      const done = under.map((one) => ({ ...one, expectedEnd: iso(until) }));
      return [{ pieceId, change: { kind: 'did', done } }];
    }
    case 'away': {
      const { id, personId, from, until } = it;
      const name = shop.people.find((one) => one.id === personId)?.name;
      if (name === undefined) return [];
      const away = { id, title: `${name} is away`, from: iso(from), to: iso(until), personId };
      // What is over need not be kept where there is no more room.
      const others = shop.appointments.filter((one) => Date.parse(one.to) / MINUTE_MS > from);
      return [{ pieceId: null, settings: { appointments: [...others, away].slice(-MOST) } }];
    }
    case 'putOff': {
      const { pieceId, until, why } = it;
      const taskKeys = [...it.taskKeys];
      const putOff =
        until === null ? [] : taskKeys.map((taskKey) => ({ taskKey, until: iso(until), why }));
      return [{ pieceId, change: { kind: 'putOff', taskKeys, putOff } }];
    }
    case 'air':
      return [
        {
          pieceId: null,
          settings: {
            airCelsius: it.air.celsius,
            airHumidity: it.air.humidity,
            airReadAt: iso(it.at),
          },
        },
      ];
  }
};

/** Pieces and shop as they would be with an upset on record. */
export const upsetBy = (
  recorded: readonly UpsetRecord[],
  pieces: readonly Piece[],
  shop: Shop,
): { readonly pieces: readonly Piece[]; readonly shop: Shop } =>
  recorded.reduce(
    (before, it) => {
      if (it.pieceId === null) return { ...before, shop: { ...before.shop, ...it.settings } };
      const changed = before.pieces.map((piece) => {
        if (piece.id !== it.pieceId) return piece;
        const after = applyChange(piece, it.change);
        return after.ok ? after.value : piece;
      });
      return { ...before, pieces: changed };
    },
    { pieces, shop },
  );
