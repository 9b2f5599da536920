import { isCanister, isHangOnBack, isInternal } from '../filter/kindFamily';
import { upperFirst } from '../units/firstLetter';
import { joined } from '../units/joined';
import { sentence } from '../units/sentence';
import { TRADE, type StepContext, type StepRule } from './repackStep';

const kindOf = ({ filter }: StepContext) => filter.kind;

/** What is cleaned and looked at while the body is empty. */
export const BODY_STEPS: readonly StepRule[] = [
  {
    key: 'rinse body',
    when: ({ firstPack }) => !firstPack,
    title: 'Rinse the body',
    says: (context) => [
      sentence`Water alone, no soap. Wipe the walls and the grooves.`,
      ...(context.filter.hoses === null
        ? []
        : [sentence`Pull a brush through the hoses: the brown film inside costs flow.`]),
    ],
    evidence: TRADE,
  },
  {
    key: 'packing off',
    when: ({ firstPack }) => firstPack,
    title: 'Take out everything that is packing',
    says: (context) => [
      sentence`Look under and inside the trays, and for a piece of foam or card that holds the impeller.`,
      sentence`Media out of its plastic; what lies in a mesh stays in the mesh.`,
      ...(isHangOnBack(kindOf(context))
        ? [sentence`The levelling foot and the extension tubes lie loose in the box.`]
        : []),
    ],
    confirm: 'No packing is left',
    evidence: TRADE,
  },
  {
    key: 'impeller, canister',
    when: (context) => isCanister(kindOf(context)),
    title: 'Turn the impeller with a finger',
    says: () => [
      sentence`It sits in the head, under a cover that turns. Wipe impeller and well; snails and grit out.`,
      sentence`It must turn freely and spring back: a magnet holds it. A ceramic shaft breaks if it is bent.`,
    ],
    confirm: 'The impeller turns freely',
    evidence: TRADE,
  },
  {
    key: 'impeller, hang-on-back',
    when: (context) => isHangOnBack(kindOf(context)),
    title: 'Turn the impeller with a finger',
    says: () => [
      sentence`It stands in the well under the intake tube and lifts out from above. Wipe impeller and well.`,
      sentence`It must turn freely.`,
    ],
    cautions: ['motor'],
    confirm: 'The impeller turns freely',
    evidence: TRADE,
  },
  {
    key: 'motor seal',
    when: (context) => isHangOnBack(kindOf(context)),
    title: 'Look at the seal between motor and body',
    says: () => [
      sentence`Soft, in its groove, not pinched, the motor turned home. A known leak: it drips down outside the tank.`,
    ],
    confirm: 'The seal is good',
    evidence: TRADE,
  },
  {
    key: 'impeller, internal',
    when: (context) => isInternal(kindOf(context)),
    title: 'Turn the impeller with a finger',
    says: () => [
      sentence`It sits under the small cover of the motor. Wipe impeller and well; it must turn freely.`,
    ],
    confirm: 'The impeller turns freely',
    evidence: TRADE,
  },
  {
    key: 'impeller, other',
    when: (context) => kindOf(context) === 'composed',
    title: 'Turn the impeller with a finger',
    says: () => [sentence`Wipe impeller and well; it must turn freely.`],
    confirm: 'The impeller turns freely',
    evidence: TRADE,
  },
  {
    key: 'parts',
    when: ({ replace }) => replace.length > 0,
    title: 'Replace what is worn or missing',
    says: ({ replace }) => [sentence`${upperFirst(joined(replace))}.`],
    confirm: 'They are replaced',
    evidence: TRADE,
  },
  {
    key: 'foot',
    when: ({ footMissing }) => footMissing,
    title: 'Fit the levelling foot',
    says: () => [
      sentence`It is missing: without it the body leans back and spills over its back rim. If you have none, wedge the body level and skip this step.`,
    ],
    confirm: 'The foot is in',
    evidence: TRADE,
  },
  {
    key: 'level',
    when: ({ filter }) => isHangOnBack(filter.kind),
    title: ({ filter }) =>
      filter.spill?.foot === 'in'
        ? 'Put the levelling foot in, and hang the body level'
        : 'Hang the body level',
    says: () => [
      sentence`Lay a level across the rim, side to side and front to back. A body that leans back spills over its back rim.`,
    ],
    confirm: 'The body hangs level',
    evidence: TRADE,
  },
];
