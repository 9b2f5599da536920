/** Below this the flow in a pipe is laminar, above the other turbulent; between them it is neither (published). */
const LAMINAR_BELOW = 2000;
const TURBULENT_ABOVE = 4000;

/**
 * Darcy friction factor of a pipe, with no jump from laminar to turbulent.
 *
 * @param reynolds more than 0
 * @param roughness wall roughness over bore, 0–0.05
 * @source laminar 64/Re; Swamee & Jain 1976 (J. Hydraul. Div. ASCE 102, 657) above 4,000; Dunlop 1991’s cubic between,
 *   smooth at both ends, as in Rossman, EPANET 2 Users Manual, 2000, appendix D.
 * @example frictionFactor(1000, 0) // 0.064
 */
export function frictionFactor(reynolds: number, roughness: number): number {
  if (reynolds <= LAMINAR_BELOW) return 64 / reynolds;
  if (reynolds >= TURBULENT_ABOVE) return 0.25 / Math.log10(roughness / 3.7 + 5.74 / reynolds ** 0.9) ** 2;
  const ratio = reynolds / LAMINAR_BELOW;
  const y2 = roughness / 3.7 + 5.74 / TURBULENT_ABOVE ** 0.9;
  const y3 = -0.86859 * Math.log(y2);
  const fa = y3 ** -2;
  const fb = fa * (2 - 0.00514215 / (y2 * y3));
  const x1 = 7 * fa - fb;
  const x2 = 0.128 - 17 * fa + 2.5 * fb;
  const x3 = -0.128 + 13 * fa - 2 * fb;
  const x4 = ratio * (0.032 - 3 * fa + 0.5 * fb);
  return x1 + ratio * (x2 + ratio * (x3 + x4));
}
