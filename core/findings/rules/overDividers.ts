import { PASS_THROUGH_GOAL } from '../../practice/passThroughGoal';
import { sentence } from '../../units/sentence';
import { defineRule } from '../defineRule';
import { idsOf } from '../words';

/**
 * Dividers of a filter in the tank that end under its water: part of the water goes over the media.
 *
 * @source geometry
 */
export const overDividers = defineRule({
  id: 'over-dividers',
  question: 'through',
  levels: ['check'],
  judge: ({ filter: { openEdge, assumed }, water, inFlow }) => {
    if (openEdge === null || 1 - water.pastShare >= PASS_THROUGH_GOAL) return [];
    const said = assumed.includes('openEdge') ? 'The height of the dividers is assumed: measure it. ' : '';
    return [
      {
        level: 'check',
        effect: water.pastShare,
        title: sentence`${{ kind: 'share', si: water.pastShare }} of the water goes over the dividers and past all media.`,
        reason: sentence`${said}The dividers end ${{ kind: 'gap', si: openEdge.belowWater }} under the tank’s water. Raise them above the water, or keep the water ${{ kind: 'gap', si: openEdge.belowWater }} lower, so that all of it goes through the media.`,
        layers: idsOf(inFlow.filter(({ chamber }) => chamber.where === 'body')),
      },
    ];
  },
});
