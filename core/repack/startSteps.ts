import { isCanister, isHangOnBack, isInternal } from '../filter/kindFamily';
import { sentence } from '../units/sentence';
import { COMMON_PRACTICE, type StepContext, type StepRule } from './repackStep';

const canister = ({ filter }: StepContext): boolean => isCanister(filter.kind);
const hang = ({ filter }: StepContext): boolean => isHangOnBack(filter.kind);
const hasTaps = ({ filter }: StepContext): boolean => filter.equipment.includes('taps');

/** For how long the joints are watched, and how long air may rattle, s (common practice, no source). */
const LEAK_WATCH = 10 * 60;
const AIR = 5 * 60;

/** From the first water to a filter that runs and is dry. */
export const START_STEPS: readonly StepRule[] = [
  {
    key: 'fill hang-on-back',
    when: hang,
    title: 'Fill the filter with tank water up to the lip',
    says: () => [sentence`Fill the intake tube too.`],
    cautions: ['dry'],
    confirm: 'The filter is full',
    evidence: COMMON_PRACTICE,
  },
  {
    key: 'taps open',
    when: (context) => canister(context) && hasTaps(context),
    title: 'Connect the hoses and open both taps',
    says: () => [
      sentence`Open the intake tap first, so that the filter fills. Then open the outlet tap to let the air out.`,
    ],
    confirm: 'Both taps are open',
    evidence: COMMON_PRACTICE,
  },
  {
    key: 'intake down',
    when: (context) => canister(context) && !hasTaps(context),
    title: 'Lower the intake into the tank, then open the clamp',
    evidence: COMMON_PRACTICE,
  },
  {
    key: 'prime',
    when: canister,
    title: 'Prime until both hoses are full',
    says: () => [
      sentence`Pump the primer, or pour water into the outlet hose. Never suck with your mouth. Wait until the bubbles stop.`,
    ],
    cautions: ['dry'],
    confirm: 'Both hoses are full',
    evidence: COMMON_PRACTICE,
  },
  {
    key: 'under water',
    when: ({ filter }) => isInternal(filter.kind),
    title: 'Tilt the filter under water until no more air comes out',
    cautions: ['dry'],
    confirm: 'The filter is full of water',
    evidence: COMMON_PRACTICE,
  },
  {
    key: 'power on',
    title: 'Dry your hands, then plug in',
    says: ({ lampFrom, filter }) => [
      ...(filter.equipment.includes('UV lamp')
        ? [
            lampFrom === null
              ? sentence`Switch the UV lamp on once water is flowing.`
              : sentence`Leave the UV lamp off until ${lampFrom}. It would kill bacteria on their way to the new media.`,
          ]
        : []),
      ...(filter.equipment.includes('heater')
        ? [sentence`Plug in the heater only once water is flowing over it.`]
        : []),
    ],
    cautions: ['power', 'stale'],
    confirm: 'The filter runs',
    evidence: COMMON_PRACTICE,
  },
  {
    key: 'leaks',
    when: ({ filter }) => filter.hoses !== null || isHangOnBack(filter.kind),
    title: 'Watch for leaks',
    says: (context) => [
      sentence`Dry every joint and lay a tissue under it: ${
        hang(context) ? 'the motor’s seal, the back rim' : 'lid, couplings, hose ends'
      }. Wait. A damp tissue shows where it leaks.`,
    ],
    cautions: ['drips'],
    confirm: 'Everything is dry',
    seconds: LEAK_WATCH,
    evidence: COMMON_PRACTICE,
  },
  {
    key: 'water level',
    when: ({ measures }) => measures.water.level !== null,
    title: 'Check the water level in front of the pack',
    says: ({ measures }) => {
      const level = measures.water.level!;
      return [
        sentence`Expected: ${{ kind: 'gap', si: level.headroom }} below the lowest rim, with ${{ kind: 'flow', si: measures.water.flow }}.`,
        sentence`If it is clearly higher, the pack is too high, a pad is crooked or the filter leans back.`,
      ];
    },
    confirm: 'The level is right',
    asks: 'level',
    evidence: 'core/hydraulics/operatingPoint.ts, levels of a hang-on-back',
  },
  {
    key: 'noise',
    title: 'Listen',
    says: ({ flowSubmerged, filter }) => [
      filter.hoses === null
        ? sentence`Rattling that does not stop is air, or an impeller that is not seated.`
        : sentence`Tilt the filter back and forth to let the air out. Rattling for a few minutes is normal. After that, look for air at the hose ends and the intake.`,
      ...(flowSubmerged === null
        ? []
        : [
            sentence`If the outlet or spray bar is noisy, lower it below the surface. The flow is then about ${{ kind: 'flow', si: flowSubmerged }}.`,
          ]),
    ],
    seconds: AIR,
    confirm: 'The filter is quiet',
    evidence: `${COMMON_PRACTICE}; flow with the outlets under water: core/hydraulics/operatingPoint.ts`,
  },
];
