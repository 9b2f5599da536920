import { eachIn, isRaw, type Step } from '../step';

/** From version 3: a layer may be of a medium of one’s own, or a mixture; one more question among keepers. */
export const toVersion4: Step = {
  settings: (doc) => (isRaw(doc.schools) ? { ...doc, schools: { sizing: 'turnover', ...doc.schools } } : doc),
  pack: (doc) => eachIn(doc, 'layers', (layer) => ({ own: null, mix: null, ...layer })),
};
