import { constants } from 'node:os';

/**
 * Milliseconds for answers that are under way. After them the app ends whatever is still open: a browser may hold a
 * connection that it has never used, and the server would wait for it for as long as the browser is there.
 */
const GRACE_MS = 700;

/** What is to be ended before the app ends: streams that stay open, threads. */
interface Shutdown {
  readonly ends: Set<() => void>;
  begun: boolean;
  listening: boolean;
}

// One for the process: the build may load this module more than once.
const shared = globalThis as { neatLayerShutdown?: Shutdown };
const state = (): Shutdown =>
  (shared.neatLayerShutdown ??= { ends: new Set(), begun: false, listening: false });

/** True once the app has been asked to stop. */
export const isShuttingDown = (): boolean => state().begun;

/** Calls back when the app is asked to stop, until the returned function is called. */
export function onShutdown(end: () => void): () => void {
  const { ends } = state();
  ends.add(end);
  return () => void ends.delete(end);
}

/** Hears the signals that end the app. */
export function watchShutdown(): void {
  const shutdown = state();
  if (shutdown.listening) return;
  shutdown.listening = true;
  for (const signal of ['SIGINT', 'SIGTERM'] as const)
    process.once(signal, () => {
      shutdown.begun = true;
      [...shutdown.ends].forEach((end) => end());
      // As the shell counts an end by a signal.
      setTimeout(() => process.exit(128 + constants.signals[signal]), GRACE_MS).unref();
    });
}
