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
      title: sentence`Nothing catches dirt before the biological media.`,
      reason: sentence`All the silt goes into the pores and stays there. Put coarse foam first and finer foam after it.`,
      effect: 1,
      layers: idsOf(biological),
    },
  ];
};
