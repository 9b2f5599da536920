import { sentence } from '../../units/sentence';
import { emptyChambers } from '../emptyChambers';
import { defineRule } from '../defineRule';

/**
 * The well before the first cartridge holds nothing.
 *
 * @source common practice, no source
 */
export const emptyWell = defineRule({
  id: 'empty-well',
  question: 'through',
  levels: ['note'],
  judge: (context) =>
    emptyChambers(context)
      .filter(({ place }) => place === 'cartridge well')
      .map(({ chamber }) => ({
        chamber: chamber.id,
        level: 'note',
        effect: 0,
        title: sentence`${chamber.name} is empty.`,
        reason: sentence`You can put a floss pad here and change it often, so that the cartridges last longer. Leaving it empty does no harm.`,
        layers: [],
      })),
});
