import { inverse, Matrix } from 'ml-matrix';
import type { LogModel } from './logModel';
import type { StretchPrediction } from './predictStretch';
import { jacobian } from './jacobian';
import { flowErrorRoot, levelErrorRoot } from './stretchResiduals';

/** Standard normal value that 99 % lie within. */
export const Z_99 = 2.576;

/** A reading against its prediction from all other readings. m³/s of flows, m of levels. */
export interface Foreseen {
  readonly id: string;
  readonly kind: 'flow' | 'level';
  /** Place in the log of stretches. */
  readonly stretch: number;
  readonly day: number;
  readonly value: number;
  /** What was likeliest, and the range that 99 % of readings lie within. */
  readonly expected: number;
  readonly low: number;
  readonly high: number;
  /** Standard deviations from what was likeliest; of logarithms for flows. */
  readonly off: number;
  readonly isOdd: boolean;
}

interface Item extends Pick<Foreseen, 'id' | 'kind' | 'stretch' | 'day' | 'value'> {
  readonly place: number;
}

/**
 * Every flow and level against its prediction from all others; for the newest reading that is its forecast. With slopes
 * J of the predictions about a point and the error S of the readings, they are jointly normal with covariance
 * C = S + J·Jᵀ; leaving out reading i, it is expected with variance 1/(C⁻¹)ᵢᵢ about its value less (C⁻¹r)ᵢ/(C⁻¹)ᵢᵢ.
 *
 * @param point about which the model is taken as straight: its likeliest point
 * @source leaving one out of a joint normal distribution (Sundararajan & Keerthi 2001, Neural Comput. 13, 1103)
 */
export function leaveOneOutPredictions(model: LogModel, point: readonly number[]): Foreseen[] {
  const items = itemsOf(model);
  if (items.length === 0) return [];
  const at = (where: readonly number[]): number[] => {
    const predictions = model.predict(where);
    return items.map((item) => predictionOf(item, predictions[item.stretch]!));
  };
  const here = at(point);
  const slopes = jacobian(at, point);
  const covariance = slopes.mmul(slopes.transpose()).add(errorsOf(model, items, point));
  const precision = inverse(covariance);
  const apart = items.map(
    (item, row) =>
      measured(item) -
      here[row]! +
      point.reduce((sum, value, column) => sum + slopes.get(row, column) * value, 0),
  );
  const pulled = precision.mmul(Matrix.columnVector(apart)).getColumn(0);
  return items.map((item, row) => {
    const sharpness = precision.get(row, row);
    const spread = 1 / Math.sqrt(sharpness);
    const off = pulled[row]! / Math.sqrt(sharpness);
    const likeliest = measured(item) - off * spread;
    const back = (value: number): number => (item.kind === 'flow' ? Math.exp(value) : value);
    const { id, kind, stretch, day, value } = item;
    return {
      ...{ id, kind, stretch, day, value, off },
      expected: back(likeliest),
      low: back(likeliest - Z_99 * spread),
      high: back(likeliest + Z_99 * spread),
      isOdd: Math.abs(off) > Z_99,
    };
  });
}

/** All flows and levels in order of time. */
const itemsOf = ({ stretches }: LogModel): Item[] =>
  stretches.flatMap(({ flows, levels }, stretch) =>
    [
      ...flows.map(({ id, day, flow }, place): Item => ({
        id,
        kind: 'flow',
        stretch,
        day,
        value: flow,
        place,
      })),
      ...levels.map(({ id, day, headroom }, place): Item => ({
        id,
        kind: 'level',
        stretch,
        day,
        value: headroom,
        place,
      })),
    ].sort((a, b) => a.day - b.day),
  );

const measured = ({ kind, value }: Item): number => (kind === 'flow' ? Math.log(value) : value);

const predictionOf = ({ kind, place }: Item, { flows, levels }: StretchPrediction): number =>
  kind === 'flow' ? Math.log(flows[place]!) : levels[place]!;

/** Covariance of the errors of readings: those of one stretch share some of it. */
function errorsOf(model: LogModel, items: readonly Item[], point: readonly number[]): Matrix {
  const predictions = model.predict(point);
  const blocks = model.stretches.map((stretch, index) => ({
    flow: square(flowErrorRoot(stretch)),
    level: square(levelErrorRoot(stretch, predictions[index]!)),
  }));
  const errors = Matrix.zeros(items.length, items.length);
  items.forEach((a, row) =>
    items.forEach((b, column) => {
      if (a.stretch === b.stretch && a.kind === b.kind)
        errors.set(row, column, blocks[a.stretch]![a.kind].get(a.place, b.place));
    }),
  );
  return errors;
}

const square = (root: Matrix): Matrix => root.mmul(root.transpose());
