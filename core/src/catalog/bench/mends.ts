import { line, type Told } from '../line';
import type { Protection } from '../protection';
import { atHand, use, type Use } from '../rates';
import { JUDGEMENT, PRACTICE, type SourceMark } from '../source';
import { table } from '../table';
import type { Until } from '../waits';

interface MendRow<Id extends string = string> {
  readonly id: Id;
  readonly title: string;
  readonly because: string;
  readonly how: readonly Told[];
  /** Active minutes: once, and for each m². */
  readonly minutes: { readonly fixed: number; readonly each: number };
  /** For each m². */
  readonly uses: readonly Use[];
  readonly sands: boolean;
  readonly wets: 'solvent' | 'alcohol' | null;
  /** Loosens or takes off what lies on the face. */
  readonly opens: boolean;
  /** What the face is like afterwards. */
  readonly face: 'dulled' | 'newOff' | null;
  /** Before the next coat; where the wood is still worked, in that phase; or before anything else. */
  readonly in: 'nextCoat' | 'strip' | 'sand' | 'secure';
  readonly wait: { readonly minutes: number; readonly until: Until } | null;
  readonly protection: readonly Protection[];
  readonly caution?: string;
  readonly source: SourceMark;
  /** Of its minutes and waits. */
  readonly figures: SourceMark;
}

const row = <const Id extends string>(
  it: Pick<MendRow<Id>, 'id' | 'title' | 'because' | 'how' | 'minutes'> & Partial<MendRow<Id>>,
): MendRow<Id> => ({
  uses: [],
  sands: false,
  wets: null,
  opens: false,
  face: null,
  in: 'nextCoat',
  wait: null,
  protection: [],
  ...it,
  source: PRACTICE,
  figures: JUDGEMENT,
});

/** Work that sets a fault in the fresh work right, before the next coat. */
export const MENDS = table([
  row({
    id: 'decide',
    title: 'Decide what to do about it',
    because: 'something turned up here, and what to do about it was put off.',
    how: [
      'Look at it once more in raking light.',
      'Choose one of the ways, or say that it may stay as it is.',
    ],
    minutes: { fixed: 5, each: 0 },
  }),
  row({
    id: 'cleanUpHarm',
    title: 'Stop, and clean up',
    because:
      'work was done here before a harm was dealt with: lead, spores or insects may be in the dust.',
    how: [
      'Stop all work on the piece. Keep children and pregnant women away. Don’t sweep, don’t blow.',
      'Put on the respirator, overall and gloves before you touch anything.',
      'Wipe the piece, the bench and the floor with damp disposable cloths, then with fresh ones and clean water. A vacuum only with a HEPA filter.',
      'Bag the cloths, the papers and the overall. Wash your hands and face, and your clothes separately.',
      'Take the sample next: what was laid over it is notched too, down to the wood.',
    ],
    minutes: { fixed: 30, each: 15 },
    in: 'secure',
    protection: ['p100Respirator', 'overall', 'nitrileGloves'],
    caution: 'Dust of old paint may contain lead. No dry sweeping, no household vacuum.',
  }),
  row({
    id: 'levelOut',
    title: 'Level it out',
    because: 'a run, a nib or a ridge shows through every coat laid over it.',
    how: [
      'It has to be hard right through: a run stays soft inside long after the face is dry. Where a thumbnail marks it, wait.',
      line(
        'Shave thick runs with a card scraper or a sharp blade held flat, before any paper.',
        ['scrapes'],
        line('Thick runs first with wet-or-dry P220 on a block, kept wet.', ['rubsWet']),
      ),
      line(
        'P320 on a hard block, along the grain, until the gloss is even. Keep off the edges.',
        ['abrades'],
        line(
          'Wet-or-dry P320 on a hard block, kept wet, along the grain, until the gloss is even. Keep off the edges.',
          ['rubsWet'],
        ),
      ),
      'Wipe it off; look at it in raking light.',
    ],
    minutes: { fixed: 12, each: 18 },
    uses: [use('paper320', 1, 'abrades')],
    sands: true,
    face: 'dulled',
    protection: ['dustMask'],
  }),
  row({
    id: 'waitAndLevel',
    title: 'Let it harden, then level it',
    because: 'a film that wrinkled is soft below; a coat on top of it would wrinkle again.',
    how: [
      'Leave it alone in warm, dry, moving air until a thumbnail leaves no mark at an edge.',
      line(
        'P220, then P320 on a block, until it is flat. Where it gums up the paper, wait longer.',
        ['abrades'],
        line(
          'Wet-or-dry P220, then P320 on a block, kept wet, until it is flat. Where it gums up the paper, wait longer.',
          ['rubsWet'],
        ),
      ),
      'Wipe it off. Thinner coats from here on, and the full wait between.',
    ],
    minutes: { fixed: 15, each: 30 },
    uses: [use('paper220', 1, 'abrades'), use('paper320', 1, 'abrades')],
    sands: true,
    face: 'dulled',
    protection: ['dustMask'],
  }),
  row({
    id: 'spotSeal',
    title: 'Seal the place with shellac',
    because: 'what comes through once comes through again, until shellac lies between.',
    how: [
      'Let it dry overnight first; the tint has to stop growing.',
      'Pigmented shellac on the place and a hand’s breadth round it, thin, feathered out; clear shellac where wood is to be seen.',
      'A second coat after an hour. Where it still tints, a third.',
      line(
        'Dull it lightly when it sands to powder; wipe.',
        ['abrades'],
        line('Dull it lightly with wet-or-dry P320, wet, once a fingernail leaves no mark; wipe.', [
          'rubsWet',
        ]),
      ),
    ],
    minutes: { fixed: 15, each: 12 },
    uses: [use('pigmentedShellac', 0.06, 'coats'), use('paper320', 0.5, 'abrades')],
    sands: true,
    face: 'dulled',
    wait: { minutes: 60, until: 'sandsToPowder' },
    protection: ['vapourCartridges', 'nitrileGloves', 'openWindow'],
  }),
  row({
    id: 'scrapeBack',
    title: 'Take the new film back to what holds',
    because: 'a coat holds no better than the one below it, and that one lets go.',
    how: [
      line(
        'Tape or a blade lifts what is loose; then a card scraper, angle before pressure, until the film no longer lifts.',
        ['scrapes'],
        line(
          'Mist it and keep it wet; a plastic scraper takes what is loose, until the film no longer lifts. Catch it on the sheet, bag it.',
          ['scrapesWet'],
        ),
      ),
      line(
        'What holds is feathered out with P120 to P180, until no edge can be felt.',
        ['abrades'],
        line(
          'What holds is feathered out with wet-or-dry P180 and a sponge, until no edge can be felt.',
          ['rubsWet'],
        ),
      ),
      'Find out why before it is coated again: wax, grease, silicone, gloss or damp below. Wash, dull and dry accordingly.',
    ],
    minutes: { fixed: 15, each: 50 },
    uses: [use('paper120', 2, 'abrades'), use('paper180', 1, 'abrades')],
    sands: true,
    opens: true,
    face: 'newOff',
    in: 'strip',
    protection: ['p100Filter', 'goggles', 'workGloves'],
  }),
  row({
    id: 'wipeCraters',
    title: 'Wash off what causes the craters',
    because: 'silicone or oil keeps the film from wetting the face; more paint only craters again.',
    how: [
      'Let the film dry.',
      line(
        'P320 until the craters are flat, or nearly.',
        ['abrades'],
        line('Wet-or-dry P320, wet, until the craters are flat, or nearly; let it dry.', [
          'rubsWet',
        ]),
      ),
      'Mineral spirits on a clean cloth, wiped off with a dry one before it flashes; a fresh cloth each time, twice over.',
      'A thin coat of shellac is the surest barrier below the next coat.',
    ],
    minutes: { fixed: 12, each: 25 },
    uses: [
      use('mineralSpirits', 0.1, 'cleans'),
      use('lintFreeCloths', 4, 'wipes'),
      use('paper320', 1, 'abrades'),
    ],
    sands: true,
    wets: 'solvent',
    face: 'dulled',
    wait: { minutes: 60, until: 'spiritsOff' },
    protection: ['nitrileGloves', 'openWindow'],
  }),
  row({
    id: 'clearBlush',
    title: 'Clear the haze',
    because: 'damp was caught in the film; it leaves as long as the film can still open.',
    how: [
      'Warm the room and dry the air first; a fresh haze often goes by itself within a day.',
      'Shellac or lacquer: the thinnest mist of its own thinner from the gun, or a cloth barely damp with it, one pass; no rubbing.',
      'Water-based clear: nothing but warmth, moving air and time.',
      line(
        'Still hazy when it is hard: dull it with P320, and lay the coat again in drier air.',
        ['abrades'],
        line(
          'Still hazy when it is hard: dull it wet with wet-or-dry P320, and lay the coat again in drier air.',
          ['rubsWet'],
        ),
      ),
    ],
    minutes: { fixed: 10, each: 10 },
    uses: [atHand('alcohol')],
    wait: { minutes: 12 * 60, until: 'overnight' },
    protection: ['vapourCartridges', 'nitrileGloves', 'noFlame'],
    caution: 'Thinner burns, and its vapour travels: no flame, no spark, much air.',
  }),
  row({
    id: 'wipeBack',
    title: 'Wipe the colour back',
    because: 'stain that took unevenly evens out while its own thinner still lifts it.',
    how: [
      'Flood a cloth with the stain’s own thinner (spirits for oil, water for water-based), wipe the whole face, with the grain.',
      'Dark patches a second time; a scrubbing pad where they hold on.',
      'Dry it, then look: what is left is the base for a thin second coat, toner or gel.',
    ],
    minutes: { fixed: 10, each: 20 },
    uses: [use('mineralSpirits', 0.2, 'cleans'), use('lintFreeCloths', 4, 'wipes')],
    wets: 'solvent',
    opens: true,
    face: 'newOff',
    in: 'strip',
    wait: { minutes: 12 * 60, until: 'spiritsOff' },
    protection: ['nitrileGloves', 'openWindow', 'noFlame'],
    caution: 'Thinner burns, and its vapour travels: no flame, no spark, much air.',
  }),
  row({
    id: 'cutFur',
    title: 'Cut off the raised fibres',
    because: 'fibres that stand up make every coat over them rough.',
    how: [
      'Let the wood dry first; wet fibres bend and don’t cut.',
      line(
        'The last paper of the ladder, fresh, by hand, light, with the grain. No pressure: that raises new ones.',
        ['abrades'],
        line('Wet-or-dry P220, barely damp, by hand, light, with the grain; wipe the slurry up.', [
          'rubsWet',
        ]),
      ),
      'Still fuzzy: damp it barely, let it dry, once more; or a washcoat of thin shellac, then the same.',
      line('Vacuum, then wipe.', ['vacuums'], 'Wipe damp, bag the wipes.'),
    ],
    minutes: { fixed: 8, each: 15 },
    uses: [use('paper220', 1, 'abrades')],
    sands: true,
    in: 'sand',
    protection: ['dustMask'],
  }),
  row({
    id: 'touchEdge',
    title: 'Mend the torn edge',
    because: 'tape pulled the film off; the step would show through the next coat.',
    how: [
      line(
        'Cut the rim free with a sharp blade, lift what is loose, feather the step with P320.',
        ['cuts', 'abrades'],
        line(
          'Damp the rim and cut it free with a sharp blade, lift what is loose, feather the step with wet-or-dry P320, wet.',
          ['cutsWet', 'rubsWet'],
        ),
      ),
      'Dab the bare place with primer where wood shows, then with the coat that is missing; let it dry in between.',
      'Next time: score along the tape before it comes off, pull it back on itself, while the last coat is still soft.',
    ],
    minutes: { fixed: 15, each: 6 },
    uses: [use('paper320', 0.5, 'abrades')],
    sands: true,
    face: 'dulled',
    wait: { minutes: 120, until: 'dry' },
    protection: ['dustMask'],
  }),
]);
export type Mend = (typeof MENDS.ids)[number];
