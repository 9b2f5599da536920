import { sentence } from '../../units/sentence';
import type { Rule } from '../finding';
import { idsOf, upperFirst, nameInside, shareOfPack } from './words';

/** Label flow from which a pump pulls loose fibres through, m³/s (calibrated: 800 L/h). */
const STRONG_PUMP = 800e-3 / 3600;

/** Loose wadding with nothing after it that holds it back: a strong pump pulls it through. */
export const looseWadding: Rule = ({ filter, inFlow }) => {
  if (filter.labelFlow < STRONG_PUMP || filter.equipment.includes('grid')) return [];
  const index = inFlow.findIndex((placed) => placed.medium.id === 'floss-loose');
  const wadding = inFlow[index];
  if (wadding === undefined) return [];
  if (inFlow.slice(index + 1).some((placed) => placed.medium.supply === 'sheet')) return [];
  return [
    {
      rule: 'loose-wadding',
      level: 'check',
      effect: shareOfPack(inFlow, [wadding]),
      title: sentence`${upperFirst(nameInside(wadding))} ahead of a pump of ${{ kind: 'flow', si: filter.labelFlow }}, with no pad or grid between.`,
      reason: sentence`A strong pump pulls loose fibres through and into the impeller. Use a bonded pad there, or put a foam after it.`,
      layers: idsOf([wadding]),
    },
  ];
};
