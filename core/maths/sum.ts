/** The sum of numbers, in their order; 0 of none. */
export function sum(values: ArrayLike<number>): number {
  let total = 0;
  for (let index = 0; index < values.length; index += 1) total += values[index]!;
  return total;
}

/** The sum of one figure of each item, in their order; 0 of none. */
export function sumOf<Item>(items: ArrayLike<Item>, figure: (item: Item) => number): number {
  let total = 0;
  for (let index = 0; index < items.length; index += 1) total += figure(items[index]!);
  return total;
}
