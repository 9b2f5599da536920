/** From this share of the water on, a piece is flowed through well enough, gap or not (calibrated). */
export const PASS_THROUGH_GOAL = 0.9;
