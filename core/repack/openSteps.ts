import { isCanister, isHangOnBack, isInternal } from '../filter/kindFamily';
import { isPrefilter } from '../filter/isPrefilter';
import { sentence } from '../units/sentence';
import { bodyMass } from './bodyMass';
import { COMMON_PRACTICE, type StepContext, type StepRule } from './repackStep';

const isClosed = ({ isOpen, firstPack }: StepContext): boolean => !isOpen && !firstPack;

/** How a stopped filter is opened and emptied. */
export const OPEN_STEPS: readonly StepRule[] = [
  {
    key: 'lift body',
    when: (context) => isClosed(context) && isCanister(context.filter.kind),
    title: 'Lift the filter into the tub',
    says: ({ filter }) => [
      sentence`Put both hands under it. Do not lift it by the head, the hoses or the clips.`,
      sentence`It weighs more than ${{ kind: 'mass', si: bodyMass(filter) }} when full.`,
    ],
    cautions: ['heavy'],
    confirm: 'The filter is in the tub',
    evidence: COMMON_PRACTICE,
  },
  {
    key: 'prefilter out',
    when: (context) =>
      isClosed(context) && context.filter.chambers.some((chamber) => isPrefilter(context.filter, chamber)),
    title: 'Pull the prefilter out',
    says: () => [sentence`It comes out without opening the filter.`],
    evidence: COMMON_PRACTICE,
  },
  {
    key: 'head off',
    when: (context) => isClosed(context) && isCanister(context.filter.kind),
    title: 'Open the clips and lift the head straight up',
    says: () => [
      sentence`Open the clips in opposite pairs. If the head sticks, twist it a little. Never lever it off.`,
    ],
    evidence: COMMON_PRACTICE,
  },
  {
    key: 'drain',
    when: (context) => isClosed(context) && isCanister(context.filter.kind),
    title: 'Pour the water out',
    says: () => [
      sentence`Pour the clear water into the bucket: you can rinse media in it. Throw away the dirty water at the bottom.`,
    ],
    evidence: COMMON_PRACTICE,
  },
  {
    key: 'lid off',
    when: (context) => isClosed(context) && isHangOnBack(context.filter.kind),
    title: 'Take the lid off and lift the media out',
    says: ({ filter }) =>
      filter.kind === 'hang-on-back-basket'
        ? [
            sentence`Spread the sides of the basket before you lift. Moulded fins tear bags, and loose media falls out of an open-sided basket.`,
          ]
        : [sentence`Lift each cartridge straight up, so that its dirt stays on it.`],
    cautions: ['fins'],
    evidence: COMMON_PRACTICE,
  },
  {
    key: 'inside open',
    when: (context) => isClosed(context) && isInternal(context.filter.kind),
    title: 'Carry the filter to the sink and take the media out',
    evidence: COMMON_PRACTICE,
  },
  {
    key: 'keep wet',
    when: (context) => context.hasMature && !context.isOpen,
    title: 'Put mature media into old tank water',
    says: () => [
      sentence`Keep it under water and have it back in a running filter within the hour. In another running filter it can wait for days.`,
      sentence`Rinse or squeeze the layers the plan names in that water, never under the tap.`,
    ],
    cautions: ['chlorine'],
    confirm: 'The mature media is under water',
    evidence: COMMON_PRACTICE,
  },
];
