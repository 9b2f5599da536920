import type { Finding } from '../findings/finding';
import { judgedBy } from '../findings/judgedBy';
import { mostMatureLeaves } from '../findings/rules/mostMatureLeaves';
import { packMeasures, type PackInput } from './packMeasures';

/** What `matureLeavesOf` reads in a report, for a sheet that needs nothing else of one and so loads no other rule. */
export const matureLeaves = (input: PackInput): Finding | null =>
  judgedBy([mostMatureLeaves], packMeasures(input).context, input.layers)[0] ?? null;
