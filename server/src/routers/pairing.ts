import { pairedDevices, pairing } from '@obrik/core/contracts';
import { typedText } from '@obrik/core/piece';
import { z } from 'zod';
import { endpoint, type Endpoint } from '../http/endpoint';
import { HttpProblem, notFound } from '../http/problem';
import type { PairingCodes } from '../pairing/codes';
import { COOKIE, type Doorkeeper } from '../pairing/pairedOnly';
import type { DeviceStore } from '../store/devices';

const wrong = new HttpProblem(422, 'Wrong code', 'That is not the code. Look again, or ask anew.', [
  { path: 'code', message: 'That is not the code.' },
]);
const none = new HttpProblem(
  422,
  'No code',
  'No code holds at the moment. Ask for one: it appears where the server runs.',
  [{ path: 'code', message: 'No code holds. Ask for a new one.' }],
);

interface Needs {
  readonly devices: DeviceStore;
  readonly codes: PairingCodes;
  readonly door: Doorkeeper;
  /** Shows a code to whoever runs the server. */
  readonly show: (code: string) => void;
  readonly now: () => Date;
}

/** Who may come in over the network. */
export const pairingEndpoints = ({
  devices,
  codes,
  door,
  show,
  now,
}: Needs): readonly Endpoint[] => [
  endpoint({
    method: 'get',
    path: '/pairing',
    summary: 'May this device come in, and is the connection encrypted?',
    reply: pairing,
    handle: async ({ request }) => ({
      paired: await door.mayComeIn(request),
      encrypted: request.secure,
    }),
  }),
  endpoint({
    method: 'post',
    path: '/pairing/codes',
    summary: 'Show a new code where the server runs',
    reply: z.object({ shown: z.literal(true) }),
    errors: [429],
    handle: () => {
      show(codes.fresh(now()));
      return { shown: true as const };
    },
  }),
  endpoint({
    method: 'post',
    path: '/pairing',
    summary: 'Pair this device by a code; its token comes as a cookie',
    body: z.object({
      code: z.string().regex(/^\d{6}$/, 'Six digits.'),
      name: typedText().trim().min(1, 'Name this device.').max(80, 'Keep it under 80 letters.'),
    }),
    reply: z.object({ paired: z.literal(true) }),
    errors: [429],
    handle: async ({ body, request, response }) => {
      const redeemed = codes.redeem(body.code, now());
      if (redeemed !== 'right') throw redeemed === 'wrong' ? wrong : none;
      const token = await devices.add(body.name, now());
      response.cookie(COOKIE, token, {
        httpOnly: true,
        sameSite: 'strict',
        secure: request.secure,
        maxAge: 365 * 24 * 60 * 60 * 1000,
      });
      return { paired: true as const };
    },
  }),
  endpoint({
    method: 'get',
    path: '/paired',
    summary: 'Devices that may come in over the network',
    reply: pairedDevices,
    handle: async () => [...(await devices.list())],
  }),
  endpoint({
    method: 'delete',
    path: '/paired/{deviceId}',
    summary: 'Remove a device: it may no longer come in',
    reply: z.object({ removed: z.literal(true) }),
    errors: [404],
    handle: async ({ parameter }) => {
      const id = parameter('deviceId');
      if (!(await devices.remove(id))) throw notFound(`device "${id}"`);
      return { removed: true as const };
    },
  }),
];
