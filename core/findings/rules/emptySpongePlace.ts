import { sentence } from '../../units/sentence';
import { emptyChambers } from '../emptyChambers';
import { defineRule } from '../defineRule';

/**
 * A place for a sponge on the intake that holds none.
 *
 * @source common practice, no source
 */
export const emptySpongePlace = defineRule({
  id: 'empty-sponge-place',
  question: 'through',
  levels: ['note'],
  judge: (context) =>
    emptyChambers(context)
      .filter(({ place }) => place === 'intake sponge')
      .map(({ chamber }) => ({
        chamber: chamber.id,
        level: 'note',
        effect: 0,
        title: sentence`No sponge is on the intake.`,
        reason: sentence`There is a place for one: add its foam, or remove the place under Measure.`,
        layers: [],
      })),
});
