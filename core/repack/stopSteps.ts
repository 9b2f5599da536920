import { isCanister, isHangOnBack, isInternal } from '../filter/kindFamily';
import { sentence } from '../units/sentence';
import { COMMON_PRACTICE, type StepContext, type StepRule } from './repackStep';

/** A filter that stands closed and runs, or has run. */
const isClosed = ({ isOpen, firstPack }: StepContext): boolean => !isOpen && !firstPack;
const closedOf =
  (kind: (kind: StepContext['filter']['kind']) => boolean) =>
  (context: StepContext): boolean =>
    isClosed(context) && kind(context.filter.kind);
const hasTaps = ({ filter }: StepContext): boolean => filter.equipment.includes('taps');
const has =
  (part: StepContext['filter']['equipment'][number]) =>
  ({ filter }: StepContext): boolean =>
    filter.equipment.includes(part);

/** How the water is stopped, each kind in its own way. */
export const STOP_STEPS: readonly StepRule[] = [
  {
    key: 'lamp off',
    when: (context) => isClosed(context) && has('UV lamp')(context),
    title: 'Switch off the UV lamp',
    cautions: ['lamp'],
    confirm: 'The lamp is off',
    evidence: COMMON_PRACTICE,
  },
  {
    key: 'heater off',
    when: (context) => isClosed(context) && has('heater')(context),
    title: 'Unplug the heater and let it cool',
    says: () => [sentence`Wait 15 minutes with the pump still running.`],
    cautions: ['heater'],
    confirm: 'The heater is cool',
    seconds: 15 * 60,
    evidence: COMMON_PRACTICE,
  },
  {
    key: 'plug out',
    when: isClosed,
    title: 'Unplug the filter',
    says: () => [
      sentence`A timer or a smart plug is not enough: it may switch on while your hands are in the filter. Pull the plug out of the wall.`,
    ],
    cautions: ['plug'],
    confirm: 'The plug is out',
    evidence: COMMON_PRACTICE,
  },
  {
    key: 'plug stays out',
    when: (context) => context.isOpen || context.firstPack,
    title: 'Check that the plug is still out',
    says: (context) =>
      context.isOpen && isCanister(context.filter.kind)
        ? [
            hasTaps(context)
              ? sentence`Both taps must still be closed.`
              : sentence`Both hose ends must still be out of the tank or clamped.`,
          ]
        : [],
    cautions: ['plug'],
    confirm: 'The plug is out',
    evidence: COMMON_PRACTICE,
  },
  {
    key: 'taps shut',
    when: (context) => closedOf(isCanister)(context) && hasTaps(context),
    title: 'Close both taps',
    says: () => [sentence`Close the intake tap first, then the outlet tap.`],
    cautions: ['siphon'],
    confirm: 'Both taps are closed',
    evidence: COMMON_PRACTICE,
  },
  {
    key: 'uncouple',
    when: (context) => closedOf(isCanister)(context) && hasTaps(context),
    title: 'Disconnect the hoses at the taps',
    says: () => [sentence`Hold a towel under them. Some water will run out.`],
    evidence: COMMON_PRACTICE,
  },
  {
    key: 'siphon broken',
    when: (context) => closedOf(isCanister)(context) && !hasTaps(context),
    title: 'Stop the siphon: there are no taps',
    says: () => [
      sentence`Lift the intake out of the tank or clamp its hose. Then do the same with the outlet.`,
      sentence`Let the hoses drain into a bucket that stands lower than the tank. Stay with it.`,
    ],
    cautions: ['siphon'],
    confirm: 'No water can siphon',
    evidence: COMMON_PRACTICE,
  },
  {
    key: 'tube lifted',
    when: closedOf(isHangOnBack),
    title: 'Lift the intake tube out',
    says: () => [sentence`This stops water siphoning over the glass.`],
    cautions: ['motor'],
    confirm: 'The tube is out',
    evidence: COMMON_PRACTICE,
  },
  {
    key: 'bag under',
    when: closedOf(isInternal),
    title: 'Slide a bag or a bowl under the filter',
    says: () => [sentence`Do this before you move the filter, or its dirt falls into the tank.`],
    evidence: COMMON_PRACTICE,
  },
];
