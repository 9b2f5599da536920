import { isCanister, isHangOnBack, isInternal } from '../filter/kindFamily';
import { sentence } from '../units/sentence';
import { COMMON_PRACTICE, type StepContext, type StepRule } from './repackStep';

const canister = ({ filter }: StepContext): boolean => isCanister(filter.kind);
const hang = ({ filter }: StepContext): boolean => isHangOnBack(filter.kind);

/** What is done between the last layer and the plug. */
export const CLOSE_STEPS: readonly StepRule[] = [
  {
    key: 'grid',
    when: ({ filter }) => filter.equipment.includes('grid'),
    title: 'Lay the grid over the last tray',
    says: () => [sentence`Without it, media gets into the impeller.`],
    confirm: 'The grid is in',
    evidence: COMMON_PRACTICE,
  },
  {
    key: 'air bleed',
    when: ({ filter }) => filter.equipment.includes('air bleed'),
    title: 'Put the air-bleed tube in place',
    says: () => [sentence`Without it, air stays under the lid and rattles in the pump.`],
    evidence: COMMON_PRACTICE,
  },
  {
    key: 'small parts',
    title: 'Check for left-over parts',
    says: () => [sentence`No clips, seals, strainer or covers should be left on the towel.`],
    confirm: 'Nothing is left over',
    evidence: COMMON_PRACTICE,
  },
  {
    key: 'seal',
    when: canister,
    title: 'Clean the seal and grease it',
    says: () => [
      sentence`Wipe the seal and its groove clean of sand and hair. Apply a thin coat of silicone grease, nothing else. Lay the seal in without a twist.`,
    ],
    confirm: 'The seal lies flat',
    evidence: COMMON_PRACTICE,
  },
  {
    key: 'fill body',
    when: canister,
    title: 'Fill the filter with tank water',
    says: () => [
      sentence`Fill it up to the last tray. A pump that starts full runs quietly and never runs dry.`,
    ],
    cautions: ['dry'],
    confirm: 'The filter is full',
    evidence: COMMON_PRACTICE,
  },
  {
    key: 'lid, canister',
    when: canister,
    title: 'Close the lid without forcing it',
    says: () => [
      sentence`Press it straight down, then close the clips in opposite pairs. If it does not close, a tray is too full or not seated. Open it again and check.`,
    ],
    confirm: 'All clips are closed',
    evidence: COMMON_PRACTICE,
  },
  {
    key: 'body in place',
    when: canister,
    title: 'Stand the filter in a tub below the tank',
    says: () => [
      sentence`It must stand below the water level, because the pump needs the drop. Leave the tub there until you are sure nothing leaks.`,
    ],
    cautions: ['heavy'],
    evidence: COMMON_PRACTICE,
  },
  {
    key: 'hoses',
    when: ({ filter }) => filter.hoses !== null,
    title: 'Push both hoses on all the way',
    says: () => [
      sentence`Put the intake hose on “in” and the outlet hose on “out”. Swapped, the filter runs backwards. Tighten the collars by hand.`,
    ],
    confirm: 'Both hoses are on and not swapped',
    evidence: COMMON_PRACTICE,
  },
  {
    key: 'basket',
    when: hang,
    title: 'Check the top of the pack and put the lid on',
    says: () => [
      sentence`Keep the media below the fill limit. If the lid does not lie flat, the basket is too full.`,
    ],
    confirm: 'The lid lies flat',
    evidence: COMMON_PRACTICE,
  },
  {
    key: 'tube',
    when: hang,
    title: 'Push on the intake tube, wider end first',
    says: () => [sentence`Forced on the wrong way round, it cracks and draws in air.`],
    evidence: COMMON_PRACTICE,
  },
  {
    key: 'internal in',
    when: ({ filter }) => isInternal(filter.kind),
    title: 'Hang the filter back under water',
    says: () => [sentence`Check that the suction cups hold. Soften hard cups in hot water or replace them.`],
    evidence: COMMON_PRACTICE,
  },
  {
    key: 'intake guard',
    when: ({ filter }) => !isInternal(filter.kind),
    title: 'Fix the intake',
    says: (context) => [
      sentence`Fit the strainer or sponge a little above the substrate and check that the suction cups hold. If fish knock pipes off, put a guard or a stone in front.`,
      ...(context.filter.hoses === null
        ? []
        : [sentence`Check that the outlet and its spray bar are firm too.`]),
    ],
    evidence: COMMON_PRACTICE,
  },
];
