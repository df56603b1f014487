import { ringOut, washSilicone } from '../repairs';
import { NO_FILM, UNDER_VENEER, row } from './row';

/** In the film, on it, or in the whole piece. */
export const DAMAGES_OF_FACES = [
  row({
    id: 'whiteRing',
    accepted: {
      underVeneer: UNDER_VENEER,
      underPaint: 'it is in the old film; dulled with it, paint covers it',
      stripped: 'it is in the old film, and goes with it',
    },
    severity: 1,
    label: 'White ring (in the film)',
    underClear: ringOut,
  }),
  row({
    id: 'peeling',
    signs: ['comesOffLoose', 'peels'],
    accepted: {
      underVeneer: UNDER_VENEER,
      stripped: 'it comes off with the rest',
      noFilm: NO_FILM,
    },
    pastRenewing: true,
    severity: 2,
    label: 'Peeling or cracked paint',
  }),
  row({
    id: 'runs',
    signs: ['comesOffLoose'],
    accepted: {
      underVeneer: UNDER_VENEER,
      stripped: 'they come off with the rest',
      noFilm: NO_FILM,
    },
    pastRenewing: true,
    severity: 1,
    label: 'Runs and globs',
  }),
  row({
    id: 'yellowedClear',
    accepted: {
      underVeneer: UNDER_VENEER,
      underPaint: 'dulled like the rest, and covered',
      stripped: 'it goes with the film',
    },
    pastRenewing: true,
    severity: 1,
    label: 'Yellowed clear coat',
  }),
  row({
    id: 'weepsColour',
    signs: ['weepsDye'],
    pastRenewing: true,
    severity: 2,
    label: 'Colour comes out on the rag',
  }),
  row({ id: 'grime', signs: ['greasy'], severity: 1, label: 'Grease, hairspray, kitchen film' }),
  row({ id: 'residue', signs: ['gummed'], severity: 1, label: 'Sticker, tape or felt residue' }),
  row({
    id: 'cementResidue',
    signs: ['cemented'],
    severity: 2,
    label: 'Tile, cement or plaster stuck on',
  }),
  row({
    id: 'silicone',
    signs: ['craters'],
    severity: 2,
    label: 'Craters in the old film (silicone polish)',
    underPaint: washSilicone,
    underClear: washSilicone,
  }),
  row({ id: 'odour', signs: ['smells', 'airsOut'], severity: 2, label: 'Smoke or pet odour' }),
  row({ id: 'mould', signs: ['mouldy', 'smells'], severity: 3, label: 'Mould' }),
  row({ id: 'insects', signs: ['infested'], severity: 3, label: 'Live insects or fresh dust' }),
] as const;
