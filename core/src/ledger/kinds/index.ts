import { z } from 'zod';
import type { Problem } from '../../piece';
import { account } from './account';
import { aim } from './aim';
import { archive } from './archive';
import { confirm } from './confirm';
import { describe } from './describe';
import { did } from './did';
import { end } from './end';
import { erased } from './erased';
import { find } from './find';
import { fit } from './fit';
import { layers } from './layers';
import { log } from './log';
import { need } from './need';
import { observe } from './observe';
import { picture } from './picture';
import { priced } from './priced';
import { putOff } from './putOff';
import { recipe } from './recipe';
import { restore } from './restore';
import { revoke } from './revoke';
import { shopSet } from './shopSet';
import { stocked } from './stocked';
import { takenIn } from './takenIn';
import { unconfirm } from './unconfirm';
import { unfind } from './unfind';
import { unfit } from './unfit';
import { unpicture } from './unpicture';
import { unrecipe } from './unrecipe';
import { withdraw } from './withdraw';
import { work } from './work';
import type { ChangeKind, Dated, ChangedField, HistoryGroup, Subject, ToldFor, Up } from './kind';

/** Every kind of change, in the order in which they make a piece. */
const KINDS = [
  takenIn,
  observe,
  confirm,
  find,
  layers,
  did,
  log,
  putOff,
  picture,
  fit,
  aim,
  work,
  account,
  need,
  recipe,
  end,
  archive,
  describe,
  withdraw,
  unconfirm,
  unfind,
  unpicture,
  unfit,
  unrecipe,
  restore,
  shopSet,
  stocked,
  priced,
  revoke,
  erased,
] as const;
type Kind = (typeof KINDS)[number];

/** What an entry does. */
export type Change = z.output<Kind['schema']>;
/** What an entry does to a piece that is there. */
export type PieceChange = Exclude<
  z.output<Extract<Kind, { readonly about: 'piece' }>['schema']>,
  { kind: 'takenIn' }
>;

type Schemas<K extends Kind> = [K['schema'], ...K['schema'][]];

export const change = z.discriminatedUnion(
  'kind',
  KINDS.map((it) => it.schema) as unknown as Schemas<Kind>,
);

const ofPieces = KINDS.filter((it) => it.about === 'piece' && it.kind !== 'takenIn');
/** The changes of a piece that is there. */
export const pieceChange = z.discriminatedUnion(
  'kind',
  ofPieces.map((it) => it.schema) as unknown as Schemas<Kind>,
) as unknown as z.ZodType<PieceChange>;

type Row = ChangeKind<Change> & { readonly kind: string; readonly schema: z.ZodType<Change> };

const BY_NAME: ReadonlyMap<string, Row> = new Map(
  KINDS.map((it) => [it.kind, it as unknown as Row]),
);

/** The kind of a change. */
export const kindOf = (it: Change): Row => BY_NAME.get(it.kind) as Row;

/** Which kind of change something is, and in which version it was written. */
interface Form {
  readonly kind: string;
  readonly version: number;
}

const FORM = /^obrik\.([A-Za-z]+)\/([1-9]\d{0,4})$/;

/** The form that changes of a kind are written in today: "obrik.observe/3". */
export const formOf = (it: Pick<Change, 'kind'>): string =>
  `obrik.${it.kind}/${(BY_NAME.get(it.kind)?.up.length ?? 0) + 1}`;

/** Reads the name of a form. */
export const readForm = (text: string): Form | undefined => {
  const [, kind, version] = FORM.exec(text) ?? [];
  return kind === undefined || version === undefined
    ? undefined
    : { kind, version: Number(version) };
};

/**
 * A change as an earlier version wrote it, in the form of today.
 * @returns what is wrong where its kind is not known here, or a newer Obrik wrote it
 */
export const brought = (
  before: Readonly<Record<string, unknown>>,
  { kind, version }: Form,
): Readonly<Record<string, unknown>> | Problem => {
  const row = BY_NAME.get(kind);
  if (!row) return { path: 'form', message: `No kind of change is called "${kind}".` };
  if (version > row.up.length + 1) {
    return {
      path: 'form',
      message: `A newer Obrik wrote this (${kind}, version ${version}). Update this one to read it.`,
    };
  }
  return row.up.slice(version - 1).reduce((it, up) => up(it), before);
};

/** What an entry sets. */
export const fieldsOf = (it: Change): readonly ChangedField<Change>[] =>
  kindOf(it).fields?.(it) ?? [];

export const groupOf = (it: Change): HistoryGroup => kindOf(it).group;

/** Does it change a piece, the shop, or the record itself? */
export const subjectOf = (it: Change): Subject => kindOf(it).about;

/** The one surface that a change is about; undefined where it is about several or none. */
export const surfaceOf = (it: Change): string | undefined => kindOf(it).surfaceOf?.(it);

/** One entry of the record as a line to read. */
export const changeInWords = (it: Change, context: ToldFor): string => kindOf(it).told(it, context);

/** The changes that make a piece, in an order in which they can be applied. */
export const changesMaking = (
  piece: Parameters<NonNullable<Row['madeFrom']>>[0],
): readonly Dated<Change>[] =>
  KINDS.flatMap((it) => (it as unknown as Row).madeFrom?.(piece) ?? []);

export type { Dated, ChangedField, HistoryGroup, ToldFor, Up };
