/** Below this much room for media a basket is small, m³ (common practice, no source). */
export const SMALL_BASKET = 1.5e-3;
