import { line } from '../line';
import { atHand, use } from '../rates';
import type { Repair } from './repair';

// What fills a hole, a scratch or a missing edge.

export const twoPartFill: Repair = {
  id: 'two-part-filler',
  byDepth: 'filler',
  proud: true,
  title: 'Fill with two-part filler',
  uses: [use('twoPartFiller', 0.02, 'fills'), use('hardener', 0.0004, 'fills')],
  steps: [
    line(
      'Blow it out, scrape loose fibres away.',
      ['blows', 'scrapes'],
      line('Mist the place, lift loose fibres with a damp plastic edge, wipe it out, let it dry.', [
        'scrapesWet',
      ]),
    ),
    'Filler the size of a walnut on a card, hardener about 2 % by weight (1–3 %, a pea to a walnut): more is faster. Fold until it is one colour.',
    'You have about five minutes. Press it in from two sides so that no air stays, and leave it proud.',
    'When it is like hard cheese, after ten minutes or so, slice it nearly flush with a blade; that saves half the levelling.',
    line(
      'Deeper than about 6 mm: in rounds, up to three, each hard and scuffed before the next.',
      ['abrades'],
      line(
        'Deeper than about 6 mm: in rounds, up to three, each hard and dulled wet before the next.',
        ['rubsWet'],
      ),
    ),
    'Crumbly in the pot? It has gone off: throw it away.',
  ],
  minutes: 12,
  waitMinutes: 30,
  until: 'hard',
  caution: 'Skin and fumes: gloves, open air. No stain ever takes on it.',
};

export const stainableFill: Repair = {
  id: 'stainable-filler',
  byDepth: 'stainable',
  proud: true,
  title: 'Fill with matched stainable filler',
  shows: 0.6,
  uses: [use('stainableFiller', 0.01, 'fills')],
  steps: [
    'Wet the wood with spirits beside the place: that is the tone it gets under the coat. Mix filler to it, rather a shade too light.',
    'Press it in with a flexible knife along the grain, a little proud; wipe the rim clean at once, or a halo stays under the stain.',
    'Dry by its depth, two to six hours: pale all through and hard under a fingernail. Sunk? A second thin layer.',
  ],
  minutes: 8,
  waitMinutes: 240,
  until: 'dryToDepth',
  caution: 'Matches never perfectly: put large patches where paint goes.',
};

export const glazingPutty: Repair = {
  id: 'glazing-putty',
  proud: true,
  title: 'Fill scratches with glazing putty',
  uses: [use('glazingPutty', 0.005, 'fills')],
  steps: [
    line(
      'Scuff the scratch and a finger’s breadth round it.',
      ['abrades'],
      line('Dull the scratch and a finger’s breadth round it with wet-or-dry paper, wet; wipe.', [
        'rubsWet',
      ]),
    ),
    'Pull putty tight across it with a flexible knife, then once along: thin.',
    'Two thin passes, half an hour apart, rather than one thick one, which cracks and sinks.',
    line(
      'Ready when it sands to dust and does not roll under the paper.',
      ['abrades'],
      'Ready when a fingernail leaves no mark; it is made flush wet.',
    ),
  ],
  minutes: 3,
  waitMinutes: 45,
  until: 'sandsToPowder',
};

export const epoxyPutty: Repair = {
  id: 'epoxy-putty',
  proud: true,
  title: 'Model the missing edge in epoxy putty',
  uses: [use('epoxyPutty', 0.05, 'fills'), use('armature', 4, 'fills')],
  steps: [
    line(
      'Cut back to sound wood, drill a few slanting holes.',
      ['cuts', 'drills'],
      line(
        'Mist it and cut back to sound wood with a sharp knife; drill a few slanting holes slowly through wet foam, bag the foam.',
        ['cutsWet'],
      ),
    ),
    'Small nails or wire in the holes as an armature, heads below the shape to come.',
    'Knead equal parts until there is one colour, no streaks; press it on and into the holes. You have about half an hour.',
    'Model it close with wet fingers and a knife: a straight batten along an edge, a profile cut from a card for a moulding.',
    line(
      'After two hours it can be carved and rasped; hard in full after a day.',
      ['cuts'],
      line('After two hours it can be carved with a damp knife; hard in full after a day.', [
        'cutsWet',
      ]),
    ),
  ],
  minutes: 20,
  waitMinutes: 120,
  until: 'hardInFull',
};

export const waxStick: Repair = {
  id: 'wax-stick',
  onFilm: true,
  title: 'Fill with wax stick',
  shows: 0.3,
  uses: [use('waxStick', 0.1, 'fills'), atHand('plasticScraper')],
  steps: [
    'Pick two sticks, one a shade lighter than the wood, one darker; knead crumbs of both until a dab beside the place can hardly be seen.',
    'Press it in warm, layer on layer; level it with a plastic edge across the grain, polish with a cloth.',
    'It stays soft: for scratches and small holes, not where cups stand; and no paint or film goes over it later unless it is dug out.',
  ],
  minutes: 8,
  waitMinutes: 0,
  until: 'hard',
};
