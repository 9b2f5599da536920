/** How much is tried: packs judged quickly, and packs forecast. */
export interface Effort {
  readonly packs: number;
  readonly forecasts: number;
}

/** What the app tries for one answer. */
export const USUAL_EFFORT: Effort = { packs: 24_000, forecasts: 480 };
