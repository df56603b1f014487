import type { AirBand } from '@obrik/core/climate';
import { showDuration } from '@obrik/core/units';

/** "11–14 h": how long it still takes, as a band; "any minute" where it may be over. */
export const leftOf = (band: AirBand | null, now: number): string => {
  if (band === null) return 'never in this air';
  const [from, to] = [Math.max(0, band.early - now), band.late === null ? null : band.late - now];
  if (to === null) return `${showDuration(from)} or more`;
  if (to <= 0) return 'dry';
  if (to < 60) return `${Math.round(from)}–${Math.round(to)} min`;
  if (to < 36 * 60) return `${Math.round(from / 60)}–${Math.max(1, Math.ceil(to / 60))} h`;
  return `${Math.round(from / 1440)}–${Math.max(1, Math.ceil(to / 1440))} days`;
};

/** The last word of a name, for the stub of a ticket: "stool". */
export const shortName = (name: string): string => name.split(' ').at(-1)?.toLowerCase() ?? '';
