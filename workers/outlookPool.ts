import os from 'node:os';
import path from 'node:path';
import { MessageChannel } from 'node:worker_threads';
import { Piscina } from 'piscina';
import type { Outlook } from '@/core/outlook/outlook';
import type { PastForecast, PastForecastInput } from '@/core/outlook/pastForecast';
import type { OutlookInput } from '@/core/outlook/workOutOutlook';
import type { OutlookTask } from './outlookThread';

/** The threads’ own files, run from its source: pages are bundled, threads of the server are not. */
const THREAD_FILE = ['workers', 'outlookThread.ts'];
const PAST_FILE = ['workers', 'pastForecastThread.ts'];
/** Milliseconds for which a thread without work is kept. */
const KEPT_IDLE = 30_000;

/** One thread fewer than cores, so that no page waits for one; at least one. */
export const threadsFor = (cores: number): number => Math.max(1, cores - 1);

/** Threads that work out outlooks side by side. */
export interface OutlookPool {
  readonly threads: number;
  /**
   * @param tell called with the share of the work done, 0–1
   * @throws when the thread ends before it has answered, or the signal ends it
   */
  readonly run: (
    input: OutlookInput,
    tell: (share: number) => void,
    signal?: AbortSignal,
  ) => Promise<Outlook>;
  /** What was to be expected of a past pack. @throws when the thread ends before it has answered */
  readonly runPast: (input: PastForecastInput) => Promise<PastForecast | null>;
  /** Ends all threads at once, whatever they are doing. */
  readonly end: () => Promise<void>;
}

/** @param root the project’s folder */
export function outlookPool(root: string, threads = threadsFor(os.availableParallelism())): OutlookPool {
  const pool = new Piscina({
    filename: path.join(root, ...THREAD_FILE),
    execArgv: ['--import', 'tsx'],
    env: { ...process.env, TSX_TSCONFIG_PATH: path.join(root, 'tsconfig.run.json') },
    minThreads: 0,
    maxThreads: threads,
    idleTimeout: KEPT_IDLE,
  });
  // A thread that crashes fails its task, which says so; the pool begins another.
  pool.on('error', () => undefined);
  return {
    threads,
    run: async (input, tell, signal) => {
      const { port1, port2 } = new MessageChannel();
      port1.on('message', (share: number) => tell(share));
      const task: OutlookTask = { input, port: port2 };
      try {
        return (await pool.run(task, {
          transferList: [port2],
          ...(signal === undefined ? {} : { signal }),
        })) as Outlook;
      } finally {
        port1.close();
      }
    },
    runPast: async (input) =>
      (await pool.run(input, { filename: path.join(root, ...PAST_FILE) })) as PastForecast | null,
    end: () => pool.destroy(),
  };
}
