import { sentence } from '../../units/sentence';
import { defineRule } from '../defineRule';
import { isMechanical } from '../../layers/layerRole';
import { idsOf } from '../words';

/**
 * Biological media with no foam or floss anywhere.
 *
 * @source common practice, no source
 */
export const nothingMechanical = defineRule({
  id: 'nothing-mechanical',
  question: 'through',
  levels: ['check'],
  isOfWholePack: true,
  judge: ({ inFlow }) => {
    const biological = inFlow.filter((placed) => placed.role === 'biological');
    if (biological.length === 0 || inFlow.some((placed) => isMechanical(placed.layer))) return [];
    return [
      {
        level: 'check',
        title: sentence`Nothing catches dirt before the biological media.`,
        reason: sentence`All the silt goes into the pores and stays there. Put coarse foam first and finer foam after it.`,
        effect: 1,
        layers: idsOf(biological),
      },
    ];
  },
});
