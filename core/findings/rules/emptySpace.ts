import { isSettlementPlace } from '@/core/filter/settlementPlace';
import { sentence } from '../../units/sentence';
import type { Finding, Rule, RuleContext } from '../finding';
import type { Chamber } from '../../filter/filter';
import { isMechanical } from '../../layers/layerRole';
import { sumOf } from '../../maths/sum';

/** Share of a chamber's usable depth that may stay free without a word: room for service and for the level to rise. */
const FREE_DEPTH_UNMENTIONED = 0.12;
/** From this share on, room is wasted. */
const FREE_DEPTH_WASTED = 0.34;

/** The same for a keeper who leaves room on purpose. */
const FREE_DEPTH_WASTED_LEAVING_ROOM = 0.5;

/** Room that holds no media, unless it is the open bottom where dirt is meant to settle. */
export const emptySpace: Rule = (context) => {
  const room = sumOf(context.chambers, ({ measure }) => measure.volume);
  const wasted =
    context.schools.fullness === 'leave room' ? FREE_DEPTH_WASTED_LEAVING_ROOM : FREE_DEPTH_WASTED;
  return context.chambers.flatMap(({ chamber, measure }): Finding[] => {
    const share = measure.freeDepth / measure.usableDepth;
    if (share <= FREE_DEPTH_UNMENTIONED || !context.isReached(chamber)) return [];
    const free = sentence`${{ kind: 'length', si: measure.freeDepth }} of ${{ kind: 'length', si: measure.usableDepth }}`;
    const layers = context.inFlow
      .filter((placed) => placed.chamber.id === chamber.id)
      .map((placed) => placed.layer.id);
    if (isSettlementSpace(context, chamber))
      return [
        {
          rule: 'empty-space',
          chamber: chamber.id,
          level: 'note' as const,
          effect: 0,
          title: sentence`${chamber.name}: ${free} open at the bottom.`,
          reason: sentence`This is fine here: heavy dirt settles in the open space below the first foam.`,
          layers,
        },
      ];
    const inside = context.inFlow.filter((placed) => placed.chamber === chamber);
    if (inside.length === 0 && chamber.where === 'intake')
      return [
        {
          rule: 'empty-space',
          chamber: chamber.id,
          level: 'note' as const,
          effect: 0,
          title: sentence`No sponge is on the intake.`,
          reason: sentence`There is a place for one: add its foam, or remove the place under Measure.`,
          layers,
        },
      ];
    if (inside.length === 0 && isCartridgeWell(context, chamber))
      return [
        {
          rule: 'empty-space',
          chamber: chamber.id,
          level: 'note' as const,
          effect: 0,
          title: sentence`${chamber.name} is empty.`,
          reason: sentence`You can put a floss pad here and change it often, so that the cartridges last longer. Leaving it empty does no harm.`,
          layers,
        },
      ];
    const shifts = inside.some(({ medium, layer }) => medium.supply === 'loose' && layer.holder === 'none');
    return [
      {
        rule: 'empty-space',
        chamber: chamber.id,
        level: share >= wasted ? ('check' as const) : ('note' as const),
        school: 'fullness' as const,
        effect: measure.freeVolume / room,
        title: sentence`${chamber.name}: ${free} empty.`,
        reason: sentence`There is space for ${{ kind: 'volume', si: measure.freeVolume }} more${shifts ? '. Loose media moves about when it has space, and water then goes around it' : ''}.`,
        layers,
      },
    ];
  });
};

function isSettlementSpace({ filter, inFlow }: RuleContext, chamber: Chamber): boolean {
  return (
    isSettlementPlace(filter, chamber) &&
    !inFlow.some((placed) => placed.chamber === chamber && isMechanical(placed.layer))
  );
}

/** The well that the water comes into before the first cartridge. */
const isCartridgeWell = ({ filter }: RuleContext, chamber: Chamber): boolean =>
  filter.kind === 'hang-on-back-cartridge' && filter.chambers[0] === chamber && filter.chambers.length > 1;
