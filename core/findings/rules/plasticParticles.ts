import { sentence } from '../../units/sentence';
import type { Rule } from '../finding';
import { idsOf, namesInside } from './words';

/** Some keepers worry about particles from plastic media: said with both arguments, and left to them. */
export const plasticParticles: Rule = ({ inFlow }) => {
  const plastic = inFlow.filter(({ medium, role }) => medium.family === 'plastic' && role !== 'spacer');
  if (plastic.length === 0) return [];
  return [
    {
      rule: 'plastic-particles',
      level: 'note',
      effect: 0,
      title: sentence`Made of plastic: ${namesInside(plastic)}.`,
      reason: sentence`Some keepers worry that plastic media sheds fine particles. Others answer that it lies still under its film, and that foam and floss are plastic too. Nothing here counts on either: porous mineral is the choice without it.`,
      layers: idsOf(plastic),
    },
  ];
};
