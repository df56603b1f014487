/** Does one thing after the other; a failed one stops none after it. */
export type InTurn = <T>(work: () => Promise<T>) => Promise<T>;

export const inTurn = (): InTurn => {
  let last: Promise<unknown> = Promise.resolve();
  return (work) => {
    const next = last.then(work);
    last = next.catch(() => undefined);
    return next;
  };
};
