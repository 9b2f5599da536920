import type { Filter } from '../filter/filter';
import { sumOf } from '../maths/sum';

/** A filter with the flow timed at its outlet, m³/s, or null, and what its pump and pack give by reckoning. */
export interface FilterFlow {
  readonly filter: Pick<Filter, 'id' | 'name'>;
  readonly measured: number | null;
  readonly predicted: number;
}

/** What one filter gives of all that the filters of a tank give. */
export interface FlowShare {
  readonly filterId: string;
  readonly name: string;
  readonly flow: number;
  readonly measured: boolean;
  /** 0–1. */
  readonly share: number;
}

/** The filters of one tank with their flow, measured or else predicted, and their shares of the sum. */
export function flowShares(flows: readonly FilterFlow[]): FlowShare[] {
  const known = flows.map(({ filter, measured, predicted }) => ({
    filterId: filter.id,
    name: filter.name,
    flow: measured ?? predicted,
    measured: measured !== null,
  }));
  const all = sumOf(known, (item) => item.flow);
  return known.map((candidate) => ({ ...candidate, share: all === 0 ? 0 : candidate.flow / all }));
}
