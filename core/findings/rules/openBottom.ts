import { sentence } from '../../units/sentence';
import { emptyChambers } from '../emptyChambers';
import { defineRule } from '../defineRule';
import { idsOf } from '../words';

/**
 * The open space below the first foam, where heavy dirt is meant to settle.
 *
 * @source common practice, no source
 */
export const openBottom = defineRule({
  id: 'open-bottom',
  question: 'through',
  levels: ['note'],
  judge: (context) =>
    emptyChambers(context)
      .filter(({ place }) => place === 'settlement')
      .map(({ chamber, measure, inside }) => ({
        chamber: chamber.id,
        level: 'note',
        effect: 0,
        title: sentence`${chamber.name}: ${{ kind: 'length', si: measure.freeDepth }} of ${{ kind: 'length', si: measure.usableDepth }} open at the bottom.`,
        reason: sentence`This is fine here: heavy dirt settles in the open space below the first foam.`,
        layers: idsOf(inside),
      })),
});
