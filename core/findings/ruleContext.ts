import type { Added } from '../tank/additions';
import type { FilmLeaving } from '../biology/filmLeaving';
import type { Chamber, Filter } from '../filter/filter';
import type { PartsSeen } from '../filter/smallPart';
import type { CleanFlow } from '../hydraulics/cleanFlowFit';
import type { LayerFlow, OperatingPoint } from '../hydraulics/operatingPoint';
import type { Tank } from '../tank/tank';
import type { ChamberMeasure } from '../layers/measureChamber';
import type { Layer } from '../layers/layer';
import type { Range } from '../maths/range';
import type { PlacedLayer } from '../layers/placedLayer';
import type { Schools } from './schools';

/** What rules look at: the pack in flow order, measured, in its filter on its tank. */
export interface RuleContext {
  readonly tank: Tank;
  readonly filter: Filter;
  /** Other filters on the same tank. */
  readonly others: readonly Filter[];
  readonly schools: Schools;
  /** ISO moment of judging; null when time plays no part. */
  readonly now: string | null;
  /** Tanks per second at the flow measured; null without one. */
  readonly turnover: number | null;
  /** A flow timed with the clean pack that was in, against its prediction; null or left out without one. */
  readonly cleanFlow?: CleanFlow | null;
  /** Where pump and pack agree, and what the water does in each layer. */
  readonly water: OperatingPoint;
  readonly flowOf: (placed: PlacedLayer) => LayerFlow;
  readonly inFlow: readonly PlacedLayer[];
  /** What was put into the tank that its media have to do with. */
  readonly added: readonly Added[];
  readonly chambers: readonly { readonly chamber: Chamber; readonly measure: ChamberMeasure }[];
  /** Small parts that were looked at while the filter was open. */
  readonly parts: PartsSeen;
  /** True once all media of a chamber is known: what is missing from it can be judged. */
  readonly isReached: (chamber: Chamber) => boolean;
  /** Layers that were in the filter until now; null: these are in it. */
  readonly found: readonly Layer[] | null;
  /** The bacteria that this pack takes out of the filter; null where none were in it, or nothing changes. */
  readonly leaving: FilmLeaving | null;
  /** Times today’s food that the bacteria are enough for now; null while the food is not entered. */
  readonly atOnce: Range | null;
}
