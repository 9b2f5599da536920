import type { LogEntry } from '../log/logEntry';
import { SERVICE_SHARE } from '../practice/serviceShare';
import type { FlowState } from './flowState';

/**
 * True where the flow timed last is under the service limit. One that was timed before the last service says nothing of the
 * filter as it is.
 *
 * @param log services of the filter, in any order
 */
export function isFlowLow(
  { share, latest }: Pick<FlowState, 'share' | 'latest'>,
  log: readonly Pick<LogEntry, 'kind' | 'at'>[],
): boolean {
  if (share === null || latest === null || share >= SERVICE_SHARE) return false;
  return log.every(({ kind, at }) => kind !== 'service' || at <= latest.at);
}
