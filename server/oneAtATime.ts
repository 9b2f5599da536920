/** Lets work that takes much of the machine wait for the one before it. */
export function oneAtATime(): <T>(work: () => Promise<T>) => Promise<T> {
  let last: Promise<unknown> = Promise.resolve();
  return (work) => {
    const mine = last.then(work, work);
    last = mine.catch(() => undefined);
    return mine;
  };
}
