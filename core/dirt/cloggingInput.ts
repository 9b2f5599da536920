import type { Added } from '../tank/additions';
import type { Filter } from '../filter/filter';
import { intakeSponge } from '../filter/intakeSponge';
import type { Layer } from '../layers/layer';
import { placeLayers } from '../layers/placeLayers';
import type { Visit } from '../pack/visit';
import { HORIZON } from '../pack/visitLimits';
import type { Tank } from '../tank/tank';
import type { CloggingInput } from './clogging';
import type { Posterior } from './posterior';

/** A filter with its layers on its tank, beside the others there, and the visits that are planned. */
export interface ForecastInput {
  readonly tank: Tank;
  readonly filter: Filter;
  readonly layers: readonly Layer[];
  readonly others: readonly { readonly filter: Filter; readonly layers: readonly Layer[] }[];
  readonly visits: readonly Visit[];
  /** How far ahead, days. */
  readonly days?: number;
  /** Leaves out what is only drawn, to be quick. */
  readonly brief?: boolean;
  /** What the log taught of this filter; left out or null: nothing. */
  readonly learned?: Posterior | null;
  /** What was put into the tank, and when it is judged (ISO): for how long carbon lasts. */
  readonly added?: readonly Added[];
  readonly now?: string | null;
}

/** The march of a forecast. */
export const cloggingInput = ({
  tank,
  filter,
  layers,
  others,
  visits,
  days = HORIZON,
  brief = false,
}: ForecastInput): CloggingInput => ({
  tank,
  own: { filter, inFlow: placeLayers(filter, layers), visits },
  others: others.map((other) => ({ filter: other.filter, inFlow: placeLayers(other.filter, other.layers) })),
  days,
  brief,
  // A sponge on the intake is squeezed when it is full, without opening the filter, unless its days are planned.
  tendSponge: !visits.some(({ works }) =>
    works.some(({ layerId }) =>
      layers.some(({ id, chamber }) => id === layerId && chamber === intakeSponge(filter)?.id),
    ),
  ),
});
