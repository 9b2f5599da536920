import type { Step } from '../step';

/** From version 4: the dividers of a filter that hangs in the tank may have an open top edge; nobody had entered one. */
export const toVersion5: Step = {
  filter: (doc) => ({ openEdge: null, ...doc }),
};
