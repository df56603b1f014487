import { atHand, byArea, byPlace, use } from './rate';

/** Cleaning, and taking off what is loose. */
export const CLEANING_RATES = {
  vacuum: byArea(5, 3),
  airOut: byArea(10, 6, use('vinegar', 0.05, 'cleans'), use('cloths', 0.5, 'wipes')),
  degrease: byArea(10, 12, use('degreaser', 0.05, 'cleans'), use('cloths', 1, 'wipes')),
  dampWipe: byArea(8, 10, use('degreaser', 0.02, 'cleans'), use('cloths', 1, 'wipes')),
  waxOff: byArea(8, 14, use('mineralSpirits', 0.15, 'cleans'), use('rags', 2, 'wipes')),
  residue: byArea(12, 2, use('residueRemover', 0.03, 'cleans'), atHand('plasticScraper')),
  cementOff: byArea(
    10,
    30,
    atHand('sprayBottle'),
    atHand('chisel'),
    use('wasteBags', 1, 'contains'),
  ),
  extractiveWash: byArea(
    12,
    22,
    use('degreaser', 0.08, 'cleans'),
    atHand('nylonBrush'),
    use('whiteRags', 2, 'wipes'),
  ),
  alcoholWipe: byArea(4, 5, use('alcohol', 0.1, 'cleans'), use('lintFreeCloths', 1, 'wipes')),
  bleach: byArea(
    20,
    18,
    use('woodBleach', 0.2, 'cleans'),
    use('vinegar', 0.2, 'cleans'),
    use('sponge', 0.5, 'wipes'),
    use('phStrips', 1, 'tests'),
  ),
  raiseGrain: byArea(5, 5, use('sponge', 0.2, 'wipes')),
  powderOff: byArea(10, 20, use('sponge', 0.5, 'wipes'), use('whiteRags', 2, 'wipes')),
  neutralise: byPlace(0, 10, use('vinegar', 0.3, 'cleans'), use('phStrips', 1, 'tests')),
  looseOff: byArea(5, 12, atHand('cardScraper')),
  looseOffWet: byArea(5, 12, atHand('sprayBottle')),
  freshenDamp: byArea(8, 6, use('cloths', 1, 'wipes'), use('pasteWax', 0.03, 'coats')),
  freshen: byArea(
    8,
    6,
    use('alcohol', 0.05, 'cleans'),
    use('cloths', 1, 'wipes'),
    use('pasteWax', 0.03, 'coats'),
  ),
} as const;
