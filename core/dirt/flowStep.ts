import { filterWater } from '../hydraulics/filterWater';
import type { Tank } from '../tank/tank';
import { foulSlices, pressBed, pressWays } from './beds';
import { captureDirt, type LayerStream } from './capture';
import { stepFlowBalance, tabulateDrive } from './stepFlowBalance';
import type { SimulationState } from './simulationState';
import { stackPressureDrop, resistStack, type StackPlan } from './stackPlan';
import { leafOpen } from './strainerLeaves';
import { withStrainer } from './withStrainer';

/** Share by which leaves close a strainer before the drive is tabulated anew. */
const STRAINER_TOLERANCE = 5e-3;

/** Flow and levels for what sits in the media now, and what each size meets on its way. */
export function flowStep(state: SimulationState, tank: Tank): void {
  findFlow(state, tank);
  captureDirt(state.input, state.deposits, state.streams, state.balance.flow, state.capture);
  state.depositsAtCapture.set(state.deposits);
}

/**
 * Flow and levels, and the pressure on every slice that follows from them. It compresses at once: the flow is found once
 * more by it, without which the pressing would lag behind by a step.
 */
function findFlow(state: SimulationState, tank: Tank): void {
  const { filter, base, pressed, pressedAtFlow } = state;
  const open = tank.litter.floating ? leafOpen(state.leaves, filter) : 1;
  if (Math.abs(open / state.driveOpen - 1) > STRAINER_TOLERANCE) {
    state.driveOpen = open;
    state.drive = tabulateDrive({
      ...filterWater(withStrainer(filter, open), [], base.fluid),
      stackHeight: base.stackHeight,
    });
  }
  pressedAtFlow.set(pressed);
  foulSlices(state.beds, state.held, state.ways);
  flowBy(state);
  if (!press(state, pressedAtFlow)) return;
  flowBy(state);
  press(state, pressed);
}

/** Flow, levels and streams by how the slices are pressed. */
function flowBy(state: SimulationState): void {
  const { beds, base, sponge, body, ways, streams } = state;
  pressWays(beds, state.held, ways);
  for (const stack of sponge) resistStack(stack, ways);
  for (const stack of body) resistStack(stack, ways);
  state.balance = stepFlowBalance(base, state.drive, sponge, body, state.balance);
  const { flow, through } = state.balance;
  for (const stack of sponge) streamsIn(stack, flow, streams);
  for (const stack of body) streamsIn(stack, through, streams);
}

/** Notes the pressures at the flow found last; true where one is greater than ever before. */
function press({ beds, ways, streams }: SimulationState, pressed: Float64Array): boolean {
  let isMore = false;
  for (const bed of beds.list) {
    const stream = streams[bed.layerAt]!;
    if (pressBed(bed, ways, bed.part === 'piece' ? stream.own : stream.beside, pressed)) isMore = true;
  }
  return isMore;
}

/** How a flow through a stack shares itself, by layer. */
function streamsIn({ places, columns, flows }: StackPlan, whole: number, streams: LayerStream[]): void {
  for (let index = 0; index < places.length; index += 1) {
    let own = 0;
    for (let column = 0; column < columns.length; column += 1)
      if (columns[column]!.through[index] === true) own += flows[column]!;
    streams[places[index]!] = { whole, own, beside: Math.max(0, whole - own) };
  }
}

/** Head that each layer takes alone at the clean flow with what sits in it now, m of water, by place in flow order. */
export function layerHeads({ alone, ways, cleanThrough, drive }: SimulationState): Float64Array {
  const heads = new Float64Array(alone.length);
  for (let place = 0; place < alone.length; place += 1) {
    const stack = alone[place]!;
    resistStack(stack, ways);
    heads[place] = stackPressureDrop(stack, cleanThrough) / drive.weight;
  }
  return heads;
}
