import type { Confirmation, Piece } from '../../piece';

type About = Pick<Confirmation, 'surfaceId' | 'variable'>;

/** The field that says what one variable of one surface is. */
export const confirmedAs = ({ surfaceId, variable }: About): string =>
  `confirm/${surfaceId}/${variable}`;

/** What was said of everything else. */
export const otherConfirmations = (before: Piece, about: About): Confirmation[] =>
  before.confirmations.filter(
    (old) => old.surfaceId !== about.surfaceId || old.variable !== about.variable,
  );
