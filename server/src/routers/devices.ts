import { z } from 'zod';
import { meterPlace, meterReading } from '@obrik/core/contracts';
import type { Meter } from '../devices/device';
import { endpoint, type Endpoint } from '../http/endpoint';
import { notFound } from '../http/problem';

const device = z.object({ id: z.string(), name: z.string(), simulated: z.boolean() });

/** The meters of the shop. */
export const deviceEndpoints = (
  devices: readonly Meter[],
  now: () => Date,
): readonly Endpoint[] => [
  endpoint({
    method: 'get',
    path: '/devices',
    summary: 'The shop’s meters, and whether they are simulated',
    reply: z.array(device),
    handle: () => devices.map(({ id, name, simulated }) => ({ id, name, simulated })),
  }),
  endpoint({
    method: 'post',
    path: '/devices/{deviceId}/readings',
    summary: 'Take a reading from a meter on a surface',
    body: meterPlace,
    reply: meterReading,
    errors: [404],
    handle: ({ parameter, body }) => {
      const id = parameter('deviceId');
      const found = devices.find((it) => it.id === id);
      if (!found) throw notFound(`meter "${id}"`);
      const at = now();
      return {
        deviceId: id,
        simulated: found.simulated,
        at: at.toISOString(),
        shown: [...found.read(body, at)],
      };
    },
  }),
];
