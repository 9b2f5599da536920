import { isCanister, isHangOnBack, isInternal } from '../filter/kindFamily';
import { sentence } from '../units/sentence';
import { TRADE, type StepContext, type StepRule } from './repackStep';

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
    evidence: TRADE,
  },
  {
    key: 'heater off',
    when: (context) => isClosed(context) && has('heater')(context),
    title: 'Unplug the heater and let it cool',
    says: () => [sentence`A quarter of an hour, with the pump still running.`],
    cautions: ['heater'],
    confirm: 'The heater is cool',
    seconds: 15 * 60,
    evidence: TRADE,
  },
  {
    key: 'plug out',
    when: isClosed,
    title: 'Pull the filter’s plug',
    says: () => [
      sentence`A timer or a plug with a remote control is not enough: it may switch on while hands are in. Pull it out of the wall.`,
    ],
    cautions: ['plug'],
    confirm: 'The plug is out',
    evidence: TRADE,
  },
  {
    key: 'plug stays out',
    when: (context) => context.isOpen || context.firstPack,
    title: 'The plug is out, and stays out',
    says: (context) =>
      context.isOpen && isCanister(context.filter.kind)
        ? [
            hasTaps(context)
              ? sentence`Both taps are still shut.`
              : sentence`Both hose ends are still out of the tank, or clamped.`,
          ]
        : [],
    cautions: ['plug'],
    confirm: 'The plug is out',
    evidence: TRADE,
  },
  {
    key: 'taps shut',
    when: (context) => closedOf(isCanister)(context) && hasTaps(context),
    title: 'Shut both taps',
    says: () => [sentence`The intake’s tap first, then the outlet’s.`],
    cautions: ['siphon'],
    confirm: 'Both taps are shut',
    evidence: TRADE,
  },
  {
    key: 'uncouple',
    when: (context) => closedOf(isCanister)(context) && hasTaps(context),
    title: 'Uncouple the hoses at the taps',
    says: () => [sentence`Hold the towel under them: what stands in the coupling runs out.`],
    evidence: TRADE,
  },
  {
    key: 'siphon broken',
    when: (context) => closedOf(isCanister)(context) && !hasTaps(context),
    title: 'Break the siphon: there are no taps',
    says: () => [
      sentence`Lift the intake out of the tank, or clamp its hose; then the outlet.`,
      sentence`Let the hoses run empty into the bucket, the bucket lower than the tank and never left alone.`,
    ],
    cautions: ['siphon'],
    confirm: 'No water can siphon',
    evidence: TRADE,
  },
  {
    key: 'tube lifted',
    when: closedOf(isHangOnBack),
    title: 'Lift the intake tube out',
    says: () => [sentence`Then nothing siphons back over the glass.`],
    cautions: ['motor'],
    confirm: 'The tube is out',
    evidence: TRADE,
  },
  {
    key: 'bag under',
    when: closedOf(isInternal),
    title: 'Hold a bag or a bowl under the filter',
    says: () => [
      sentence`Slide it over the filter before the filter leaves its place, or its dirt falls back into the tank.`,
    ],
    evidence: TRADE,
  },
];
