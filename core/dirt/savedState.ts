import { captureOf, type Capture } from './capture';
import type { SimulationState } from './simulationState';

/** A filter as it stood when a step began: what a step changes, to go back to. */
export interface SavedState {
  readonly mass: Float64Array;
  readonly deposits: Float64Array;
  readonly pressed: Float64Array;
  readonly floorMass: Float64Array;
  readonly caughtBy: Float64Array;
  readonly capture: Capture;
  readonly streams: SimulationState['streams'];
  balance: SimulationState['balance'];
  leaves: number;
}

/** Room for what {@link saveState} writes, to be used again at every step. */
export const savedStateOf = (state: SimulationState): SavedState => ({
  mass: state.mass.slice(),
  deposits: state.deposits.slice(),
  pressed: state.pressed.slice(),
  floorMass: state.floorMass.slice(),
  caughtBy: state.caughtBy.slice(),
  capture: captureOf(state.beds),
  streams: [...state.streams],
  balance: state.balance,
  leaves: state.leaves,
});

/** Notes a filter as it stands. */
export function saveState(state: SimulationState, into: SavedState): void {
  into.mass.set(state.mass);
  into.deposits.set(state.deposits);
  into.pressed.set(state.pressed);
  into.floorMass.set(state.floorMass);
  into.caughtBy.set(state.caughtBy);
  copyCapture(state.capture, into.capture);
  state.streams.forEach((stream, place) => {
    into.streams[place] = stream;
  });
  into.balance = state.balance;
  into.leaves = state.leaves;
}

/** Takes the dirt back to where it lay; flow, pressing and capture stay as they were found since. */
export function restoreDirt(state: SimulationState, from: SavedState): void {
  state.mass.set(from.mass);
  state.deposits.set(from.deposits);
  state.floorMass.set(from.floorMass);
  state.caughtBy.set(from.caughtBy);
  state.leaves = from.leaves;
}

/** Takes all of a filter back to where it stood. */
export function restoreState(state: SimulationState, from: SavedState): void {
  restoreDirt(state, from);
  state.depositsAtCapture.set(from.deposits);
  state.pressed.set(from.pressed);
  copyCapture(from.capture, state.capture);
  from.streams.forEach((stream, place) => {
    state.streams[place] = stream;
  });
  state.balance = from.balance;
}

function copyCapture(from: Capture, to: Capture): void {
  to.cleared.set(from.cleared);
  to.byLayer.set(from.byLayer);
  to.floor.set(from.floor);
  to.whole.set(from.whole);
  to.along.set(from.along);
}
