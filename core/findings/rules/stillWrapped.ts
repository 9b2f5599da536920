import { sentence } from '../../units/sentence';
import type { Rule } from '../finding';
import { upperFirst } from '../../units/firstLetter';
import { idsOf, nameInside, shareOfPack } from './words';

/** Media still in its plastic packing. */
export const stillWrapped: Rule = ({ inFlow }) =>
  inFlow
    .filter((placed) => placed.layer.holder === 'wrapper')
    .map((placed) => ({
      rule: 'still-wrapped',
      level: 'urgent' as const,
      title: sentence`${upperFirst(nameInside(placed))} is still in its plastic wrapper.`,
      reason: sentence`No water can get through the wrapper. Take off the plastic, but leave the media in its mesh bag.`,
      effect: shareOfPack(inFlow, [placed]),
      layers: idsOf([placed]),
      remedy: {
        label: 'Take it out of the wrapper',
        edit: { type: 'set' as const, layerId: placed.layer.id, change: { holder: 'bag' as const } },
      },
    }));
