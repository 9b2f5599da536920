import { isHangOnBack } from '@/core/filter/kindFamily';
import { sentence } from '../../units/sentence';
import { defineRule } from '../defineRule';
import { upperFirst } from '../../units/firstLetter';
import { idsOf, namesInside, shareOfPack, verb } from '../words';

/**
 * Layers found blocked: no water went through them any more.
 *
 * @source common practice, no source
 */
export const blockedLayer = defineRule({
  id: 'blocked-layer',
  question: 'clogs',
  levels: ['check'],
  judge: ({ filter, inFlow }) => {
    const blocked = inFlow.filter((placed) => placed.layer.dirt === 'blocked');
    if (blocked.length === 0) return [];
    return [
      {
        level: 'check',
        effect: shareOfPack(inFlow, blocked),
        title: sentence`${upperFirst(namesInside(blocked))} ${verb(blocked.length, 'was', 'were')} blocked.`,
        reason: isHangOnBack(filter.kind)
          ? sentence`The water rose in front of it and went over the pack or over the back rim. Next time, clean it sooner.`
          : sentence`The water went around it or stopped. Next time, clean it sooner.`,
        layers: idsOf(blocked),
      },
    ];
  },
});
