import { sentence } from '../../units/sentence';
import { catalogueId } from '../../media/catalogueId';
import { defineRule } from '../defineRule';
import { upperFirst } from '../../units/firstLetter';
import { idsOf, nameInside, shareOfPack } from '../words';

/** Water before the wadding from which its fibres come loose, and from which they surely do, m/s (calibrated). */
const LOOSENING_VELOCITY = 0.005;
const LOOSE_VELOCITY = 0.015;

/**
 * Loose wadding with nothing after it that holds it back: the faster the water, the more of it is pulled through.
 *
 * @source common practice, no source
 */
export const looseWadding = defineRule({
  id: 'loose-wadding',
  question: 'through',
  levels: ['check', 'note'],
  judge: ({ filter, inFlow, flowOf }) => {
    if (filter.equipment.includes('grid')) return [];
    const index = inFlow.findIndex((placed) => catalogueId(placed.medium) === 'floss-loose');
    const wadding = inFlow[index];
    if (wadding === undefined) return [];
    if (inFlow.slice(index + 1).some((placed) => placed.medium.supply !== 'loose')) return [];
    const speed = flowOf(wadding).faceVelocity;
    if (speed < LOOSENING_VELOCITY) return [];
    return [
      {
        level: speed >= LOOSE_VELOCITY ? 'check' : 'note',
        effect: Math.min(1, speed / LOOSE_VELOCITY) * shareOfPack(inFlow, [wadding]),
        title: sentence`${upperFirst(nameInside(wadding))} has no pad or grid after it, and the water reaches it at ${{ kind: 'speed', si: speed }}.`,
        reason: sentence`Fast water pulls loose fibres into the impeller. Use a bonded pad, or put foam after it.`,
        layers: idsOf([wadding]),
      },
    ];
  },
});
