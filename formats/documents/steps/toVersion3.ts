import { eachIn, isRaw, type RawDocument, type Step } from '../step';

/** Questions among keepers that came with version 3, each with the position a keeper begins with. */
const NEW_SCHOOLS = {
  foamGrade: '30 ppi',
  foamCleaning: 'gently',
  rinseWater: 'tank water',
  zeolite: 'emergency',
  internalFoam: 'foam',
  tapWater: 'no carbon',
};

const withMissing = (doc: RawDocument, missing: RawDocument): RawDocument => ({ ...missing, ...doc });

/**
 * From version 2: a basket may have a second stop, an outlet may stand above the water, and a heater or lamp in the
 * body may cost flow; more questions among keepers.
 */
export const toVersion3: Step = {
  filter: (doc) =>
    eachIn(
      eachIn(withMissing(doc, { equipmentK: null }), 'chambers', (chamber) =>
        withMissing(chamber, { upperStop: null }),
      ),
      'outlets',
      (outlet) => withMissing(outlet, { aboveWater: 0 }),
    ),
  settings: (doc) => (isRaw(doc.schools) ? { ...doc, schools: withMissing(doc.schools, NEW_SCHOOLS) } : doc),
};
