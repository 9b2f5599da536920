import { sentence } from '../../units/sentence';
import { defineRule } from '../defineRule';
import { hasBiologicalMedia } from '../hasBiologicalMedia';
import { idsOf } from '../words';

/**
 * A disposable cartridge does everything, and its bacteria are thrown away with it.
 *
 * @source common practice, no source
 */
export const cartridgeOnly = defineRule({
  id: 'cartridge-only',
  question: 'bacteria',
  levels: ['check', 'note'],
  school: 'cartridges',
  isOfWholePack: true,
  judge: ({ inFlow, schools }) => {
    const cartridges = inFlow.filter((placed) => placed.medium.family === 'cartridge');
    if (cartridges.length === 0 || hasBiologicalMedia(inFlow)) return [];
    return [
      {
        level: schools.cartridges === 'rotate' ? 'note' : 'check',
        effect: 1,
        title: sentence`One disposable cartridge does everything.`,
        reason: sentence`When you change it, you throw the bacteria away. Fit cut foam instead, or put a bag of biological media beside it.`,
        layers: idsOf(cartridges),
      },
    ];
  },
});
