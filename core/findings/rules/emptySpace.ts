import { sentence } from '../../units/sentence';
import { sumOf } from '../../maths/sum';
import { emptyChambers } from '../emptyChambers';
import { defineRule } from '../defineRule';
import { idsOf } from '../words';

/** Share of a chamber's usable depth from which on free depth is wasted, and the same for a keeper who leaves room on purpose. */
const FREE_DEPTH_WASTED = 0.34;
const FREE_DEPTH_WASTED_LEAVING_ROOM = 0.5;

/**
 * Room that could hold media, and holds none.
 *
 * @source common practice, no source
 */
export const emptySpace = defineRule({
  id: 'empty-space',
  question: 'through',
  levels: ['check', 'note'],
  school: 'fullness',
  judge: (context) => {
    const room = sumOf(context.chambers, ({ measure }) => measure.volume);
    const wasted =
      context.schools.fullness === 'leave room' ? FREE_DEPTH_WASTED_LEAVING_ROOM : FREE_DEPTH_WASTED;
    return emptyChambers(context)
      .filter(({ place }) => place === 'media')
      .map(({ chamber, measure, inside }) => {
        const shifts = inside.some(
          ({ medium, layer }) => medium.supply === 'loose' && layer.holder === 'none',
        );
        return {
          chamber: chamber.id,
          level: measure.freeDepth / measure.usableDepth >= wasted ? 'check' : 'note',
          effect: measure.freeVolume / room,
          title: sentence`${chamber.name}: ${{ kind: 'length', si: measure.freeDepth }} of ${{ kind: 'length', si: measure.usableDepth }} empty.`,
          reason: sentence`There is space for ${{ kind: 'volume', si: measure.freeVolume }} more${shifts ? '. Loose media moves about when it has space, and water then goes around it' : ''}.`,
          layers: idsOf(inside),
        };
      });
  },
});
