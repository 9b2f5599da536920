/** Gap that an upright pad in the last slot of a hang-on-back needs behind it, m (common practice, no source). */
export const UPRIGHT_PAD_GAP = 2e-3;
