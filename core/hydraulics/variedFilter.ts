import type { Filter } from '../filter/filter';
import { shutOffHead } from '../filter/shutOffHead';
import { internalLoss } from './internalHead';
import type { Lip } from './lipHeight';

/**
 * Factors on what is uncertain of a filter: head of its pump, bore of its hoses, and what a body without hoses takes; and the
 * share by which media that stand above a lip narrow it, where that is drawn.
 */
export interface FilterFactors {
  readonly head: number;
  readonly bore: number;
  readonly loss: number;
  readonly narrowed?: number | undefined;
}

/** The filter with its pump, hoses and body as uncertain as they are: each times its factor. */
export function variedFilter(filter: Filter, { head, bore, loss, narrowed }: FilterFactors): Filter {
  const { pump, hoses, kind, labelFlow, spill } = filter;
  const varied = spill === null || narrowed === undefined ? spill : ({ ...spill, narrowed } satisfies Lip);
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
    spill: varied,
  };
}
