/** Below this much room for media a basket is small, m³ (common practice, no source). */
export const SMALL_BASKET = 1.5e-3;
/** Below this much room for media two layers are enough in a body with one chamber, m³ (common practice, no source). */
export const SMALL_BODY = 2.5e-3;
