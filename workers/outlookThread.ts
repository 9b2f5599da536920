import type { MessagePort } from 'node:worker_threads';
import type { Outlook } from '@/core/outlook/outlook';
import { workOutOutlook, type OutlookInput } from '@/core/outlook/workOutOutlook';

/** Least share of the work between two messages, so that telling costs nothing. */
const MIN_TOLD_STEP = 0.02;

/** What is given to a thread: the input, and where to tell how far it has come, 0–1. */
export interface OutlookTask {
  readonly input: OutlookInput;
  readonly port: MessagePort;
}

/** Entry of a server thread: works out the forecast of one filter. */
export default function outlookThread({ input, port }: OutlookTask): Outlook {
  let told = -1;
  return workOutOutlook(input, (share) => {
    if (share < told + MIN_TOLD_STEP) return;
    told = share;
    port.postMessage(share);
  });
}
