import { expect, it } from 'vitest';
import { plainCapture, plainFill, plainFlow } from '@/reference/plainClogging';
import type { FilterKind } from '../filter/filterKind';
import { FILTER_KINDS } from '../filter/filterKindWords';
import { presetFilter } from '../filter/presetFilter';
import { placeLayers } from '../layers/placeLayers';
import { plainLayer } from '../layers/plainLayer';
import { CATALOGUE } from '../media/catalogue';
import { packFaults } from '../pack/packFaults';
import { newTank } from '../tank/newTank';
import type { Tank } from '../tank/tank';
import { seededRandom } from '../maths/seededRandom';
import { USUAL_DIRT } from './dirtNumbers';
import { fillStep } from './fillStep';
import { flowStep } from './flowStep';
import { beginState, type SimulationState } from './simulationState';
import { SIZES } from './sizeClasses';

const KINDS = Object.keys(FILTER_KINDS) as FilterKind[];
const PACKS = 500;
const DECAY = 0.02;

/** A filter of any kind with layers of any media, cut and stuffed at random, and dirt sitting in them. */
function dirtyPack(random: () => number): {
  readonly state: SimulationState;
  readonly tank: Tank;
  readonly waters: Float64Array;
} {
  const pick = <T>(some: readonly T[]): T => some[Math.floor(random() * some.length)]!;
  const tank = newTank('t', 'Test', 0.03 + 0.4 * random());
  const filter = presetFilter(pick(KINDS), { id: 'f', tankId: 't' }, 'Test');
  const layers = filter.chambers.flatMap(({ id, depth, shape }, chamber) =>
    Array.from({ length: Math.floor(3 * random()) }, (_, index) => ({
      ...plainLayer(`l${chamber}-${index}`, pick(CATALOGUE).id, id, depth * (0.1 + 0.35 * random())),
      cut:
        shape.form === 'box' && random() < 0.4
          ? { length: shape.length * (0.8 + 0.2 * random()), width: shape.width * (0.8 + 0.2 * random()) }
          : null,
      gapFill: random() < 0.3 ? ('floss' as const) : ('open' as const),
    })),
  );
  if (packFaults(filter, layers).length > 0) return dirtyPack(random);
  const state = beginState(filter, placeLayers(filter, layers), tank, USUAL_DIRT, 1);
  const { beds, mass, deposits, pressed } = state;
  for (const bed of beds.list)
    for (let slice = bed.first; slice < bed.first + bed.slices; slice += 1) {
      deposits[slice] = 0.9 * bed.ultimate * random() ** 2;
      pressed[slice] = 100 * random();
      const parts = Array.from({ length: SIZES }, random);
      const whole = parts.reduce((sum, part) => sum + part, 0);
      parts.forEach((part, size) => {
        mass[slice * SIZES + size] =
          (part / whole) * deposits[slice]! * beds.volume[slice]! * USUAL_DIRT.sludgeDensity;
      });
    }
  return { state, tank, waters: Float64Array.from({ length: SIZES }, () => 1e-3 * random()) };
}

// Source: the same equations without tables of the pump, series and arrays that are used again, in reference/plainClogging.ts.
it(`takes the step of the plain version on ${PACKS} packs drawn at random`, () => {
  const random = seededRandom(31);
  const flows: number[] = [];
  let [presses, captures, fills, slices] = [0, 0, 0, 0];
  for (let pack = 0; pack < PACKS; pack += 1) {
    const { state, tank, waters } = dirtyPack(random);
    const plain = plainFlow(state);
    flowStep(state, tank);
    const { flow, through, before } = state.balance;
    flows.push(
      Math.max(
        Math.abs(flow - plain.balance.flow) / state.drive.most,
        Math.abs(through - plain.balance.through) / state.drive.most,
        Math.abs(before - plain.balance.before),
      ),
    );
    plain.pressed.forEach((value, slice) => {
      if (value > 0) presses = Math.max(presses, Math.abs(state.pressed[slice]! / value - 1));
    });
    const cleared = plainCapture(state, state.streams);
    cleared.flat().forEach((value, at) => {
      captures = Math.max(captures, Math.abs(state.capture.cleared[at]! - value) / state.drive.most);
    });
    const filled = plainFill(state, cleared, [...waters], DECAY, 0.5);
    fillStep(state, waters, DECAY, 0.5, USUAL_DIRT);
    filled.forEach((value, slice) => {
      fills = Math.max(fills, Math.abs(state.deposits[slice]! - value));
    });
    slices += filled.length;
  }
  expect(slices).toBeGreaterThan(40 * PACKS);
  expect(captures).toBeLessThan(1e-9);
  expect(fills).toBeLessThan(1e-9);
  // The table of the pump rounds off the kinks of the friction in its hoses.
  flows.sort((a, b) => a - b);
  expect(flows[Math.floor(0.98 * PACKS)]).toBeLessThan(2e-8);
  expect(flows.at(-1)).toBeLessThan(2e-5);
  expect(presses).toBeLessThan(2e-5);
});
