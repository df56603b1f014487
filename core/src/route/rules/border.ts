import { COAT_WORDS } from '../../words';
import { areaOfFace, type SurfaceContext } from '../context';
import { pieceRule, type Rule } from '../rule';
import { atBorder, coatedFirst, tapeMinutesOf } from '../twoTone';
import { isDoneToPiece, type Whole } from '../whole';
import { by, wait } from './common';

const WORDS = COAT_WORDS.maskBorder;

/** Surfaces at the border of two coats, of the side that is coated first or of the other. */
const atBorderOf = ({ surfaces }: Whole, first: boolean): readonly SurfaceContext[] =>
  surfaces.filter((s) => atBorder(s) && coatedFirst(s) === first);

const areaOf = (asking: readonly SurfaceContext[]): number =>
  asking.reduce((sum, s) => sum + areaOfFace(s), 0);

/** Before the first side gets its coats: what is coated later goes under tape. */
export const BORDER_BEFORE_RULES: readonly Rule[] = [
  pieceRule({
    id: 'mask-what-is-coated-later',
    phase: 'block',
    place: { of: 'piece' },
    asks: (whole) => (isDoneToPiece(whole, 'masked') ? [] : atBorderOf(whole, false)),
    because: () => WORDS.before.because,
    work: (_, asking) => ({
      method: 'mask-border',
      rank: 50,
      title: WORDS.before.title,
      how: WORDS.before.how,
      ...by('maskBorder', areaOf(asking)),
      traits: { makesOfPiece: ['masked'] },
    }),
  }),
];

/** Between the two sides: what is done hardens, and goes under tape in its turn. */
export const BORDER_BETWEEN_RULES: readonly Rule[] = [
  pieceRule({
    id: 'tape-on-hard-film-only',
    phase: 'protect',
    place: { of: 'piece' },
    asks: (whole) => (isDoneToPiece(whole, 'hardened') ? [] : atBorderOf(whole, true)),
    because: () => WORDS.harden.because,
    work: (_, asking) => {
      const minutes = Math.max(...asking.map(tapeMinutesOf));
      return {
        method: 'harden',
        setUp: { minutes },
        rank: 90,
        title: WORDS.harden.title,
        how: WORDS.harden.how,
        ...by('harden', 1),
        traits: { makesOfPiece: ['hardened'] },
        wait: wait(minutes, 'tapeMaySit', null),
      };
    },
  }),
  pieceRule({
    id: 'mask-what-is-done',
    phase: 'protect',
    place: { of: 'piece' },
    asks: (whole) => (isDoneToPiece(whole, 'taped') ? [] : atBorderOf(whole, true)),
    because: () => WORDS.onFilm.because,
    work: (_, asking) => ({
      method: 'mask-border',
      rank: 91,
      title: WORDS.onFilm.title,
      how: WORDS.onFilm.how,
      ...by('maskBorder', areaOf(asking)),
      traits: { makesOfPiece: ['taped'] },
    }),
  }),
];
