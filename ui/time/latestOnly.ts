/**
 * Work that takes a while, asked for more often than it can be done: one piece runs, the newest of the others waits,
 * those between are never begun.
 *
 * @param done called with what was asked, and the answer
 * @param failed called with what was asked, and the error
 * @param rest milliseconds between an answer and the next piece of work: room for what is drawn meanwhile
 */
export function latestOnly<Ask, Answer>(
  work: (ask: Ask) => Promise<Answer>,
  done: (ask: Ask, answer: Answer) => void,
  failed: (ask: Ask, error: unknown) => void,
  rest = 0,
): (ask: Ask) => void {
  let running = false;
  let waiting: { readonly ask: Ask } | null = null;
  const run = async (ask: Ask): Promise<void> => {
    running = true;
    try {
      done(ask, await work(ask));
    } catch (error) {
      failed(ask, error);
    }
    if (rest > 0 && waiting !== null) await new Promise((wake) => setTimeout(wake, rest));
    running = false;
    const next = waiting;
    waiting = null;
    if (next !== null) void run(next.ask);
  };
  return (ask) => {
    if (running) waiting = { ask };
    else void run(ask);
  };
}
