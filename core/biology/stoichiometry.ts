/** Oxygen that a kg of ammonia nitrogen takes on its way to nitrate, kg (stoichiometric: two O₂ a nitrogen, 4.57). */
export const OXYGEN_PER_NITROGEN = (2 * 31.998) / 14.007;
/** Carbonate hardness that it uses up, kg as CaCO₃ (stoichiometric: two bicarbonates a nitrogen, 7.14). */
export const CARBONATE_PER_NITROGEN = 100.087 / 14.007;
/** Oxygen that rotting sludge takes, kg per kg dry (from memory: proteins and fibre of waste). */
export const OXYGEN_PER_SLUDGE = 1.2;
/** Carbonate hardness of one German degree, kg as CaCO₃ in a m³ (definition: 10 mg/L CaO). */
export const CARBONATE_PER_DEGREE = 17.848e-3;
