import { isCanister, isHangOnBack, isInternal } from '../filter/kindFamily';
import { sentence } from '../units/sentence';
import { TRADE, type StepContext, type StepRule } from './repackStep';

const canister = ({ filter }: StepContext): boolean => isCanister(filter.kind);
const hang = ({ filter }: StepContext): boolean => isHangOnBack(filter.kind);

/** What is done between the last layer and the plug. */
export const CLOSE_STEPS: readonly StepRule[] = [
  {
    key: 'grid',
    when: ({ filter }) => filter.equipment.includes('grid'),
    title: 'Lay the grid over the last tray',
    says: () => [sentence`Without it media gets into the impeller.`],
    confirm: 'The grid is in',
    evidence: TRADE,
  },
  {
    key: 'air bleed',
    when: ({ filter }) => filter.equipment.includes('air bleed'),
    title: 'Put the air-bleed tube in its place',
    says: () => [sentence`Without it air stays under the lid and rattles through the pump.`],
    evidence: TRADE,
  },
  {
    key: 'small parts',
    title: 'Count the small parts',
    says: () => [sentence`Nothing is left on the towel: clips, seals, strainer, covers.`],
    confirm: 'Nothing is left over',
    evidence: TRADE,
  },
  {
    key: 'seal',
    when: canister,
    title: 'Clean the seal and grease it',
    says: () => [
      sentence`Wipe seal and groove; no sand, no hair. A film of silicone grease, nothing else. Lay it in without a twist.`,
    ],
    confirm: 'The seal lies flat',
    evidence: TRADE,
  },
  {
    key: 'fill body',
    when: canister,
    title: 'Fill the body with tank water',
    says: () => [sentence`Up to the last tray: a pump that starts full runs quietly, and never runs dry.`],
    cautions: ['dry'],
    confirm: 'The body is full',
    evidence: TRADE,
  },
  {
    key: 'lid, canister',
    when: canister,
    title: 'Close the lid without force',
    says: () => [
      sentence`Straight down, then the clips, two that face each other at a time. A lid that does not close says that a tray is overfull or does not sit: open it again and look.`,
    ],
    confirm: 'All clips are shut',
    evidence: TRADE,
  },
  {
    key: 'body in place',
    when: canister,
    title: 'Stand the body in a tub below the tank',
    says: () => [
      sentence`Below the water, never beside it: the pump lives on the drop. The tub stays until no joint leaks.`,
    ],
    cautions: ['heavy'],
    evidence: TRADE,
  },
  {
    key: 'hoses',
    when: ({ filter }) => filter.hoses !== null,
    title: 'Push both hoses fully home',
    says: () => [
      sentence`Intake hose on “in”, outlet hose on “out”: swapped, the filter runs backwards. Collars snug, not forced.`,
    ],
    confirm: 'Both are home and not swapped',
    evidence: TRADE,
  },
  {
    key: 'basket',
    when: hang,
    title: 'Look at the top of the pack and lay the lid on',
    says: () => [
      sentence`Media stays below the stop. The lid lies flat: a lid that stands proud says that the basket is overfull.`,
    ],
    confirm: 'The lid lies flat',
    evidence: TRADE,
  },
  {
    key: 'tube',
    when: hang,
    title: 'Put the intake tube on by its wider end',
    says: () => [sentence`Forced on the wrong way it cracks and draws air.`],
    evidence: TRADE,
  },
  {
    key: 'internal in',
    when: ({ filter }) => isInternal(filter.kind),
    title: 'Hang the filter back under water',
    says: () => [sentence`The suction cups hold; cups that are hard are warmed in hot water or replaced.`],
    evidence: TRADE,
  },
  {
    key: 'intake guard',
    when: ({ filter }) => !isInternal(filter.kind),
    title: 'Fix the intake',
    says: (context) => [
      sentence`Strainer or sponge on, a little above the substrate, suction cups holding. Where fish knock pipes off, put a guard or a stone in front.`,
      ...(context.filter.hoses === null ? [] : [sentence`The outlet and its spray bar sit firm too.`]),
    ],
    evidence: TRADE,
  },
];
