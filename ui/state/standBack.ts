/** What the keeper waits for just now. */
const waitedFor = new Set<Promise<void>>();

/** Background work waits until this is done, whether it succeeds or fails. */
export function yieldToForeground(work: Promise<unknown>): void {
  const over = (): void => {
    waitedFor.delete(ended);
  };
  const ended: Promise<void> = work.then(over, over);
  waitedFor.add(ended);
}

/** Asked by long work before each part of it: answers when the keeper waits for nothing else. */
export async function whenForegroundIdle(): Promise<void> {
  while (waitedFor.size > 0) await Promise.all(waitedFor);
}
