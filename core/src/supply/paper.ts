import { placeClock } from '../clock';
import { AISLES } from '../catalog';
import { colourName } from '../coating';
import type { Shop } from '../piece';
import type { Paper, PaperBlock } from '../route';
import type { UnitSystem } from '../units';
import { SUPPLY_WORDS, containersInWords, wholeInWords } from '../words';
import type { ShoppingLine, ShoppingList } from './shopping';

/** What is to be bought, with its colour: "Waterborne cabinet enamel, Oat husk". */
export const nameOfLine = ({ label, colour }: Pick<ShoppingLine, 'label' | 'colour'>): string =>
  colour === null ? label : `${label}, ${colourName(colour)}`;

const blockOf = (it: ShoppingLine, units: UnitSystem): PaperBlock => ({
  mark: 'tick',
  lines: [
    { bold: true, text: nameOfLine(it) },
    {
      ink: 'quiet',
      text: `${containersInWords(it.bought, it.unit, units)} (${wholeInWords(it.missing, it.unit, units)})`,
    },
  ],
});

/**
 * The list as a paper, by aisle, with boxes to tick; only what has to be bought.
 * @param at when it is printed, ms since 1970
 */
export const shoppingPaper = (
  list: ShoppingList,
  { units, timeZone, money }: Pick<Shop, 'units' | 'timeZone' | 'money'>,
  at: number,
): Paper => {
  const toBuy = list.lines.filter((it) => it.bought.length > 0);
  return {
    title: SUPPLY_WORDS.listTitle,
    intro: [
      { text: placeClock(timeZone).longDay(at), ink: 'quiet' },
      { text: SUPPLY_WORDS.total(list.cost, money.currency), bold: true },
      ...(list.placeholders ? [{ text: SUPPLY_WORDS.placeholders, ink: 'quiet' } as const] : []),
    ],
    sections: [
      ...AISLES.map(({ id, label }) => ({
        heading: label,
        blocks: [
          ...toBuy.filter((it) => it.aisle === id).map((it) => blockOf(it, units)),
          ...(id === 'fittings'
            ? list.fittings.map((it): PaperBlock => ({
                mark: 'tick',
                lines: [
                  { bold: true, text: `${it.count} × ${it.name || it.kind}` },
                  ...(it.holeSpacingMm === null
                    ? []
                    : [{ ink: 'quiet', text: `Hole spacing ${it.holeSpacingMm} mm` } as const]),
                ],
              }))
            : []),
        ],
      })).filter((it) => it.blocks.length > 0),
    ],
    foot: SUPPLY_WORDS.listFoot,
  };
};

/** The same as plain text, to send to whoever is in the shop. */
export const shoppingText = (paper: Paper): string =>
  [
    paper.title,
    ...paper.sections.flatMap(({ heading, blocks }) => [
      '',
      ...(heading ? [heading] : []),
      ...blocks.map((it) => `- ${it.lines.map((line) => line.text).join(': ')}`),
    ]),
  ].join('\n');
