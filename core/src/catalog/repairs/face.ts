import { line } from '../line';
import { atHand, use } from '../rates';
import type { Repair } from './repair';

// What is brought out of the wood or the film.

export const steamDent: Repair = {
  id: 'steam',
  heats: true,
  title: 'Steam the dents out',
  shows: 0.15,
  uses: [atHand('cleanCloth')],
  steps: [
    'Bare wood only. Prick the dent a few times with a needle, a drop of water in it, five minutes.',
    line(
      'A folded damp cloth on it, the tip of a hot iron on the cloth for three or four seconds; lift, wet again. Five to ten times: the fibres swell back.',
      ['heats'],
    ),
    'Right: a fingertip passes over it without a dip, rather a little proud. Still a dip after ten? The fibres are torn: fill it.',
    'Let it dry for four hours before the next step: damp fibres tear.',
  ],
  minutes: 8,
  waitMinutes: 240,
  until: 'woodDry',
  caution: 'Not on veneer with heat-soft glue, not under a film.',
};

export const ringOut: Repair = {
  id: 'ring-out',
  onFilm: true,
  title: 'Bring the white ring out of the film',
  shows: 0.15,
  uses: [use('cloths', 0.2, 'wipes')],
  steps: [
    'It is moisture in the film, not in the wood. A warm hair dryer a hand away, two or three minutes, moving all the time; many are gone then.',
    line(
      'Still there: a little paste of mineral oil and fine chalk or rottenstone on a felt, along the grain, light; wipe off, look, again.',
      ['rubsWet'],
    ),
    'Then degrease the place, so that the new coat holds. What is left after three rounds lies deeper: the film has to come off.',
  ],
  minutes: 10,
  waitMinutes: 60,
  until: 'dry',
};

export const washSilicone: Repair = {
  id: 'wash-silicone',
  title: 'Wash the silicone off',
  uses: [use('mineralSpirits', 0.05, 'cleans'), use('rags', 1, 'wipes')],
  steps: [
    'Mineral spirits on a fresh rag, wipe one way, throw the rag away; four times, a new rag each.',
    'Degrease after it. A dab of the first coat on a hidden place shows whether it still craters.',
    'Craters again? Wash once more, then a thin coat of dewaxed shellac before anything else.',
  ],
  minutes: 12,
  waitMinutes: 60,
  until: 'spiritsOff',
};
