import { networkInterfaces } from 'node:os';
import { toString as drawn } from 'qrcode';

/** Where a phone on the same network finds this machine: the first address that is not its own only. */
export const addressOnNetwork = (host: string): string => {
  if (host !== '0.0.0.0' && host !== '::') return host;
  const all = Object.values(networkInterfaces()).flatMap((list) => list ?? []);
  return all.find((it) => it.family === 'IPv4' && !it.internal)?.address ?? host;
};

/**
 * A pairing code for the console: to be scanned with the phone, or typed.
 * @param origin where a phone finds this machine, such as "http://192.0.2.7:3210"
 */
export const codeForConsole = async (code: string, origin: string): Promise<string> => {
  const address = `${origin}/pair?code=${code}`;
  const picture = await drawn(address, { type: 'terminal', small: true });
  return `${picture}Pairing code: ${code} (for one device, for ten minutes). Scan the picture with the phone, or open ${origin}/pair and type the code.`;
};
