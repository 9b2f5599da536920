import { sentence } from '../../units/sentence';
import { defineRule } from '../defineRule';

/** Least height of the tank's water above a canister's lid, m, from which it fills and primes by itself (common practice, no source). */
const MIN_DROP = 0.2;

/**
 * A canister works by the drop from the tank: it stands well below the water, never beside it.
 *
 * @source common practice, no source
 */
export const standsBeside = defineRule({
  id: 'stands-beside',
  question: 'through',
  levels: ['check'],
  judge: ({ filter: { hoses } }) => {
    if (hoses === null || hoses.height >= MIN_DROP) return [];
    return [
      {
        level: 'check',
        effect: 0.5,
        title: sentence`The tank’s water is only ${{ kind: 'run', si: hoses.height }} above the filter.`,
        reason: sentence`The filter needs a drop to fill, or air stays trapped in it. Stand it at least ${{ kind: 'run', si: MIN_DROP }} below the water.`,
        layers: [],
      },
    ];
  },
});
