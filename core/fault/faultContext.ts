import { forecastInput } from '../dirt/forecastInput';
import { forecast } from '../dirt/forecast';
import type { Filter } from '../filter/filter';
import type { Layer } from '../layers/layer';
import { mediumOf } from '../layers/mediumOf';
import { type Surroundings } from '../report/surroundings';
import { evaluatePack } from '../report/evaluatePack';
import type { FaultContext } from './faultTable';
import { daysBetween } from '../units/daysBetween';

/**
 * What is known of a filter before anything is checked: how long it has been packed, when its forecast says service, what is in
 * it and how it fits.
 *
 * @param packedAt ISO moment of the last repack; null: not on record
 * @param now ISO moment
 */
export function faultContext(
  filter: Filter,
  layers: readonly Layer[],
  around: Surroundings,
  packedAt: string | null,
  now: string,
): FaultContext {
  const families = layers.map((layer) => mediumOf(layer).family);
  const report = evaluatePack({ ...around, filter, layers, flow: null });
  return {
    filter,
    sincePacked: packedAt === null ? null : Math.max(0, daysBetween(packedAt, now)),
    serviceDay: forecast({ ...forecastInput(around, filter, layers), brief: true })?.serviceDay ?? null,
    hasFoam: families.includes('foam') || families.includes('cartridge'),
    hasFloss: families.includes('floss'),
    leastCover: report.totals.leastCover,
    overfill: report.totals.overfill,
  };
}
