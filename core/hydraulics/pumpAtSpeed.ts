import type { Filter } from '../filter/filter';
import { shutOffHead } from '../filter/shutOffHead';
import { internalLoss } from './internalHead';

/**
 * The filter with its pump at another speed, as a worn impeller or another mains turns it: flow goes with the speed,
 * head with its square. What the body takes stays what it is: its loss is given at the label’s flow, and follows it.
 *
 * @param speed share of the usual speed, more than 0
 * @source affinity laws of centrifugal pumps (White, Fluid Mechanics, 7th ed. 2011, 11.3)
 */
export function pumpAtSpeed(filter: Filter, speed: number): Filter {
  const { pump, kind, labelFlow } = filter;
  const headFactor = speed ** 2;
  return {
    ...filter,
    labelFlow: labelFlow * speed,
    pump: {
      ...pump,
      internalLoss: internalLoss(filter) * headFactor,
      head:
        pump.head.by === 'curve'
          ? {
              by: 'curve',
              points: pump.head.points.map((point) => ({
                flow: point.flow * speed,
                head: point.head * headFactor,
              })),
            }
          : { by: 'label', shutOff: shutOffHead(kind, pump, labelFlow).value * headFactor },
    },
  };
}
