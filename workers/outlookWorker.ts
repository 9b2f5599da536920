import { expose } from 'comlink';
import type { Outlook } from '@/core/care/outlook';
import { workOutOutlook, type OutlookInput } from '@/core/care/workOutOutlook';

/** What lies ahead of a filter, worked out away from the page. */
const api = {
  workOut: (input: OutlookInput, tell: (share: number) => void): Outlook => workOutOutlook(input, tell),
};
export type OutlookApi = typeof api;

expose(api);
