/** A resistance to flow: pressure lost = linear·Q + square·Q², Pa with Q in m³/s. Both 0 or more. */
export interface Resistance {
  readonly linear: number;
  readonly square: number;
}

export const NO_RESISTANCE: Resistance = { linear: 0, square: 0 };

/** Pressure lost at a flow, Pa. */
export const pressureAt = ({ linear, square }: Resistance, flow: number): number =>
  flow * (linear + square * flow);

/** Flow that a pressure drives through, m³/s: the positive root, in the form that loses no figures. */
export function flowAt({ linear, square }: Resistance, pressure: number): number {
  if (pressure <= 0) return 0;
  const root = linear + Math.sqrt(linear * linear + 4 * square * pressure);
  return root === 0 ? Infinity : (2 * pressure) / root;
}

/** Resistances one after the other. */
export const inSeries = (a: Resistance, b: Resistance): Resistance => ({
  linear: a.linear + b.linear,
  square: a.square + b.square,
});
