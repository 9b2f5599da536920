import type { Layer } from '../layers/layer';
import type { Visit } from '../pack/visit';

/** Works of one service, in days since the pack went in. */
export interface StretchVisit {
  readonly day: number;
  readonly works: Visit['works'];
}

/**
 * The life of one pack, from the repack that put it in to the next: what was done to it, and what was seen of it. Days
 * count from the repack and may be broken; flows m³/s.
 */
export interface LogSegment {
  readonly layers: readonly Layer[];
  readonly visits: readonly StretchVisit[];
  /**
   * Since when which condition of the pump and its hoses holds: it changes with every cleaning of impeller or hoses,
   * and with new hardware. The first begins on day 0.
   */
  readonly epochs: readonly { readonly day: number; readonly epoch: number }[];
  readonly flows: readonly {
    readonly id: string;
    readonly day: number;
    readonly flow: number;
    /** One standard deviation of the reading as a share of it. */
    readonly spread: number;
  }[];
  /** Level before the pack, below the rim, m. */
  readonly levels: readonly { readonly id: string; readonly day: number; readonly headroom: number }[];
  /** Services before which the keeper judged the flow. */
  readonly services: readonly {
    readonly id: string;
    readonly day: number;
    readonly flowWas: 'fine' | 'low';
  }[];
  /** Dirt of the layers when the filter was stripped, and when that was; empty: not looked at. */
  readonly seen: readonly { readonly layerId: string; readonly dirt: NonNullable<Layer['dirt']> }[];
  readonly end: number;
}

/** Number of observations in a stretch. */
export const tells = ({ flows, levels, services, seen }: LogSegment): number =>
  flows.length + levels.length + services.length + seen.length;
