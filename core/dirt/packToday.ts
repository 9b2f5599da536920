import type { SimulationState } from './simulationState';
import { sumOf } from '../maths/sum';

/** What a pack does to the water as its dirt sits in it now. */
export interface PackToday {
  /** Head lost in all layers, the sponge on the intake with them, m of water. */
  readonly lost: number;
  /** Least share of the filter’s flow that goes through any layer, 0–1; NaN where there is none. */
  readonly passes: number;
}

/** Reads a pack off its balance: the figures that {@link pointOf} gives, without laying the water out anew. */
export function packToday({ balance, sponge, drive, streams, inFlow }: SimulationState): PackToday {
  const { flow, before, overLip } = balance;
  const inSponge = sumOf(sponge, ({ pressure }) => pressure) / drive.weight;
  let least = inFlow.length === 0 ? NaN : 1;
  for (let place = 0; place < inFlow.length; place += 1)
    least = Math.min(least, flow > 0 ? streams[place]!.own / flow : 0);
  return { lost: inSponge + before - overLip, passes: least };
}
