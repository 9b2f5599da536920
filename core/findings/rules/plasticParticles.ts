import { sentence } from '../../units/sentence';
import { defineRule } from '../defineRule';
import { idsOf, namesInside } from '../words';

/**
 * Some keepers worry about particles from plastic media: said with both arguments, and left to them.
 *
 * @source common practice, no source
 */
export const plasticParticles = defineRule({
  id: 'plastic-particles',
  question: 'bacteria',
  levels: ['note'],
  judge: ({ inFlow }) => {
    const plastic = inFlow.filter(({ medium, role }) => medium.family === 'plastic' && role !== 'spacer');
    if (plastic.length === 0) return [];
    return [
      {
        level: 'note',
        effect: 0,
        title: sentence`Some media is plastic: ${namesInside(plastic)}.`,
        reason: sentence`Some keepers worry that plastic media sheds fine particles. Others point out that it does not move, and that foam and floss are plastic too. To avoid plastic, choose porous mineral.`,
        layers: idsOf(plastic),
      },
    ];
  },
});
