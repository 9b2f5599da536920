import { isCanister, isHangOnBack, isInternal } from '../filter/kindFamily';
import { isPrefilter } from '../filter/isPrefilter';
import { sentence } from '../units/sentence';
import { bodyMass } from './bodyMass';
import { TRADE, type StepContext, type StepRule } from './repackStep';

const isClosed = ({ isOpen, firstPack }: StepContext): boolean => !isOpen && !firstPack;

/** How a stopped filter is opened and emptied. */
export const OPEN_STEPS: readonly StepRule[] = [
  {
    key: 'lift body',
    when: (context) => isClosed(context) && isCanister(context.filter.kind),
    title: 'Lift the body into the tub',
    says: ({ filter }) => [
      sentence`Both hands under its bottom: not by the head, the hoses or the clips.`,
      sentence`Full it weighs more than ${{ kind: 'mass', si: bodyMass(filter) }}.`,
    ],
    cautions: ['heavy'],
    confirm: 'The body stands in the tub',
    evidence: TRADE,
  },
  {
    key: 'prefilter out',
    when: (context) =>
      isClosed(context) && context.filter.chambers.some((chamber) => isPrefilter(context.filter, chamber)),
    title: 'Pull the prefilter out',
    says: () => [sentence`It comes out without opening the body.`],
    evidence: TRADE,
  },
  {
    key: 'head off',
    when: (context) => isClosed(context) && isCanister(context.filter.kind),
    title: 'Open the clips and lift the head straight up',
    says: () => [
      sentence`Clips that face each other, two at a time. A head that sticks is turned a little, never levered.`,
    ],
    evidence: TRADE,
  },
  {
    key: 'drain',
    when: (context) => isClosed(context) && isCanister(context.filter.kind),
    title: 'Pour the water off',
    says: () => [
      sentence`Into the bucket, as far as it is clear: water to rinse media in. The muck at the bottom goes away.`,
    ],
    evidence: TRADE,
  },
  {
    key: 'lid off',
    when: (context) => isClosed(context) && isHangOnBack(context.filter.kind),
    title: 'Take the lid off and lift the media out',
    says: ({ filter }) =>
      filter.kind === 'hang-on-back-basket'
        ? [
            sentence`Spread the sides of the basket before lifting: moulded fins tear bags, and an open-sided basket pours loose media out.`,
          ]
        : [sentence`Lift each cartridge straight up, so that its dirt stays on it.`],
    cautions: ['fins'],
    evidence: TRADE,
  },
  {
    key: 'inside open',
    when: (context) => isClosed(context) && isInternal(context.filter.kind),
    title: 'Carry the filter to the sink and take the media out',
    evidence: TRADE,
  },
  {
    key: 'keep wet',
    when: (context) => context.hasMature && !context.isOpen,
    title: 'Mature media into old tank water',
    says: () => [
      sentence`Under water, and back in flow within the hour. In another running filter it can wait for days.`,
      sentence`Rinse and squeeze what the plan says in that water, never under the tap.`,
    ],
    cautions: ['chlorine'],
    confirm: 'The mature media are under water',
    evidence: TRADE,
  },
];
