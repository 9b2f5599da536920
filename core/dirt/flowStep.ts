import type { Filter } from '../filter/filter';
import type { LayerPaths } from '../hydraulics/columns';
import {
  filterWater,
  findBalance,
  MOST_PRESSURE,
  splitAlone,
  splitStack,
  type Balance,
  type FilterWater,
} from '../hydraulics/filterWater';
import { GRAVITY } from '../hydraulics/fluid';
import type { Tank } from '../tank/tank';
import { fouledPaths, pressBed } from './beds';
import { captureDirt, type LayerStream } from './capture';
import type { SimulationState } from './simulationState';
import { leafOpen } from './strainerLeaves';

/** Flow and levels for what sits in the media now, and what each size meets on its way. */
export function flowStep(state: SimulationState, tank: Tank, clean: boolean): void {
  const { beds, filter, base, order } = state;
  const paths = fouledPaths(beds, state.held);
  state.paths = paths;
  const pick = (stacks: FilterWater['body'], places: readonly number[][]): FilterWater['body'] =>
    stacks.map((stack, index) => ({
      chamber: stack.chamber,
      layers: (places[index] ?? []).flatMap((place) => paths[place] ?? []),
    }));
  const open = tank.litter.floating ? leafOpen(state.leaves, filter) : 1;
  const around = open === 1 ? base : filterWater(withStrainer(filter, open), [], base.fluid);
  const water: FilterWater = {
    ...around,
    stackHeight: base.stackHeight,
    sponge: pick(base.sponge, order.sponge),
    body: pick(base.body, order.body),
    wetOnly: true,
  };
  state.balance = clean ? state.balance : findBalance(water, state.balance);
  state.streams = streamsOf(water, state.balance, order, state.inFlow.length);
  captureDirt(state.input, state.deposits, state.streams, state.balance.flow, state.capture);
  for (const bed of beds.list) {
    const stream = state.streams[bed.layerAt]!;
    pressBed(beds, bed, state.held, bed.part === 'piece' ? stream.own : stream.beside, state.pressed);
  }
}

function streamsOf(
  water: FilterWater,
  { flow, through }: Balance,
  order: SimulationState['order'],
  layers: number,
): LayerStream[] {
  const streams: LayerStream[] = Array.from({ length: layers }, () => ({ whole: 0, own: 0, beside: 0 }));
  const put = (stacks: FilterWater['body'], places: readonly number[][], whole: number): void =>
    stacks.forEach((stack, position) => {
      const { own, beside } = splitStack(stack, whole, Infinity);
      (places[position] ?? []).forEach((place, index) => {
        streams[place] = { whole, own: own[index]!, beside: beside[index]! };
      });
    });
  put(water.sponge, order.sponge, flow);
  put(water.body, order.body, through);
  return streams;
}

/** The filter with its strainers open by a further share. */
export const withStrainer = (filter: Filter, open: number): Filter => ({
  ...filter,
  intakes: filter.intakes.map((intake) => ({ ...intake, open: intake.open * open })),
});

/** Head that each layer’s dirt would take at the clean flow, m of water. */
export function cloggingOf(state: SimulationState, cleanHeads: readonly number[]): number[] {
  return headsOf(state, state.paths).map((head, index) => head - cleanHeads[index]!);
}

/** Head of each layer alone at the clean flow, m of water. */
export function headsOf({ base, cleanThrough }: SimulationState, paths: readonly LayerPaths[]): number[] {
  const weight = base.fluid.density * GRAVITY;
  return paths.map((layer) => Math.min(MOST_PRESSURE, splitAlone(layer, 1, cleanThrough).pressure) / weight);
}
