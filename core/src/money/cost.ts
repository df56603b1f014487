import { HOUR, MINUTE_MS } from '../units';
import { z } from 'zod';
import { MATERIALS, UNITS, aisleOf, type Material } from '../catalog';
import { isOwnPrice, linesOf, type LineOf, type Piece, type Shop, type Stocked } from '../piece';
import type { Case } from '../case';
import { doneTogether, type Route } from '../route';
import { linesByWork } from '../run';
import { fittingsToBuy } from '../supply';
import { needKey, needsOf, moneyFor, type MaterialNeed } from '../needs';
import { inDialect } from '../words';
import { type DeepReadonly } from '../effect';
import { timedIn, type Paces } from '../work';
import { ratioOf, shared, thousandths } from './share';

/** What a cost is for. */
export const COST_KINDS = [
  'paid',
  'material',
  'worn',
  'fittings',
  'disposal',
  'space',
  'extra',
] as const;
export type CostKind = (typeof COST_KINDS)[number];

/** Of a material: the quantities behind the money. */
const materialWorkings = z.object({
  material: MATERIALS.id,
  colour: z.string().nullable(),
  unit: z.enum(UNITS),
  planned: z.number(),
  /** Written down at the bench; null where nobody did: then what is spent is what the steps took by the plan. */
  used: z.number().nullable(),
  /** What went into the piece so far: as written down, and of steps at which nobody did, what they took. */
  took: z.number(),
  toCome: z.number(),
});

/** One line of what a piece costs, minor units: as planned from the start, so far, and still to come. */
export const costLine = z.object({
  key: z.string(),
  kind: z.enum(COST_KINDS),
  label: z.string(),
  planned: z.int(),
  spent: z.int(),
  toCome: z.int(),
  /** The price behind it is a placeholder of the catalog. */
  placeholder: z.boolean(),
  material: materialWorkings.nullable(),
});
export type CostLine = DeepReadonly<z.infer<typeof costLine>>;

/** What a piece costs, own hours left out. */
export const pieceCost = z.object({
  lines: z.array(costLine),
  planned: z.int(),
  spent: z.int(),
  toCome: z.int(),
  /** Spent and still to come. */
  expected: z.int(),
  /** Active minutes: of the whole job as it would be planned with nothing done yet; done, as timed, else as planned; still to come. */
  hours: z.object({ planned: z.int(), done: z.int(), toCome: z.int() }),
  /** Some line is reckoned by a placeholder. */
  placeholders: z.boolean(),
});
export type PieceCost = DeepReadonly<z.infer<typeof pieceCost>>;
type Hours = PieceCost['hours'];

/** What a cost is reckoned from beside the piece. */
export interface CostContext {
  readonly stock: readonly Stocked[];
  /** Every piece of the shop: a container is shared out over all that it was used on. */
  readonly users: readonly Pick<Piece, 'log'>[];
  /** How long work takes here against the plan; as planned where not given. */
  readonly paces?: Paces;
}

/** The piece as it was before any work: what the whole job would be by what is known now. */
const untouched = (piece: Piece): Piece => ({ ...piece, done: [], log: [], putOff: [] });

type Use = LineOf<'used'>;

const usesOf = (pieces: CostContext['users']): readonly Use[] =>
  pieces.flatMap(({ log }) => linesOf(log, 'used'));

/**
 * What each use of material cost. Of a container whose price is known its uses and what is left
 * share that price to the last minor unit; else the price book tells.
 */
const costOfUses = (shop: Shop, { users, stock }: CostContext): ReadonlyMap<string, number> => {
  const uses = usesOf(users);
  const costs = new Map<string, number>();
  const fromCan = new Map<string, Use[]>();
  for (const it of uses) {
    costs.set(it.id, moneyFor(it, shop));
    if (it.containerId === null) continue;
    fromCan.set(it.containerId, [...(fromCan.get(it.containerId) ?? []), it]);
  }
  for (const container of stock) {
    const own = fromCan.get(container.id);
    if (container.paid === null || !own) continue;
    const taken = own.map((it) => thousandths(it.quantity));
    const sum = taken.reduce((all, it) => all + it, 0);
    const left = Math.max(0, thousandths(container.size) - sum);
    const parts = shared(container.paid, [...taken, left]);
    own.forEach((it, nth) => costs.set(it.id, parts[nth] ?? 0));
  }
  return costs;
};

/** Where a use belongs: the same colour, else the only one of its material that is planned. */
const keyOfUse = (it: Use, known: ReadonlyMap<string, MaterialNeed>): string => {
  const exact = needKey(it.material, it.colour);
  if (known.has(exact)) return exact;
  const alike = [...known].filter(([, need]) => need.material === it.material);
  return alike.length === 1 && alike[0] && it.colour === null ? alike[0][0] : exact;
};

const byKey = (needs: readonly MaterialNeed[]): ReadonlyMap<string, MaterialNeed> =>
  new Map(needs.map((it) => [needKey(it.material, it.colour), it]));

/**
 * All work on record tells what it took. Where some does not, since it was put on record before that was asked for,
 * what is planned no more counts as taken and worked as planned.
 */
const isTold = ({ done }: Piece): boolean =>
  done.every((it) => it.endedAt === null || it.took !== null);

/** What some work took by the plan, and nobody wrote down otherwise, by key. */
const assumedOf = (piece: Piece): ReadonlyMap<string, number> => {
  const written = linesByWork(linesOf(piece.log, 'used'), piece.done);
  const goes = doneTogether(piece.done);
  const sums = new Map<string, number>();
  for (const go of goes) {
    const said = new Set(go.flatMap((it) => written.get(it.id) ?? []).map((it) => it.material));
    for (const it of go.flatMap((one) => one.took ?? [])) {
      if (said.has(it.material)) continue;
      const key = needKey(it.material, it.colour);
      sums.set(key, (sums.get(key) ?? 0) + it.quantity);
    }
  }
  return sums;
};

const WORN = new Set<Material>(MATERIALS.ids.filter((it) => aisleOf(it) === 'protection'));

const materialLines = (
  { piece, shop, route: rest }: Case,
  context: CostContext,
  whole: Route,
): readonly CostLine[] => {
  const planned = byKey(needsOf([{ piece, route: whole }]));
  const toCome = byKey(needsOf([{ piece, route: rest }]));
  const known = new Map([...toCome, ...planned]);
  const costs = costOfUses(shop, context);
  const used = new Map<string, { quantity: number; cost: number; use: Use }>();
  for (const use of usesOf([piece])) {
    const key = keyOfUse(use, known);
    const old = used.get(key);
    used.set(key, {
      use,
      quantity: (old?.quantity ?? 0) + use.quantity,
      cost: (old?.cost ?? 0) + (costs.get(use.id) ?? 0),
    });
  }
  const over = piece.done.filter((it) => it.endedAt !== null);
  const took = assumedOf(piece);
  const keys = new Set([...known.keys(), ...used.keys(), ...(isTold(piece) ? took.keys() : [])]);
  return [...keys].flatMap((key): CostLine[] => {
    const use = used.get(key);
    const about = known.get(key) ?? use?.use ?? tookOf(over, key);
    if (!about) return [];
    const { material, colour } = about;
    const { label, unit } = MATERIALS.get(material);
    const all = planned.get(key)?.quantity ?? 0;
    const left = toCome.get(key)?.quantity ?? 0;
    const assumed = isTold(piece)
      ? (took.get(key) ?? 0)
      : use || over.length === 0
        ? 0
        : Math.max(0, all - left);
    const priced = (quantity: number) => moneyFor({ material, quantity }, shop);
    return [
      {
        key,
        kind: WORN.has(material) ? 'worn' : 'material',
        label: inDialect(label, shop.units),
        planned: priced(all),
        spent: (use?.cost ?? 0) + priced(assumed),
        toCome: priced(left),
        placeholder: !isOwnPrice(shop.prices, material),
        material: {
          material,
          colour,
          unit,
          planned: all,
          used: use ? use.quantity : null,
          took: (use?.quantity ?? 0) + assumed,
          toCome: left,
        },
      },
    ];
  });
};

const tookOf = (done: Piece['done'], key: string) =>
  done.flatMap((it) => it.took ?? []).find((it) => needKey(it.material, it.colour) === key);

/** New fittings: what they cost, once somebody has said it. */
const fittingLines = (piece: Piece): readonly CostLine[] =>
  fittingsToBuy([piece]).flatMap(({ hardwareId, name, kind, count, price, got }) => {
    if (price === null) return [];
    const sums = { planned: price, spent: got ? price : 0, toCome: got ? 0 : price };
    return [plainLine('fittings', hardwareId, `${count} new ${name || kind}`, sums)];
  });

/** Minutes between two times. */
const between = (from: string, to: string): number =>
  (Date.parse(to) - Date.parse(from)) / MINUTE_MS;

/** Minutes that were worked: as timed and corrected; work that nobody timed is on record for as long as it was planned. */
const hoursOf = (piece: Piece, whole: Route, rest: Route, paces: Paces | undefined): Hours => {
  const asPlanned = isTold(piece) ? null : whole.minutes - rest.minutes;
  const timed = timedIn(piece.done, piece.log);
  const measured = timed.reduce((sum, it) => sum + it.actualMinutes, 0);
  const planned = timed.reduce((sum, it) => sum + it.plannedMinutes, 0);
  const known = new Set(timed.flatMap((it) => it.doneIds));
  const untimed = doneTogether(piece.done.filter((it) => !known.has(it.id))).reduce(
    (sum, [it]) => sum + (it ? between(it.startedAt, it.endedAt ?? it.startedAt) : 0),
    0,
  );
  return {
    planned: Math.round(whole.minutes),
    done: Math.round(measured + (asPlanned === null ? untimed : Math.max(0, asPlanned - planned))),
    toCome: Math.round(
      rest.operations.reduce((sum, it) => sum + it.minutes * (paces?.of(it.phase).ratio ?? 1), 0),
    ),
  };
};

const plainLine = (
  kind: CostKind,
  key: string,
  label: string,
  sums: Pick<CostLine, 'planned' | 'spent' | 'toCome'>,
): CostLine => ({ key, kind, label, ...sums, placeholder: false, material: null });

const sumOf = (lines: readonly CostLine[], of: 'planned' | 'spent' | 'toCome'): number =>
  lines.reduce((all, it) => all + it[of], 0);

/**
 * What a piece costs, own hours left out: what was paid, materials (used as written down, else as
 * planned), what is worn out, disposal, a share of tools and space, and whatever else was paid for
 * it. Model: `docs/calculations.md`, Money. Whole minor units; the lines add up to the sums.
 */
export const costOf = (it: Case, context: CostContext): PieceCost => {
  const { piece, shop, route: rest } = it;
  const { paces } = context;
  const isUntouched = piece.done.length === 0 && piece.log.length === 0;
  const whole = isUntouched ? rest : it.with({ piece: untouched(piece) }).route;
  const hours = hoursOf(piece, whole, rest, paces);
  const { spaceAnHour, disposalAPiece } = shop.money;
  const { paid, extras } = piece.account;
  const spaceFor = (minutes: number) => ratioOf(spaceAnHour ?? 0, minutes, HOUR);
  const isDone = rest.operations.length === 0 && piece.done.length > 0;
  const lines: readonly CostLine[] = [
    ...(paid === null
      ? []
      : [plainLine('paid', 'paid', 'Paid for it', { planned: paid, spent: paid, toCome: 0 })]),
    ...materialLines(it, context, whole),
    ...fittingLines(piece),
    ...(disposalAPiece === null
      ? []
      : [
          plainLine('disposal', 'disposal', 'Waste to the collection point', {
            planned: disposalAPiece,
            spent: isDone ? disposalAPiece : 0,
            toCome: isDone ? 0 : disposalAPiece,
          }),
        ]),
    ...(spaceAnHour === null
      ? []
      : [
          plainLine('space', 'space', 'Tools and space', {
            planned: spaceFor(hours.planned),
            spent: spaceFor(hours.done),
            toCome: spaceFor(hours.toCome),
          }),
        ]),
    ...extras.map(({ id, text, amount }) =>
      plainLine('extra', id, text, { planned: amount, spent: amount, toCome: 0 }),
    ),
  ];
  const [planned, spent, toCome] = [
    sumOf(lines, 'planned'),
    sumOf(lines, 'spent'),
    sumOf(lines, 'toCome'),
  ];
  return {
    lines,
    planned,
    spent,
    toCome,
    expected: spent + toCome,
    hours,
    placeholders: lines.some((it) => it.placeholder && (it.spent > 0 || it.toCome > 0)),
  };
};
