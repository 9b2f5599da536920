/** Room of a pool at first; it doubles when it is full. */
const FIRST_ROOM = 1024;

/** Items by their losses, of which the best for some weights is asked for again and again. */
export interface Pool<T> {
  readonly add: (item: T, losses: readonly number[]) => void;
  /** Takes out what has the least weighted loss, each loss as a share of its span over the pool; null: it is empty. */
  readonly take: (weights: readonly number[]) => T | null;
}

/** A pool of items with so many losses each; less is better. */
export function poolOf<T>(width: number): Pool<T> {
  const items: T[] = [];
  let taken = new Uint8Array(FIRST_ROOM);
  const low = new Float64Array(width).fill(Infinity);
  const high = new Float64Array(width).fill(-Infinity);
  let losses = new Float64Array(FIRST_ROOM * width);
  return {
    add: (item, values) => {
      if ((items.length + 1) * width > losses.length) {
        const larger = new Float64Array(2 * losses.length);
        larger.set(losses);
        losses = larger;
        const more = new Uint8Array(2 * taken.length);
        more.set(taken);
        taken = more;
      }
      for (let index = 0; index < width; index += 1) {
        const value = values[index]!;
        losses[items.length * width + index] = value;
        if (value < low[index]!) low[index] = value;
        if (value > high[index]!) high[index] = value;
      }
      items.push(item);
    },
    take: (weights) => {
      const scaled = Float64Array.from(weights, (weight, index) =>
        high[index]! > low[index]! ? weight / (high[index]! - low[index]!) : 0,
      );
      const [rows, gone, count] = [losses, taken, items.length];
      let best = -1;
      let least = Infinity;
      for (let place = 0, row = 0; place < count; place += 1, row += width) {
        if (gone[place] === 1) continue;
        let sum = 0;
        for (let index = 0; index < width; index += 1) sum += scaled[index]! * rows[row + index]!;
        if (sum < least) {
          least = sum;
          best = place;
        }
      }
      if (best === -1) return null;
      taken[best] = 1;
      return items[best]!;
    },
  };
}
