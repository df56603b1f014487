import { placeClock } from '../clock';
import { z } from 'zod';
import { alternativesFor, type Case } from '../case';
import { NO_ACCOUNT, surfacesOf, type Aim, type Piece, type Shop } from '../piece';
import { calendarDays, type Paper, type PaperBlock } from '../route';
import { HOUR, showMoney } from '../units';
import { COST_WORDS, QUOTE_WORDS, percentOf } from '../words';
import type { DeepReadonly } from '../effect';
import { costOf, type PieceCost } from './cost';
import { ratioOf } from './share';
import { taxOn } from './tax';

/** What is charged for, in the order of the paper. */
export const QUOTE_KINDS = ['work', 'material', 'worn', 'disposal', 'space', 'extra'] as const;
export type QuoteKind = (typeof QUOTE_KINDS)[number];

/** One way for the piece with its price. */
export const quoteOption = z.object({
  id: z.string(),
  title: z.string(),
  because: z.string(),
  /** Each rounded to whole minor units; together they are the net sum. */
  lines: z.array(z.object({ kind: z.enum(QUOTE_KINDS), amount: z.int() })),
  /** Null where the hour has no price: nothing is invented for it. */
  net: z.int().nullable(),
  tax: z.int().nullable(),
  total: z.int().nullable(),
  deposit: z.int().nullable(),
  minutes: z.int(),
  days: z.int(),
  /** Some of it is reckoned by placeholders of the catalog. */
  placeholders: z.boolean(),
});
export type QuoteOption = DeepReadonly<z.infer<typeof quoteOption>>;

/** What the lines of one way come to; it is the client's piece, so what was paid for it is left out. */
const optionOf = (
  about: Pick<QuoteOption, 'id' | 'title' | 'because'>,
  cost: PieceCost,
  days: number,
  { money }: Pick<Shop, 'money'>,
): QuoteOption => {
  const { rateAnHour: rate, tax: taxRate, deposit } = money;
  const minutes = cost.hours.toCome;
  const sum = (kind: QuoteKind) =>
    cost.lines
      .filter((it) => it.kind === kind)
      .reduce((all, it) => all + (kind === 'extra' ? it.planned : it.toCome), 0);
  const lines = QUOTE_KINDS.map((kind) => ({
    kind,
    amount: kind === 'work' ? (rate === null ? 0 : ratioOf(rate, minutes, HOUR)) : sum(kind),
  })).filter((it) => it.amount > 0);
  const net = rate === null && minutes > 0 ? null : lines.reduce((all, it) => all + it.amount, 0);
  const tax = net === null ? null : taxOn(net, taxRate);
  const total = net === null || tax === null ? null : net + tax;
  return {
    ...about,
    lines,
    net,
    tax,
    total,
    deposit: total === null ? null : taxOn(total, deposit),
    minutes,
    days,
    placeholders: cost.placeholders,
  };
};

interface Way {
  readonly id: string;
  readonly title: string;
  readonly because: string;
  readonly aims: readonly Aim[];
}

/** The old finish stays, cleaned and mended; undefined where that is refused on some surface. */
const freshened = (piece: Piece): Way => ({
  id: 'freshen',
  title: QUOTE_WORDS.freshenTitle,
  because: QUOTE_WORDS.freshenBecause,
  aims: surfacesOf(piece).map(({ id }) => {
    const old = piece.aims.find((it) => it.surfaceId === id);
    return old?.scheme.kind === 'leave'
      ? old
      : { surfaceId: id, scheme: { kind: 'freshened' }, stripWish: 'best' };
  }),
});

/**
 * Ways for a piece side by side, each priced: as aimed, the usual others, freshened up, left as it
 * is. Only what is still to be done is charged.
 */
export const quoteFor = (now: Case): readonly QuoteOption[] => {
  const { piece, shop } = now;
  // It is the client's piece: what was paid for it is no part of the price.
  const account = { ...NO_ACCOUNT, extras: piece.account.extras };
  const price = (way: Way, then: Case): QuoteOption => {
    const cost = costOf(then, { stock: [], users: [then.piece] });
    return optionOf(way, cost, calendarDays(then.route.operations), shop);
  };
  const planned = (way: Way): { way: Way; then: Case } => ({
    way,
    then: now.with({ piece: { ...piece, aims: [...way.aims], account } }),
  });
  const ways = [
    ...alternativesFor(now).map(({ id, title, because, aims }) => ({
      id,
      // Said to a client, not to the bench.
      ...(id === 'as-aimed' ? QUOTE_WORDS.asAimed : { title, because }),
      aims,
    })),
    freshened(piece),
  ].map(planned);
  const leave: QuoteOption = {
    id: 'leave',
    title: QUOTE_WORDS.leaveTitle,
    because: QUOTE_WORDS.leaveBecause,
    lines: [],
    net: 0,
    tax: 0,
    total: 0,
    deposit: 0,
    minutes: 0,
    days: 0,
    placeholders: false,
  };
  return [
    ...ways
      .filter(
        ({ then: { route } }) =>
          route.operations.length > 0 && !route.refusals.some((it) => it.blocks),
      )
      .map(({ way, then }) => price(way, then)),
    leave,
  ];
};

/** What a quote says beside its options. */
export interface QuoteAbout {
  readonly name: string;
  /** Its number in the shop, as on the ticket. */
  readonly number: string;
  /** When it is written, ms since 1970. */
  readonly writtenAt: number;
}

const optionBlock = (it: QuoteOption, { money }: Pick<Shop, 'money'>): readonly PaperBlock[] => {
  const sum = (minor: number) => showMoney(minor, money.currency);
  const row = (label: string, minor: number, bold = false) => ({
    lines: [{ text: `${label}: ${sum(minor)}`, bold }],
  });
  if (it.net === null || it.tax === null || it.total === null) {
    return [
      { lines: [{ text: it.because }] },
      { mark: 'frame', lines: [{ text: QUOTE_WORDS.notPriced, ink: 'warning' }] },
    ];
  }
  return [
    {
      lines: [
        { text: it.because },
        ...(it.minutes > 0
          ? [{ text: QUOTE_WORDS.takes(it.minutes, it.days), ink: 'quiet' } as const]
          : []),
      ],
    },
    ...it.lines.map(({ kind, amount }) => row(COST_WORDS[kind], amount)),
    ...(it.tax > 0
      ? [row(QUOTE_WORDS.net, it.net), row(QUOTE_WORDS.tax(percentOf(money.tax)), it.tax)]
      : []),
    { ...row(QUOTE_WORDS.total, it.total, true), mark: 'rule' },
    ...(it.deposit !== null && it.deposit > 0
      ? [{ lines: [{ text: QUOTE_WORDS.deposit(sum(it.deposit)) }] }]
      : []),
  ];
};

/** The quote as a paper for the client: each way with its lines, validity, deposit and terms. */
export const quotePaper = (
  options: readonly QuoteOption[],
  shop: Pick<Shop, 'money' | 'timeZone'>,
  about: QuoteAbout,
): Paper => {
  const clock = placeClock(shop.timeZone);
  const until = clock.daysLater(about.writtenAt, shop.money.quoteDays);
  const isDraft = options.some((it) => it.placeholders || it.total === null);
  return {
    title: QUOTE_WORDS.title(about.name),
    intro: [
      { text: QUOTE_WORDS.number(about.number, clock.day(about.writtenAt)), ink: 'quiet' },
      ...(isDraft ? [{ text: QUOTE_WORDS.draft, ink: 'warning' } as const] : []),
      ...(options.length > 1 ? [{ text: QUOTE_WORDS.choose }] : []),
    ],
    sections: [
      ...options.map((it) => ({ heading: it.title, blocks: optionBlock(it, shop) })),
      {
        heading: QUOTE_WORDS.terms,
        blocks: [
          {
            lines: [
              { text: QUOTE_WORDS.validUntil(clock.day(until)), bold: true },
              { text: QUOTE_WORDS.surprise },
              ...shop.money.terms
                .split('\n')
                .filter((it) => it.trim() !== '')
                .map((text) => ({ text })),
            ],
          },
        ],
      },
    ],
    foot: QUOTE_WORDS.foot,
  };
};
