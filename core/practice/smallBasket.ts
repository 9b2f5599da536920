/** Below this much room for media a basket is small: two layers are enough in it, and by one school in any order, m³ (common practice, no source). */
export const SMALL_BASKET = 2.5e-3;
