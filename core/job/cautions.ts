import type { Filter } from '../filter/filter';
import { isCanister, isHangOnBack } from '../filter/kindFamily';
import { mediumOf } from '../layers/mediumOf';
import type { Layer } from '../layers/layer';
import type { MediumFamily } from '../media/medium';

/** When in a job a caution is due; `fault`: while a fault is looked for; `card`: on the pack card. */
export type CautionMoment = 'opening' | 'handling' | 'closing' | 'fault' | 'card';

interface CautionSubject {
  readonly filter: Filter;
  readonly families: ReadonlySet<MediumFamily>;
}

/** One danger of the work. */
export interface Caution {
  /** For a step, a cause or a card, where room is short. */
  readonly short: string;
  /** In full, with what to do. */
  readonly full: string;
  /** Left out: it applies to every filter. */
  readonly applies?: (subject: CautionSubject) => boolean;
}

const DUSTY: readonly MediumFamily[] = ['carbon', 'porous mineral', 'dense rings', 'zeolite'];
const canister = ({ filter }: CautionSubject): boolean => isCanister(filter.kind);
const hangOnBack = ({ filter }: CautionSubject): boolean => isHangOnBack(filter.kind);

/**
 * Every caution that the app shows, wherever it shows it (common practice, no source). Wiring and whatever a local code
 * covers is for a licensed electrician.
 */
export const CAUTIONS = {
  plug: {
    short: 'Pull the plug before your hands go in. Keep your hands dry at plugs.',
    full: 'Pull the plug before your hands go in. Keep your hands dry at plugs, and put a drip loop in every cable. The circuit needs a residual-current device (RCD, GFCI). Wiring is for a licensed electrician and the local code.',
  },
  siphon: {
    short: 'Never open a motor, a hose or the body while water can siphon through it.',
    full: 'Shut the taps or lift the intake out first. Never open a motor, a hose or the body while water can siphon through it.',
    applies: ({ filter }) => filter.hoses !== null || isCanister(filter.kind),
  },
  heavy: {
    short: 'A wet canister is heavy: use two hands, or two people.',
    full: 'A wet canister is heavy: it weighs about as many kilograms as it holds litres. Use two hands, or two people.',
    applies: canister,
  },
  tube: {
    short: 'Lift the intake tube out before anything is opened.',
    full: 'Lift the intake tube out, so that no water siphons over the glass.',
    applies: hangOnBack,
  },
  motor: {
    short: 'Never take the motor off from below while the body hangs full.',
    full: 'Never take the motor off from below while the body hangs full: all of its water comes out there. Empty the body and take it off the tank first.',
    applies: hangOnBack,
  },
  lamp: {
    short: 'Never look into a lit UV lamp. Open the body only when the lamp is off.',
    full: 'Switch the UV lamp off before the body is opened. Never look into a lit one.',
    applies: ({ filter }) => filter.equipment.includes('UV lamp'),
  },
  heater: {
    short: 'A heater that is hot and out of the water cracks and burns.',
    full: 'Unplug the heater and let it cool for a quarter of an hour. A heater that is hot and out of the water cracks and burns.',
    applies: ({ filter }) => filter.equipment.includes('heater'),
  },
  skin: {
    short: 'Wear gloves over broken skin, and wash your hands afterwards.',
    full: 'Broken skin and tank water do not mix. Wear gloves, and wash your hands afterwards.',
  },
  chlorine: {
    short: 'Use old tank water or dechlorinated water on biological media, never tap water.',
    full: 'Keep biological media wet in old tank water, and out of flow for less than an hour. Use no tap water: chlorine and chloramine kill the bacteria. Rinse salt and medicines out completely.',
  },
  dust: {
    short: 'Work outdoors or over a sink, and keep it damp: do not breathe in the dust.',
    full: 'Do not breathe in dust from dry carbon, ceramic and rock. Rinse them damp, outdoors or over a sink.',
    applies: ({ families }) => DUSTY.some((family) => families.has(family)),
  },
  splinters: {
    short: 'Wear gloves and eye protection: splinters fly. Keep it damp, and do not breathe in the dust.',
    full: 'Wear gloves and eye protection when you break rock: splinters fly. Keep it damp, and do not breathe in the dust.',
  },
  blades: {
    short: 'Use a long sharp blade and draw it away from your hand.',
    full: 'Knives and moulded fins cut. Use a long sharp blade and draw it away from your hand.',
  },
  fins: {
    short: 'Moulded fins cut.',
    full: 'Moulded fins cut. Spread the sides of the basket before you reach in.',
    applies: hangOnBack,
  },
  dry: {
    short: 'Never run the pump dry.',
    full: 'Never run the pump dry. Fill the filter with tank water before you plug it in.',
  },
  stale: {
    short:
      'A filter that stood shut and still for hours must be emptied and rinsed first: its water is foul and without oxygen.',
    full: 'A filter that stood shut and still for hours must be emptied and rinsed before it runs: its water is foul and without oxygen.',
  },
  power: {
    short: 'Keep your hands dry at plugs, and put a drip loop in the cable.',
    full: 'Keep your hands dry at plugs, and put a drip loop in the cable. The circuit needs a residual-current device (RCD, GFCI).',
  },
  drips: {
    short: 'If water drips towards a plug, switch it off at the breaker first.',
    full: 'If water drips towards a plug or a socket, switch the circuit off at the breaker before you touch anything.',
  },
  'motor housing': {
    short: 'Do not open the motor.',
    full: 'Do not open the motor: it is sealed against water.',
  },
  cracked: {
    short: 'A cracked tank can give way: empty it first.',
    full: 'A cracked tank can give way: move the animals and empty it first.',
  },
  electrician: {
    short: 'Wiring is for a licensed electrician and the local code.',
    full: 'Wiring is for a licensed electrician and the local code.',
  },
  animals: {
    short: 'If ammonia or nitrite stays up, or animals are in distress, change water and ask an aquatic vet.',
    full: 'If ammonia or nitrite stays up, or animals are in distress, change water, feed less and ask an aquatic vet. The test kit decides, not this app.',
  },
} as const satisfies Readonly<Record<string, Caution>>;

export type CautionId = keyof typeof CAUTIONS;

/** Cautions in few words, and in full. */
export const shortCaution = (...ids: readonly CautionId[]): string =>
  ids.map((id) => CAUTIONS[id].short).join(' ');
export const fullCaution = (...ids: readonly CautionId[]): string =>
  ids.map((id) => CAUTIONS[id].full).join(' ');

/** What is said when, most dangerous first. */
const SAID: Readonly<Record<CautionMoment, readonly CautionId[]>> = {
  opening: ['plug', 'siphon', 'heavy', 'tube', 'motor', 'lamp', 'heater', 'skin'],
  handling: ['chlorine', 'dust', 'blades'],
  closing: ['dry', 'stale', 'animals'],
  fault: ['plug', 'siphon', 'tube', 'motor', 'lamp', 'skin'],
  card: ['plug', 'siphon', 'heavy', 'tube', 'dry', 'chlorine'],
};

/** The cautions that apply to this filter and these media at a moment of the job: in full, on the card in short. */
export function cautions(filter: Filter, layers: readonly Layer[], moment: CautionMoment): string[] {
  const subject = { filter, families: new Set(layers.map((layer) => mediumOf(layer).family)) };
  return SAID[moment]
    .map((id): Caution => CAUTIONS[id])
    .filter(({ applies }) => applies?.(subject) ?? true)
    .map(({ short, full }) => (moment === 'card' ? short : full));
}
