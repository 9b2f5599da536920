import type { Range } from '../maths/range';
import type { MediumFamily } from '../media/medium';

/** What chemical media take out of the water: tint and humic matter, or medicine and dye. */
export const SOLUTES = ['tint', 'medicine'] as const;
export type Solute = (typeof SOLUTES)[number];

/**
 * Contact after which grains of about a millimetre have taken 1 − 1/e of what passes, s (calibrated; products and waters
 * differ by a factor of three either way).
 */
export const TAKING_TIME: Readonly<Record<Solute, Range>> = {
  medicine: { low: 20, likely: 60, high: 180 },
  tint: { low: 60, likely: 180, high: 600 },
};

/** Powdered carbon on a pad needs a third of the contact (calibrated: it is much finer). */
const PAD_FACTOR = 1 / 3;
/** Families of media that take tint and medicine. */
const ADSORBING_FAMILIES: readonly MediumFamily[] = ['carbon', 'resin', 'cartridge'];

/** True for media that take tint and medicine out of the water. */
export const takesTint = ({ family }: { readonly family: MediumFamily }): boolean =>
  ADSORBING_FAMILIES.includes(family);

/**
 * Share of a solute that a bed takes from the water that passes it once, 0–1.
 *
 * @param contact empty-bed contact time, bed volume over flow through it, s
 * @param isPad carbon on a pad
 * @source E = 1 − e^(−EBCT/τ), τ calibrated; the longer of the range takes least.
 * @example removalPerPass(60, 'medicine', false).likely // 0.6321205588285577
 */
export function removalPerPass(contact: number, solute: Solute, isPad: boolean): Range {
  const at = (time: number): number => -Math.expm1(-contact / (time * (isPad ? PAD_FACTOR : 1)));
  const { low, likely, high } = TAKING_TIME[solute];
  return { low: at(high), likely: at(likely), high: at(low) };
}

/**
 * Time in which a tank loses half of a solute, and nine tenths of it, s; Infinity where nothing is taken.
 *
 * @param volume of the tank, m³
 * @param cleared Q·E: flow through the bed times the share taken, m³/s
 * @source a mixed tank: ln 2·V/(Q·E), and ln 10·V/(Q·E).
 * @example clearingTimes(0.2, 1e-4).half // 1386.2943611198905
 */
export const clearingTimes = (
  volume: number,
  cleared: number,
): { readonly half: number; readonly mostlyOut: number } => ({
  half: (Math.LN2 * volume) / cleared,
  mostlyOut: (Math.LN10 * volume) / cleared,
});
