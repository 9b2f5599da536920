import { sentence } from '../../units/sentence';
import type { Rule } from '../finding';
import { isMechanical } from '../../layers/layerRole';
import { idsOf } from './words';

/** Biological media with no foam or floss anywhere. */
export const nothingMechanical: Rule = ({ inFlow }) => {
  const biological = inFlow.filter((placed) => placed.role === 'biological');
  if (biological.length === 0 || inFlow.some((placed) => isMechanical(placed.layer))) return [];
  return [
    {
      rule: 'nothing-mechanical',
      level: 'check',
      title: sentence`Nothing catches dirt ahead of the biological media.`,
      reason: sentence`All the silt goes into their pores, and media that cannot be squeezed stays silted. Put a coarse foam first, finer ones after it.`,
      effect: 1,
      layers: idsOf(biological),
    },
  ];
};
