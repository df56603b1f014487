import { byArea, byPiece, byPlace, use } from './rate';

/** Laying coats; the coating itself comes with the task. */
export const COATING_RATES = {
  /** Stirring, straining, cleaning of tools and the walk round the piece are the fixed part. */
  coat: byArea(15, 22),
  /** Masking, straining and cleaning the gun weigh on the fixed part. */
  spray: byArea(45, 7, use('paper320', 0.3, 'abrades'), use('maskingFilm', 1, 'masks')),
  wiped: byArea(10, 14),
  effect: byArea(15, 25),
  /** On edges and raised places only. */
  decorate: byArea(15, 8),
  caulk: byArea(8, 8),
  maskBorder: byArea(20, 8, use('lowTackTape', 4, 'masks'), use('maskingFilm', 1, 'masks')),
  maskBare: byPlace(10, 8, use('lowTackTape', 3, 'masks'), use('maskingFilm', 0.5, 'masks')),
  /** Mixing the colour is most of it. */
  touchIn: byPlace(15, 10, use('lintFreeCloths', 0.2, 'wipes')),
  harden: byPiece(1, 0),
} as const;
