import type { z } from 'zod';
import { compareClocks } from '@/device';

/** The shop could not be reached, or could not answer now: try again later. */
export class Unreachable extends Error {
  override readonly name: string = 'Unreachable';
}

/** The shop does not know this device: it has to be paired first. */
export class Unpaired extends Unreachable {}

/** Longer than this nobody waits for the shop, ms. */
const PATIENCE = 20_000;

/** Asks the shop's server. @throws Unreachable where it does not answer as it should */
export const ask = async (address: string, init: RequestInit = {}): Promise<Response> => {
  const control = new AbortController();
  const timer = setTimeout(() => control.abort(), PATIENCE);
  const asked = Date.now();
  try {
    const response = await fetch(
      new Request(`/api/${address}`, { ...init, signal: control.signal }),
    );
    compareClocks(response.headers.get('date'), asked, Date.now());
    if (response.status === 401) throw new Unpaired('Not paired.');
    if (response.status >= 500 || response.status === 429) {
      throw new Unreachable(`The shop answered ${response.status}.`);
    }
    return response;
  } catch (error) {
    throw error instanceof Unreachable ? error : new Unreachable(String(error));
  } finally {
    clearTimeout(timer);
  }
};

/** Asks, and reads the answer by its form. @throws Unreachable where it is of another */
export const askFor = async <S extends z.ZodType>(
  schema: S,
  address: string,
  init?: RequestInit,
): Promise<z.output<S>> => {
  const response = await ask(address, init);
  const body: unknown = await response.json().catch(() => undefined);
  const result = schema.safeParse(body);
  if (!result.success) throw new Unreachable('The shop answered in a form that is not known here.');
  return result.data;
};
