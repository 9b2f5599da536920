import type { Visit, Work } from '../pack/visit';
import type { SimulationState } from './simulationState';
import { SIZES } from './sizeClasses';
import { sum } from '../maths/sum';

/** Share of the sludge that stays in a layer after the work; a recharge ends in a thorough rinse (calibrated). */
const RETAINED_SLUDGE_SHARE: Readonly<Record<Work, number>> = {
  squeeze: 0.15,
  rinse: 0.5,
  replace: 0,
  recharge: 0.1,
};

/** What a visit does to each layer; null: nothing. */
export const worksOf =
  ({ works }: Pick<Visit, 'works'>) =>
  (layerId: string): Work | null =>
    works.find((work) => work.layerId === layerId)?.work ?? null;

/** Cleans layers and what lies on the open floor under the first that is lifted; returns what left the filter, kg. */
export function visitStep(state: SimulationState, workOf: (layerId: string) => Work | null): number {
  let removed = 0;
  const floorBefore = state.input.openFloor?.before;
  for (const bed of state.beds.list) {
    const work = workOf(state.inFlow[bed.layerAt]?.layer.id ?? '');
    if (work === null) continue;
    for (let index = bed.first * SIZES; index < (bed.first + bed.slices) * SIZES; index += 1) {
      const before = state.mass[index]!;
      state.mass[index] = before * RETAINED_SLUDGE_SHARE[work];
      removed += before * (1 - RETAINED_SLUDGE_SHARE[work]);
    }
    for (let slice = bed.first; slice < bed.first + bed.slices; slice += 1) {
      state.deposits[slice] = state.deposits[slice]! * RETAINED_SLUDGE_SHARE[work];
      state.pressed[slice] = 0;
    }
    if (bed.layerAt === floorBefore) {
      removed += sum(state.floorMass);
      state.floorMass.fill(0);
    }
  }
  state.leaves = 0;
  return removed;
}
