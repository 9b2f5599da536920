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
      reason: sentence`No water goes through the wrapper. Take it out of the plastic and leave it in the mesh.`,
      effect: shareOfPack(inFlow, [placed]),
      layers: idsOf([placed]),
      remedy: {
        label: 'Take it out of the wrapper',
        edit: { type: 'set' as const, layerId: placed.layer.id, change: { holder: 'bag' as const } },
      },
    }));
