import { eachIn, type Step } from '../step';

/** From version 3: a layer may be of a medium of one’s own, or a mixture. */
export const toVersion4: Step = {
  pack: (doc) => eachIn(doc, 'layers', (layer) => ({ own: null, mix: null, ...layer })),
};
