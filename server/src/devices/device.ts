import type { MeterPlace, Shown } from '@obrik/core/contracts';

/** A meter as the shop knows it. All that ship with Obrik are simulated, and say so. */
export interface Meter {
  readonly id: string;
  readonly name: string;
  readonly simulated: boolean;
  /** @param at when it is read; a meter drifts with time */
  read(place: MeterPlace, at: Date): readonly Shown[];
}
