import { parse } from 'cookie';
import type { Request, RequestHandler } from 'express';
import { HttpProblem } from '../http/problem';
import { isLoopback } from '../http/gate';
import { isForCalendar, type DeviceStore } from '../store/devices';

export const COOKIE = 'obrik-device';

/** Addresses that a device needs before it is paired. */
const OPEN: readonly string[] = ['/health', '/pairing', '/pairing/codes'];

/** What a calendar asks for: it has no cookie, so its key stands in its address. */
export const CALENDAR_PATH = '/calendar.ics';

const unpaired = new HttpProblem(
  401,
  'Not paired',
  'This device is not paired with the shop. Ask for a code: it appears where the server runs.',
);

const plainAddress = (address = ''): string => address.replace(/^::ffff:/, '');

const tokenOf = (request: Request): string | undefined =>
  parse(request.headers.cookie ?? '')[COOKIE];

/** Who may come in. */
export interface Doorkeeper {
  /** May it come in: from this machine, or from a device that was paired? */
  readonly mayComeIn: (request: Request) => Promise<boolean>;
}

/**
 * @param needed is pairing asked at all?
 * @param isHere is an address one of this machine?
 */
export const doorkeeper = (
  devices: DeviceStore,
  needed: boolean,
  isHere: (address: string) => boolean = isLoopback,
): Doorkeeper => ({
  mayComeIn: async (request) => {
    if (!needed || isHere(plainAddress(request.socket.remoteAddress))) return true;
    const token = tokenOf(request);
    if (token !== undefined && !isForCalendar(token)) {
      return (await devices.of(token)) !== undefined;
    }
    const key = request.path === CALENDAR_PATH ? request.query.key : undefined;
    return typeof key === 'string' && isForCalendar(key) && (await devices.of(key)) !== undefined;
  },
});

/** Lets in paired devices only; what runs on this machine needs no pairing. */
export const pairedOnly =
  ({ mayComeIn }: Doorkeeper): RequestHandler =>
  async (request, _response, next) => {
    if (!OPEN.includes(request.path) && !(await mayComeIn(request))) throw unpaired;
    next();
  };
