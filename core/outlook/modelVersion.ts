/**
 * Version of the model by which outlooks are worked out. Raised with every change of the simulation or of learning that moves
 * a figure: stored outlooks of another version are worked out anew.
 */
export const MODEL_VERSION = 5;
