import { placeClock } from '../clock';
import type { UnitSystem } from '../units';
import { airDuring } from '../drying';
import type { Case } from '../case';
import {
  CHECKS,
  COATINGS,
  DAMAGES,
  DISCOVERIES,
  MATERIALS,
  REMEDIES,
  layerLabel,
} from '../catalog';
import { recordedInWords, BENCH_WORDS, capital, listed, CLOCK_WORDS } from '../words';
import {
  linesOf,
  surfaceNames,
  type DoneWork,
  type LogLine,
  type Piece,
  type Picture,
} from '../piece';
import {
  doneTogether,
  printedOn,
  type Paper,
  type PaperBlock,
  type PaperLine,
  type Ticket,
} from '../route';
import { linesByWork } from './answers';
import { activeMinutes } from '../work';

const { book: WORDS, TAKEN_OFF_BY } = BENCH_WORDS;

/** Times of the record by the shop's clock, and the air in which work was done. */
interface BookFrom {
  readonly when: (iso: string) => string;
  /** Undefined where nobody knows. */
  readonly airOf: (done: DoneWork) => string | undefined;
}

const bookFrom = ({ shop }: Case, { timeZone }: Ticket): BookFrom => ({
  when: (iso) => placeClock(timeZone).dayAndTime(Date.parse(iso)),
  airOf: (done) => {
    const air = airDuring(shop, done);
    return air && CLOCK_WORDS.figures(air.celsius, air.humidity, shop.units);
  },
});

const quiet = (text: string): PaperLine => ({ text, ink: 'quiet' });

/** "Top, drawer fronts: …" */
const onSurfaces = (piece: Piece, ids: readonly string[]): string =>
  ids.length === 0 ? '' : listed([...new Set(ids)].map(surfaceNames(piece)));

/** The lines about some work that was done in one go, or written down while it was done. */
const linesAbout = <Line extends LogLine>(
  lines: readonly Line[],
  done: readonly DoneWork[],
): ((go: readonly DoneWork[]) => readonly Line[]) => {
  const by = linesByWork(lines, done);
  return (go) => {
    const [from, to] = [go[0]?.startedAt, go[0]?.endedAt].map((it) => Date.parse(it ?? ''));
    const during = ({ at }: Line): boolean =>
      Date.parse(at) >= (from ?? NaN) && Date.parse(at) <= (to ?? NaN);
    return [
      ...new Set([
        ...go.flatMap((it) => by.get(it.id) ?? []),
        ...lines.filter((it) => it.taskKeys.length === 0 && during(it)),
      ]),
    ];
  };
};

const doneBlocks = (piece: Piece, from: BookFrom): readonly PaperBlock[] => {
  const { done, log } = piece;
  const usedIn = linesAbout(linesOf(log, 'used'), done);
  const checksIn = linesAbout(linesOf(log, 'check'), done);
  const notesIn = linesAbout(linesOf(log, 'note'), done);
  const earlyIn = linesAbout(linesOf(log, 'early'), done);
  return doneTogether(done).map((go): PaperBlock => {
    const [first] = go;
    if (!first) return { lines: [] };
    const [used, checks, notes, early] = [usedIn(go), checksIn(go), notesIn(go), earlyIn(go)];
    const air = from.airOf(first);
    return {
      mark: 'rule',
      lines: [
        { bold: true, text: `${from.when(first.endedAt ?? first.startedAt)} · ${first.title}` },
        quiet(
          [
            onSurfaces(
              piece,
              go.flatMap((it) => it.surfaceIds),
            ),
            ...(first.by ? [WORDS.by(first.by)] : []),
            ...(first.timed ? [WORDS.took(activeMinutes(first))] : []),
            ...(air ? [WORDS.air(air)] : []),
          ].join(' · '),
        ),
        ...(used.length > 0
          ? [
              quiet(
                WORDS.used(
                  used.map(({ material, quantity, lot }) => {
                    const { label, unit } = MATERIALS.get(material);
                    const text = `${label} ${quantity} ${unit === 'm2' ? 'm²' : unit}`;
                    return lot ? WORDS.lot(text, lot) : text;
                  }),
                ),
              ),
            ]
          : []),
        ...checks.map(({ check, answer }) => {
          const row = CHECKS.get(check);
          const said = row.answers.find((it) => it.id === answer)?.label ?? answer;
          return quiet(WORDS.check(row.question, said));
        }),
        ...early.map((it) => quiet(WORDS.early(it.open, it.reason))),
        ...notes.map((it) => ({ text: it.text })),
      ],
    };
  });
};

const discoveryBlocks = (piece: Piece, from: BookFrom): readonly PaperBlock[] =>
  linesOf(piece.log, 'discovery').map((it): PaperBlock => ({
    mark: 'rule',
    lines: [
      { bold: true, text: `${from.when(it.at)} · ${DISCOVERIES.get(it.kind).label}` },
      quiet(onSurfaces(piece, it.surfaceIds)),
      { text: it.remedy ? WORDS.decided(REMEDIES.get(it.remedy).label) : WORDS.undecided },
      ...(it.note ? [{ text: it.note }] : []),
    ],
  }));

/** Pictures of each surface: the first that was taken, and the last after work began. */
export const beforeAndAfter = (
  piece: Piece,
): readonly { readonly surfaceId: string; readonly before: Picture; readonly after: Picture }[] =>
  [...new Set(piece.pictures.map((it) => it.surfaceId))].flatMap((surfaceId) => {
    const own = piece.pictures
      .filter((it) => it.surfaceId === surfaceId)
      .sort((a, b) => Date.parse(a.at) - Date.parse(b.at));
    const [before, after] = [own[0], own.at(-1)];
    return before && after && before !== after ? [{ surfaceId, before, after }] : [];
  });

/** What whoever strips it next is glad to know of each surface. */
const stackBlocks = (it: Case, units: UnitSystem): readonly PaperBlock[] =>
  it.beliefs.flatMap((belief): PaperBlock[] => {
    const state = it.state.surfaces[belief.surfaceId];
    if (!state || state.layers.length === 0) return [];
    const name = surfaceNames(it.piece)(belief.surfaceId);
    const names = state.layers.map((one) => layerLabel(one.layer));
    // What no longer counts as a coat lies there all the same.
    const laid = state.layers.flatMap(({ layer, um }) =>
      layer.of === 'coat' ? [{ coating: layer.id, um }] : [],
    );
    const um = laid.reduce((sum, one) => sum + one.um, 0);
    const mended = it.piece.findings
      .filter((one) => one.surfaceId === belief.surfaceId && state.mended.includes(one.id))
      .map((one) => DAMAGES.get(one.damage).label.toLowerCase());
    const ways = [...new Set(laid.map((one) => TAKEN_OFF_BY[COATINGS.get(one.coating).mechanism]))];
    return [
      {
        mark: 'rule',
        lines: [
          { bold: true, text: capital(name) },
          { text: WORDS.layers(names) },
          ...(um > 0 ? [{ text: WORDS.film(um, units) }] : []),
          ...(mended.length > 0 ? [{ text: WORDS.mended([...new Set(mended)]) }] : []),
          ...(ways.length > 0 ? [{ text: WORDS.takes(ways) }] : []),
          quiet(belief.leadStatus.text),
        ],
      },
    ];
  });

/**
 * The book of a piece: what was done, used, seen, measured and decided, and what lies on it now. From
 * the record alone; nothing in it is a plan.
 */
export const pieceBook = (it: Case, ticket: Ticket): Paper => {
  const { piece } = it;
  const { units } = it.shop;
  const from = bookFrom(it, ticket);
  const done = doneBlocks(piece, from);
  const discoveries = discoveryBlocks(piece, from);
  const pictures = beforeAndAfter(piece);
  const readings = piece.observations.filter((one) => one.copyOf === undefined);
  return {
    title: WORDS.title(piece.name),
    intro: [quiet(WORDS.intro(ticket.number, printedOn(ticket)))],
    sections: [
      ...(pictures.length > 0
        ? [
            {
              heading: WORDS.pictures,
              blocks: pictures.map(({ surfaceId, before, after }): PaperBlock => ({
                mark: 'rule',
                lines: [{ bold: true, text: capital(surfaceNames(piece)(surfaceId)) }],
                pictures: [
                  { photoId: before.photoId, caption: `${WORDS.before}, ${from.when(before.at)}` },
                  { photoId: after.photoId, caption: `${WORDS.after}, ${from.when(after.at)}` },
                ],
              })),
            },
          ]
        : []),
      {
        heading: WORDS.done,
        blocks: done.length > 0 ? done : [{ lines: [quiet(WORDS.nothingDone)] }],
      },
      ...(discoveries.length > 0 ? [{ heading: WORDS.turnedUp, blocks: discoveries }] : []),
      ...(readings.length > 0
        ? [
            {
              heading: WORDS.readings,
              blocks: readings.map((one): PaperBlock => ({
                lines: [
                  {
                    text: `${from.when(one.at)} · ${surfaceNames(piece)(one.surfaceId)}: ${recordedInWords(one, units)}`,
                  },
                ],
              })),
            },
          ]
        : []),
      { heading: WORDS.stack, blocks: stackBlocks(it, units) },
    ],
    foot: WORDS.foot,
  };
};
