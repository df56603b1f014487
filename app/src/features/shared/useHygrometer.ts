import type { Air } from '@obrik/core/climate';
import { useState } from 'react';
import { useReadMeterMutation } from '@/api/api';
import { failureOf } from '@/api/failure';

/** The thermometer and hygrometer of the shop: what it shows, and what was said about it last. */
export const useHygrometer = (): {
  readonly readAir: () => Promise<Air | undefined>;
  readonly busy: boolean;
  readonly says: string | undefined;
} => {
  const [says, setSays] = useState<string>();
  const [readMeter, { isLoading: busy }] = useReadMeterMutation();
  const readAir = async (): Promise<Air | undefined> => {
    const { data, error } = await readMeter({ deviceId: 'thermo-hygrometer' });
    if (error || !data) {
      setSays(failureOf(error).text);
      return undefined;
    }
    const of = (quantity: string) =>
      data.shown.find((it) => it.quantity === quantity)?.value ?? NaN;
    setSays(
      data.simulated
        ? 'Read off the simulated meter: nothing was measured. Store it if you like.'
        : 'Read off the meter. Store it.',
    );
    return { celsius: of('temperature'), humidity: of('humidity') };
  };
  return { readAir, busy, says };
};
