import { sentence } from '../../units/sentence';
import { defineRule } from '../defineRule';
import { idsOf, shareOfPack } from '../words';

/**
 * A top tray of a down-flow body found full: its muck may have slipped down the sides into the trays below.
 *
 * @source common practice, no source
 */
export const fullTopTray = defineRule({
  id: 'full-top-tray',
  question: 'clogs',
  levels: ['check'],
  judge: ({ filter, inFlow }) => {
    const top = filter.chambers.find(({ where }) => where === 'body');
    if (filter.kind !== 'canister-down-flow' || top === undefined) return [];
    const full = inFlow.filter(
      ({ chamber, layer }) => chamber === top && (layer.dirt === 'loaded' || layer.dirt === 'blocked'),
    );
    if (full.length === 0) return [];
    return [
      {
        level: 'check',
        effect: shareOfPack(inFlow, full),
        title: sentence`${top.name} was full of dirt.`,
        reason: sentence`In this filter the water comes in at the top, and dirt slips past a full tray into the trays below. Look for a dirt track down the walls, and check the media there.`,
        layers: idsOf(full),
      },
    ];
  },
});
