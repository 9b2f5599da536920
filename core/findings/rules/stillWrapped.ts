import { sentence } from '../../units/sentence';
import { defineRule } from '../defineRule';
import { upperFirst } from '../../units/firstLetter';
import { idsOf, nameInside, shareOfPack } from '../words';

/**
 * Media still in its plastic packing.
 *
 * @urgent always: no water gets through the wrapper
 * @source common practice, no source
 */
export const stillWrapped = defineRule({
  id: 'still-wrapped',
  question: 'through',
  levels: ['urgent'],
  judge: ({ inFlow }) =>
    inFlow
      .filter((placed) => placed.layer.holder === 'wrapper')
      .map((placed) => ({
        level: 'urgent' as const,
        title: sentence`${upperFirst(nameInside(placed))} is still in its plastic wrapper.`,
        reason: sentence`No water can get through the wrapper. Take off the plastic, but leave the media in its mesh bag.`,
        effect: shareOfPack(inFlow, [placed]),
        layers: idsOf([placed]),
        remedy: {
          label: 'Take it out of the wrapper',
          edit: { type: 'set' as const, layerId: placed.layer.id, change: { holder: 'bag' as const } },
        },
      })),
});
