import type { Filter } from '../filter/filter';
import { fluidAt } from '../hydraulics/fluid';
import type { OperatingPoint } from '../hydraulics/operatingPoint';
import type { PlacedLayer } from '../layers/placedLayer';
import type { Tank } from '../tank/tank';
import { cutBeds } from './beds';
import { captureDirt, captureOf, type LayerStream } from './capture';
import { captureInput } from './captureInput';
import { USUAL_DIRT } from './dirtNumbers';

/**
 * Flow that a clean filter clears of each size of dirt, m³/s: Q·E by size, for a share of touches that stick, 0–1.
 *
 * @param water where pump and clean pack agree
 */
export function cleanClearanceRate(
  tank: Pick<Tank, 'temperature' | 'circulation'>,
  filter: Filter,
  inFlow: readonly PlacedLayer[],
  water: OperatingPoint,
): (attachment: number) => Float64Array {
  const { spill } = filter;
  const fluid = fluidAt(tank.temperature);
  const wetTo = spill === null || water.level === null ? Infinity : spill.lipAboveFloor + water.level.overLip;
  const beds = cutBeds(inFlow, fluid, USUAL_DIRT, wetTo, 0);
  const through = water.flow * (1 - water.pastShare);
  const streams = inFlow.map(({ chamber }, place): LayerStream => {
    const whole = chamber.where === 'body' ? through : water.flow;
    const own = Math.min(whole, (water.layers[place]?.passThrough ?? 0) * water.flow);
    return { whole, own, beside: whole - own };
  });
  const input = captureInput(tank, filter, inFlow, beds, fluid, USUAL_DIRT);
  const clean = new Float64Array(beds.slices);
  return (attachment) => {
    const list = beds.list.map((bed) => ({ ...bed, attachment }));
    const capture = captureOf(beds);
    captureDirt({ ...input, beds: { ...beds, list } }, clean, streams, water.flow, capture);
    return capture.whole;
  };
}
