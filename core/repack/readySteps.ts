import { isCanister } from '../filter/kindFamily';
import { joined } from '../units/joined';
import { sentence } from '../units/sentence';
import { COMMON_PRACTICE, type StepRule } from './repackStep';

/** What lies at hand before the water is stopped. */
export const READY_STEPS: readonly StepRule[] = [
  {
    key: 'mature leaves',
    when: ({ matureLeaves }) => matureLeaves !== null,
    title: 'Few bacteria will be left',
    says: ({ matureLeaves }) => (matureLeaves === null ? [] : [matureLeaves.title, matureLeaves.reason]),
    cautions: ['animals'],
    confirm: 'I accept this risk',
    evidence: `${COMMON_PRACTICE}; figures: core/findings/rules/mostMatureLeaves.ts`,
  },
  {
    key: 'new tank',
    when: ({ newTank }) => newTank !== null,
    title: 'A new tank: no bacteria live in it yet',
    says: ({ newTank }) => (newTank === null ? [] : [newTank]),
    cautions: ['animals'],
    confirm: 'I know what to expect',
    evidence: `${COMMON_PRACTICE}; days: core/report/newTankCourse.ts`,
  },
  {
    key: 'prepared',
    when: ({ unprepared }) => unprepared > 0,
    title: ({ unprepared }) =>
      unprepared === 1 ? 'One preparation is not ticked' : `${unprepared} preparations are not ticked`,
    says: () => [sentence`Go back to Prepare. New media that is not rinsed clouds the tank.`],
    confirm: 'The new media is ready',
    evidence: COMMON_PRACTICE,
  },
  {
    key: 'tools',
    title: 'Get everything ready',
    says: ({ firstPack, hasMature, filter, replace }) => [
      sentence`A tub or tray to work in, a towel, a light.`,
      firstPack
        ? sentence`A bucket of dechlorinated water at the tank’s temperature.`
        : sentence`A bucket of old tank water${hasMature ? ' for the mature media' : ''}. Save it from a water change.`,
      ...(isCanister(filter.kind) ? [sentence`Silicone grease for the seal, a hose brush.`] : []),
      ...(replace.length > 0
        ? [sentence`Spares for parts that are worn or missing: ${joined(replace)}.`]
        : []),
      ...(filter.chambers.some(({ where }) => where === 'intake')
        ? [sentence`The spare intake sponge.`]
        : []),
    ],
    cautions: ['skin'],
    evidence: COMMON_PRACTICE,
  },
];
