import type { Swap, SwapStage } from '../filter/swap';
import { courseRange, type UncertainTank, type WaterBands } from './courseRange';
import type { CycleEvent } from './cycleInput';
import { swapCourse, swapDays } from './swapCourse';

/** The likely range of ammonia and nitrite through a swap, with what else happens to the water. */
export const swapRange = (
  tank: UncertainTank,
  pieces: Swap['pieces'],
  stages: readonly Pick<SwapStage, 'day' | 'parts'>[],
  days = swapDays(stages),
  water: readonly CycleEvent[] = [],
): WaterBands =>
  courseRange(tank, (drawn, factor) =>
    swapCourse(
      drawn,
      pieces.map((piece) => ({
        ...piece,
        surface: piece.surface * factor,
        newSurface: piece.newSurface * factor,
      })),
      stages,
      days,
      water,
    ),
  );
