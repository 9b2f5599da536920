/** A measured value with one standard deviation of what it may be off. */
export interface Measured {
  readonly value: number;
  readonly spread: number;
}

/**
 * What a result may be off, one standard deviation, when its inputs are independent and each a little off.
 *
 * @param result the calculation, smooth near the inputs
 * @param inputs values and spreads in the order the calculation takes them
 * @source first-order propagation of uncertainty (GUM, JCGM 100:2008, 5.1.2), slopes by central differences over one
 *   spread.
 * @example propagate(([a = 0, b = 0]) => a * b, [{ value: 2, spread: 0.1 }, { value: 3, spread: 0 }]) // { value: 6, spread: 0.3 }
 */
export function propagate(
  result: (values: readonly number[]) => number,
  inputs: readonly Measured[],
): Measured {
  const values = inputs.map((input) => input.value);
  const at = (index: number, value: number): number =>
    result(values.map((number, place) => (place === index ? value : number)));
  const squares = inputs.reduce((sum, { value, spread }, index) => {
    const difference = (at(index, value + spread) - at(index, value - spread)) / 2;
    return sum + difference ** 2;
  }, 0);
  return { value: result(values), spread: Math.sqrt(squares) };
}
