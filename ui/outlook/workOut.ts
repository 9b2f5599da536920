import { proxy, wrap } from 'comlink';
import type { Outlook } from '@/core/care/outlook';
import type { OutlookInput } from '@/core/care/workOutOutlook';
import type { OutlookApi } from '@/workers/outlookWorker';

/**
 * Works out what lies ahead of a filter, in a worker of its own that ends with the answer or the signal.
 *
 * @param tell is told what share is done, 0–1
 */
export function workOut(
  input: OutlookInput,
  tell: (share: number) => void,
  signal: AbortSignal,
): Promise<Outlook> {
  // The address must stand in the call, so that the bundler finds the worker.
  const worker = new Worker(new URL('../../workers/outlookWorker.ts', import.meta.url), { type: 'module' });
  const remote = wrap<OutlookApi>(worker);
  return new Promise<Outlook>((resolve, reject) => {
    const fail = (): void => reject(new Error('The worker broke.'));
    worker.addEventListener('error', fail);
    worker.addEventListener('messageerror', fail);
    signal.addEventListener('abort', fail);
    remote.workOut(input, proxy(tell)).then(resolve, reject);
  }).finally(() => worker.terminate());
}
