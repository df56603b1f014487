import { byArea, byPiece, use } from './rate';

/** Laying coats; the coating itself comes with the task. */
export const COATING_RATES = {
  coat: byArea(6, 9),
  /** Masking, straining and cleaning the gun weigh on the fixed part. */
  spray: byArea(28, 3, use('paper320', 0.3, 'abrades'), use('maskingFilm', 1, 'masks')),
  wiped: byArea(4, 9),
  effect: byArea(6, 14),
  caulk: byArea(4, 6),
  maskBorder: byArea(10, 4, use('lowTackTape', 4, 'masks'), use('maskingFilm', 1, 'masks')),
  harden: byPiece(1, 0),
} as const;
