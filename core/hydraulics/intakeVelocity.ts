import { faceArea } from '../filter/chamberGeometry';
import type { Filter } from '../filter/filter';
import { intakeSponge } from '../filter/intakeSponge';
import { tubeOf } from '../filter/tubeOf';
import type { Animal } from '../tank/tank';

/** Length of a usual strainer, m, and the share of it that is slots (common practice, no source). */
const STRAINER_LENGTH = 0.06;
const STRAINER_OPEN = 0.4;

/** Speed that the weakest swimmers hold out against, m/s (calibrated; from memory of larval and shrimp swimming). */
const SUSTAINED_SPEEDS: readonly (readonly [animal: Animal, speed: number])[] = [
  ['fry', 0.02],
  ['shrimp', 0.05],
  ['still water', 0.08],
];
/** Any other small fish. */
const USUAL_HOLDS = 0.15;

/** Slots of one bare strainer, m². */
export const strainerArea = ({ intakes }: Pick<Filter, 'intakes'>): number =>
  Math.PI * tubeOf(intakes) * STRAINER_LENGTH * STRAINER_OPEN;

/** Water at the face of an intake. SI. */
export interface IntakeSpeed {
  readonly speed: number;
  readonly area: number;
  /** What the weakest swimmer of the tank holds out against, and who that is; null: none named. */
  readonly limit: number;
  readonly weakest: Animal | null;
  /** Face that brings the speed down to the limit, m². */
  readonly areaNeeded: number;
  readonly throughSponge: boolean;
}

/**
 * Speed of the water at an intake’s face against the weakest swimmer in the tank.
 *
 * @param flow of the filter, m³/s, shared by its intakes
 * @source continuity: speed = flow ÷ area.
 */
export function intakeVelocity(filter: Filter, flow: number, animals: readonly Animal[]): IntakeSpeed {
  const sponge = intakeSponge(filter);
  const each = flow / filter.intakes.length;
  const first = filter.kind === 'internal-sponge' ? filter.chambers[0] : undefined;
  const guard = sponge ?? first ?? null;
  const area = guard === null ? strainerArea(filter) : faceArea(guard.shape, 0);
  const [weakest, limit] = SUSTAINED_SPEEDS.find(([animal]) => animals.includes(animal)) ?? [
    null,
    USUAL_HOLDS,
  ];
  return {
    speed: each / area,
    area,
    limit,
    weakest,
    areaNeeded: each / limit,
    throughSponge: guard !== null,
  };
}
