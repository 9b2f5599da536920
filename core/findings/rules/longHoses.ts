import { sentence } from '../../units/sentence';
import { defineRule } from '../defineRule';

/** What the two hoses need beyond twice the height of the run, m: over the rim, across the cabinet (common practice, no source). */
const ALLOWANCE = 2.4;

/**
 * Hoses are kept short: every metre costs flow, and grows a film.
 *
 * @source common practice, no source; friction from `hoseHead.ts`
 */
export const longHoses = defineRule({
  id: 'long-hoses',
  question: 'through',
  levels: ['note'],
  judge: ({ filter: { hoses } }) => {
    if (hoses === null) return [];
    const length = hoses.intake + hoses.outlet;
    const enough = 2 * Math.max(0, hoses.height) + ALLOWANCE;
    if (length <= enough) return [];
    return [
      {
        level: 'note',
        effect: 1 - enough / length,
        title: sentence`The hoses are ${{ kind: 'run', si: length }} long; about ${{ kind: 'run', si: enough }} would be enough.`,
        reason: sentence`Every metre slows the flow, and more so as slime grows inside. Shorten them.`,
        layers: [],
      },
    ];
  },
});
