import { isCanister, isHangOnBack, isInternal } from '../filter/kindFamily';
import { sentence } from '../units/sentence';
import { TRADE, type StepContext, type StepRule } from './repackStep';

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
    title: 'Fill the body with tank water up to the lip',
    says: () => [sentence`Also through the intake tube, until it stands full.`],
    cautions: ['dry'],
    confirm: 'The body is full',
    evidence: TRADE,
  },
  {
    key: 'taps open',
    when: (context) => canister(context) && hasTaps(context),
    title: 'Couple the hoses and open both taps',
    says: () => [
      sentence`The intake’s tap first: the body takes its water. Then the outlet’s, so that the air gets out.`,
    ],
    confirm: 'Both taps are open',
    evidence: TRADE,
  },
  {
    key: 'intake down',
    when: (context) => canister(context) && !hasTaps(context),
    title: 'Let the intake down into the tank, then open the clamp',
    evidence: TRADE,
  },
  {
    key: 'prime',
    when: canister,
    title: 'Prime until both hoses stand full',
    says: () => [
      sentence`Pump the primer, or pour water into the outlet’s hose; never suck with the mouth. Wait until no more bubbles come.`,
    ],
    cautions: ['dry'],
    confirm: 'Both hoses are full',
    evidence: TRADE,
  },
  {
    key: 'under water',
    when: ({ filter }) => isInternal(filter.kind),
    title: 'Tilt the filter under water until no air comes out',
    cautions: ['dry'],
    confirm: 'The filter is full of water',
    evidence: TRADE,
  },
  {
    key: 'power on',
    title: 'Dry your hands, then plug in',
    says: ({ lampFrom, filter }) => [
      ...(filter.equipment.includes('UV lamp')
        ? [
            lampFrom === null
              ? sentence`The UV lamp may be lit once water runs.`
              : sentence`The UV lamp stays off until ${lampFrom}: it would kill what is to settle in the media.`,
          ]
        : []),
      ...(filter.equipment.includes('heater')
        ? [sentence`The heater is plugged in only once water runs over it.`]
        : []),
    ],
    cautions: ['power', 'stale'],
    confirm: 'The filter runs',
    evidence: TRADE,
  },
  {
    key: 'leaks',
    when: ({ filter }) => filter.hoses !== null || isHangOnBack(filter.kind),
    title: 'Watch for leaks',
    says: (context) => [
      sentence`Dry every joint, lay a tissue under it and wait: ${
        hang(context) ? 'the motor’s seal, the back rim' : 'lid, couplings, hose ends'
      }. A damp tissue says where.`,
    ],
    cautions: ['drips'],
    confirm: 'All is dry',
    seconds: LEAK_WATCH,
    evidence: TRADE,
  },
  {
    key: 'water level',
    when: ({ report }) => report.water.level !== null,
    title: 'Look at the water level before the pack',
    says: ({ report }) => {
      const level = report.water.level!;
      return [
        sentence`Expected: ${{ kind: 'gap', si: level.headroom }} below the lowest rim, with ${{ kind: 'flow', si: report.water.flow }}.`,
        sentence`Clearly higher: the pack is too high, a pad lies askew, or the body leans back.`,
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
        ? sentence`A rattle that stays is air, or an impeller that does not sit.`
        : sentence`Tilt the body to and fro to let the air out: rattling for some minutes is usual. After that, look for air at the hose ends and the intake.`,
      ...(flowSubmerged === null
        ? []
        : [
            sentence`A noisy outlet or spray bar: let it down under the water. The flow is then about ${{ kind: 'flow', si: flowSubmerged }}.`,
          ]),
    ],
    seconds: AIR,
    confirm: 'The filter is quiet',
    evidence: `${TRADE}; flow with the outlets under water: core/hydraulics/operatingPoint.ts`,
  },
];
