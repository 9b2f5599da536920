import { isCanister, isHangOnBack, isInternal } from '../filter/kindFamily';
import { upperFirst } from '../units/firstLetter';
import { joined } from '../units/joined';
import { sentence } from '../units/sentence';
import { COMMON_PRACTICE, type StepContext, type StepRule } from './repackStep';

const kindOf = ({ filter }: StepContext) => filter.kind;

/** What is cleaned and looked at while the body is empty. */
export const BODY_STEPS: readonly StepRule[] = [
  {
    key: 'rinse body',
    when: ({ firstPack }) => !firstPack,
    title: 'Rinse the filter body',
    says: (context) => [
      sentence`Use water only, no soap. Wipe the walls and grooves.`,
      ...(context.filter.hoses === null
        ? []
        : [sentence`Pull a brush through the hoses. The brown slime inside slows the flow.`]),
    ],
    evidence: COMMON_PRACTICE,
  },
  {
    key: 'packing off',
    when: ({ firstPack }) => firstPack,
    title: 'Remove all packing material',
    says: (context) => [
      sentence`Look under and inside the trays. Take out any foam or card that holds the impeller.`,
      sentence`Take media out of its plastic, but leave it in its mesh bag.`,
      ...(isHangOnBack(kindOf(context))
        ? [sentence`Find the levelling foot and the extension tubes, loose in the box.`]
        : []),
    ],
    confirm: 'All packing is out',
    evidence: COMMON_PRACTICE,
  },
  {
    key: 'impeller, canister',
    when: (context) => isCanister(kindOf(context)),
    title: 'Turn the impeller with a finger',
    says: () => [
      sentence`It is in the filter head, under a cover that turns. Wipe the impeller and its well. Remove snails and grit.`,
      sentence`It must turn freely and spring back, because a magnet holds it. Do not bend a ceramic shaft: it breaks.`,
    ],
    confirm: 'The impeller turns freely',
    evidence: COMMON_PRACTICE,
  },
  {
    key: 'impeller, hang-on-back',
    when: (context) => isHangOnBack(kindOf(context)),
    title: 'Turn the impeller with a finger',
    says: () => [
      sentence`It is in the well under the intake tube. Lift it out from above. Wipe the impeller and its well.`,
      sentence`It must turn freely.`,
    ],
    cautions: ['motor'],
    confirm: 'The impeller turns freely',
    evidence: COMMON_PRACTICE,
  },
  {
    key: 'motor seal',
    when: (context) => isHangOnBack(kindOf(context)),
    title: 'Check the seal between motor and body',
    says: () => [
      sentence`It must be soft, in its groove and not pinched, with the motor turned until it locks. Leaks are common here: water drips down the outside of the tank.`,
    ],
    confirm: 'The seal is good',
    evidence: COMMON_PRACTICE,
  },
  {
    key: 'impeller, internal',
    when: (context) => isInternal(kindOf(context)),
    title: 'Turn the impeller with a finger',
    says: () => [
      sentence`It is under the small cover of the motor. Wipe the impeller and its well. It must turn freely.`,
    ],
    confirm: 'The impeller turns freely',
    evidence: COMMON_PRACTICE,
  },
  {
    key: 'impeller, other',
    when: (context) => kindOf(context) === 'composed',
    title: 'Turn the impeller with a finger',
    says: () => [sentence`Wipe the impeller and its well. It must turn freely.`],
    confirm: 'The impeller turns freely',
    evidence: COMMON_PRACTICE,
  },
  {
    key: 'parts',
    when: ({ replace }) => replace.length > 0,
    title: 'Replace what is worn or missing',
    says: ({ replace }) => [sentence`${upperFirst(joined(replace))}.`],
    confirm: 'They are replaced',
    evidence: COMMON_PRACTICE,
  },
  {
    key: 'foot',
    when: ({ footMissing }) => footMissing,
    title: 'Fit the levelling foot',
    says: () => [
      sentence`It is missing: without it the body leans back and spills over its back rim. If you have none, wedge the body level and skip this step.`,
    ],
    confirm: 'The foot is in',
    evidence: COMMON_PRACTICE,
  },
  {
    key: 'level',
    when: ({ filter }) => isHangOnBack(filter.kind),
    title: ({ filter }) =>
      filter.spill?.foot === 'in'
        ? 'Fit the levelling foot and hang the filter level'
        : 'Hang the filter level',
    says: () => [
      sentence`Lay a spirit level across the rim, side to side and front to back. A filter that leans back spills over its back rim.`,
    ],
    confirm: 'The filter is level',
    evidence: COMMON_PRACTICE,
  },
];
