import { columnsOf } from '../hydraulics/columns';
import { MAX_PRESSURE, type Stack } from '../hydraulics/filterWater';

/**
 * A stack of layers that touch, as ways side by side, laid out once for a whole simulation; what the layers take is
 * written in anew at every step. Typed arrays by column, SI.
 */
export interface StackPlan {
  /** Place of each of its layers in flow order. */
  readonly places: readonly number[];
  /** Share of the face; for each layer, whether the column goes through it, or enters the gap beside it. */
  readonly columns: readonly {
    readonly share: number;
    readonly through: readonly boolean[];
    readonly enters: readonly boolean[];
  }[];
  /** Pa at m³/s and (m³/s)²; Infinity lets nothing through. */
  readonly linear: Float64Array;
  readonly square: Float64Array;
  readonly flows: Float64Array;
  /** Lost in the stack when its flows were last found, Pa. */
  pressure: number;
}

/** What every layer takes now over all of the chamber’s face, through it and beside it; by place in flow order. */
export interface Ways {
  readonly throughLinear: Float64Array;
  readonly throughSquare: Float64Array;
  readonly besideLinear: Float64Array;
  readonly besideSquare: Float64Array;
  /** Entering and leaving a gap, square part. */
  readonly ends: Float64Array;
}

/** @param places of the stack’s layers in flow order */
export function stackPlan({ layers }: Stack, places: readonly number[]): StackPlan {
  const columns = columnsOf(
    layers,
    layers.map(() => 1),
  ).map(({ share, through, enters }) => ({ share, through, enters }));
  return {
    places,
    columns,
    linear: new Float64Array(columns.length),
    square: new Float64Array(columns.length),
    flows: new Float64Array(columns.length),
    pressure: 0,
  };
}

/** Writes what its layers take now into a stack’s columns. */
export function resistStack({ places, columns, linear, square }: StackPlan, ways: Ways): void {
  for (let column = 0; column < columns.length; column += 1) {
    const { share, through, enters } = columns[column]!;
    let [a, b] = [0, 0];
    for (let index = 0; index < places.length; index += 1) {
      const place = places[index]!;
      if (through[index] === true) {
        a += ways.throughLinear[place]!;
        b += ways.throughSquare[place]!;
      } else {
        a += ways.besideLinear[place]!;
        b += ways.besideSquare[place]! + (enters[index] === true ? ways.ends[place]! : 0);
      }
    }
    linear[column] = a / share;
    square[column] = b / (share * share);
  }
}

/** Below this, Pa per m³/s, nothing holds the water back. */
const MIN_RESISTANCE = 1e-12;
/** Share of a pressure to which it is found, and most steps towards it. */
const PRECISION = 1e-12;
const MAX_STEPS = 60;

/** Flow of one column at a pressure, m³/s: the positive root, in the form that loses no figures. */
const flowIn = (linear: number, square: number, pressure: number): number =>
  linear === Infinity ? 0 : (2 * pressure) / (linear + Math.sqrt(linear * linear + 4 * square * pressure));

/** What all columns let through at a pressure, m³/s. */
export function flowThrough({ linear, square }: StackPlan, pressure: number): number {
  let sum = 0;
  for (let column = 0; column < linear.length; column += 1)
    sum += flowIn(linear[column]!, square[column]!, pressure);
  return sum;
}

/** True where some column holds nothing back: it takes all of the water at no pressure. */
export function isFree({ linear, square }: StackPlan): boolean {
  for (let column = 0; column < linear.length; column += 1)
    if (linear[column]! < MIN_RESISTANCE && square[column]! < MIN_RESISTANCE) return true;
  return false;
}

/**
 * Shares a flow over the columns and gives the pressure that it loses, Pa.
 *
 * @source as splitFlow: Newton’s method from below on a concave function.
 */
export function stackPressureDrop(plan: StackPlan, flow: number): number {
  const { linear, square, flows } = plan;
  plan.pressure = 0;
  if (flow > 0 && flows.length === 1) {
    flows[0] = flow;
    plan.pressure = linear[0] === Infinity ? MAX_PRESSURE : flow * (linear[0]! + square[0]! * flow);
    return plan.pressure;
  }
  flows.fill(0);
  if (flow <= 0) return 0;
  if (isFree(plan)) {
    const free = Array.from(
      linear,
      (value, column) => value < MIN_RESISTANCE && square[column]! < MIN_RESISTANCE,
    );
    const count = free.filter(Boolean).length;
    free.forEach((is, column) => {
      if (is) flows[column] = flow / count;
    });
    return 0;
  }
  let pressure = Infinity;
  for (let column = 0; column < flows.length; column += 1) {
    const even = flow / flows.length;
    if (linear[column] !== Infinity)
      pressure = Math.min(pressure, even * (linear[column]! + square[column]! * even));
  }
  if (pressure === Infinity) {
    plan.pressure = MAX_PRESSURE;
    return plan.pressure;
  }
  for (let step = 0; step < MAX_STEPS; step += 1) {
    let sum = 0;
    let slope = 0;
    for (let column = 0; column < flows.length; column += 1) {
      const part = flowIn(linear[column]!, square[column]!, pressure);
      flows[column] = part;
      sum += part;
      if (part > 0) slope += 1 / (linear[column]! + 2 * square[column]! * part);
    }
    const next = pressure + (flow - sum) / slope;
    if (!(next - pressure > pressure * PRECISION)) break;
    pressure = next;
  }
  // The last figures of the solution are spread over all ways, so that they add up.
  let sum = 0;
  for (const part of flows) sum += part;
  for (let column = 0; column < flows.length; column += 1) flows[column] = (flows[column]! / sum) * flow;
  plan.pressure = Math.min(pressure, MAX_PRESSURE);
  return plan.pressure;
}
