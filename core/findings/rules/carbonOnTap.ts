import { sentence } from '../../units/sentence';
import type { Rule } from '../finding';
import { idsOf } from './words';

/** Carbon in the filter of a keeper who runs the tap water through carbon: the same work twice. */
export const carbonOnTap: Rule = ({ inFlow, schools }) => {
  const carbon = inFlow.filter((placed) => placed.medium.family === 'carbon');
  if (carbon.length === 0 || schools.tapWater !== 'carbon') return [];
  const volume = carbon.reduce((sum, { measure }) => sum + measure.volume, 0);
  return [
    {
      rule: 'carbon-on-tap',
      level: 'note',
      effect: 0,
      title: sentence`Carbon is in the filter, and your choice is carbon on the tap water.`,
      reason: sentence`Chlorine never reaches this filter then: the carbon here takes only tint and smell, and ${{ kind: 'volume', si: volume }} of room. Keep it for medicine or new wood, or give its room to biological media.`,
      school: 'tapWater',
      layers: idsOf(carbon),
    },
  ];
};
