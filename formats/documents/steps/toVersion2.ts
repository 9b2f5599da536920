import { eachIn, isRaw, renamed, translated, type Step } from '../step';

const TREATMENTS = { swish: 'rinse', retire: 'replace in stages', discard: 'throw away' };

/**
 * From version 1: stages, fields and values take the names that stand on the screens. Packs written before visits
 * were planned get none.
 */
export const toVersion2: Step = {
  filter: (doc) => {
    const named = renamed(doc, 'printedTank', 'tankRating');
    return isRaw(named.spill)
      ? { ...named, spill: renamed(named.spill, 'sentRound', 'recirculated') }
      : named;
  },
  pack: (doc) => {
    const layers = eachIn(doc, 'layers', (layer) =>
      translated(
        renamed(
          renamed(renamed(layer, 'pressed', 'compressionRatio'), 'since', 'installedOn'),
          'fate',
          'treatment',
        ),
        'treatment',
        TREATMENTS,
      ),
    );
    const visited = 'visits' in layers ? layers : { ...layers, visits: [] };
    return eachIn(visited, 'visits', (visit) =>
      eachIn(visit, 'works', (work) => translated(work, 'work', TREATMENTS)),
    );
  },
  job: (doc) => translated(doc, 'stage', { layer: 'plan' }),
};
