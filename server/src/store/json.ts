/** What a text says as JSON; undefined where it is none. */
export const jsonIn = (text: string): unknown => {
  try {
    return JSON.parse(text) as unknown;
  } catch {
    return undefined;
  }
};
