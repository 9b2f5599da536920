import type { Filter } from '../filter/filter';
import { shutOffHead } from '../filter/shutOffHead';
import { internalLoss } from './internalHead';

/** Factors on what is uncertain of a filter: head of its pump, bore of its hoses, and what a body without hoses takes. */
export interface FilterFactors {
  readonly head: number;
  readonly bore: number;
  readonly loss: number;
}

/** The filter with its pump, hoses and body as uncertain as they are: each times its factor. */
export function variedFilter(filter: Filter, { head, bore, loss }: FilterFactors): Filter {
  const { pump, hoses, kind, labelFlow } = filter;
  return {
    ...filter,
    pump: {
      ...pump,
      internalLoss: internalLoss(filter) * loss,
      head:
        pump.head.by === 'curve'
          ? { by: 'curve', points: pump.head.points.map((point) => ({ ...point, head: point.head * head })) }
          : { by: 'label', shutOff: shutOffHead(kind, pump, labelFlow).value * head },
    },
    hoses: hoses === null ? null : { ...hoses, bore: hoses.bore * bore },
  };
}
