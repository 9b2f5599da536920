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

const DUSTY_FAMILIES: readonly MediumFamily[] = ['carbon', 'porous mineral', 'dense rings', 'zeolite'];
const canister = ({ filter }: CautionSubject): boolean => isCanister(filter.kind);
const hangOnBack = ({ filter }: CautionSubject): boolean => isHangOnBack(filter.kind);

/**
 * Every caution that the app shows, wherever it shows it (common practice, no source). Wiring and whatever a local code
 * covers is for a licensed electrician.
 */
export const CAUTIONS = {
  plug: {
    short: 'Unplug the filter before you put your hands in. Touch plugs with dry hands only.',
    full: 'Unplug the filter before you put your hands in. Touch plugs with dry hands only. Let the cable hang in a loop below the socket, and use a socket with an RCD (GFCI). Leave wiring to a licensed electrician and follow your local code.',
  },
  siphon: {
    short: 'Never open the motor, a hose or the filter while water can siphon through it.',
    full: 'Close the taps or lift the intake out of the water first. Never open the motor, a hose or the filter while water can siphon through it.',
    applies: ({ filter }) => filter.hoses !== null || isCanister(filter.kind),
  },
  heavy: {
    short: 'A wet canister is heavy. Use both hands or ask for help.',
    full: 'A wet canister is heavy: about as many kilograms as it holds litres. Use both hands or ask for help.',
    applies: canister,
  },
  tube: {
    short: 'Lift the intake tube out before you open the filter.',
    full: 'Lift the intake tube out so that no water siphons over the glass.',
    applies: hangOnBack,
  },
  motor: {
    short: 'Never take the motor off from below while the filter is full.',
    full: 'Never take the motor off from below while the filter is full. All its water would run out. Empty the filter and take it off the tank first.',
    applies: hangOnBack,
  },
  lamp: {
    short: 'Never look into a lit UV lamp. Open the filter only once the lamp is off.',
    full: 'Switch the UV lamp off before you open the filter. Never look into a lit UV lamp.',
    applies: ({ filter }) => filter.equipment.includes('UV lamp'),
  },
  heater: {
    short: 'A hot heater out of water cracks and can burn you.',
    full: 'Unplug the heater and let it cool for 15 minutes. A hot heater out of water cracks and can burn you.',
    applies: ({ filter }) => filter.equipment.includes('heater'),
  },
  skin: {
    short: 'Wear gloves if you have cuts, and wash your hands afterwards.',
    full: 'Tank water can infect cuts. Wear gloves if you have cuts, and wash your hands afterwards.',
  },
  chlorine: {
    short: 'Rinse biological media in old tank water or dechlorinated water, never under the tap.',
    full: 'Keep biological media wet in old tank water, and out of flow for less than an hour. Never use tap water: chlorine and chloramine kill the bacteria. Rinse salt and medicines out completely.',
  },
  dust: {
    short: 'Keep it damp, and work outdoors or over a sink. Do not breathe the dust.',
    full: 'Do not breathe dust from dry carbon, ceramic or rock. Dampen it and rinse it outdoors or over a sink.',
    applies: ({ families }) => DUSTY_FAMILIES.some((family) => families.has(family)),
  },
  splinters: {
    short: 'Wear eye protection and gloves: splinters fly. Dampen it first, and do not breathe the dust.',
    full: 'Wear eye protection and gloves when you break rock: splinters fly. Dampen it first, and do not breathe the dust.',
  },
  blades: {
    short: 'Use a long, sharp blade and cut away from your hand.',
    full: 'Knives and moulded plastic fins can cut you. Use a long, sharp blade and cut away from your hand.',
  },
  fins: {
    short: 'Moulded plastic fins can cut you.',
    full: 'Moulded plastic fins can cut you. Spread the sides of the basket before you reach in.',
    applies: hangOnBack,
  },
  dry: {
    short: 'Never run the pump dry.',
    full: 'Never run the pump dry. Fill the filter with tank water before you plug it in.',
  },
  stale: {
    short:
      'If the filter was off and closed for hours, empty and rinse it first. Its water is foul and has no oxygen.',
    full: 'If the filter was off and closed for hours, empty and rinse it before you run it. Its water is foul and has no oxygen.',
  },
  power: {
    short: 'Touch plugs with dry hands only, and let the cable hang in a loop below the socket.',
    full: 'Touch plugs with dry hands only. Let the cable hang in a loop below the socket, and use a socket with an RCD (GFCI).',
  },
  drips: {
    short: 'If water drips towards a plug, switch off at the circuit breaker first.',
    full: 'If water drips towards a plug or a socket, switch off at the circuit breaker before you touch anything.',
  },
  'motor housing': {
    short: 'Do not open the motor.',
    full: 'Do not open the motor: it is sealed against water.',
  },
  cracked: {
    short: 'A cracked tank can burst. Empty it first.',
    full: 'A cracked tank can burst. Move the animals and empty it first.',
  },
  electrician: {
    short: 'Leave wiring to a licensed electrician and follow your local code.',
    full: 'Leave wiring to a licensed electrician and follow your local code.',
  },
  animals: {
    short:
      'If animals are in distress, or ammonia or nitrite stays high, change water and ask an aquatic vet.',
    full: 'If animals are in distress, or ammonia or nitrite stays high, change water, feed less and ask an aquatic vet. Trust your test kit, not this app.',
  },
} as const satisfies Readonly<Record<string, Caution>>;

export type CautionId = keyof typeof CAUTIONS;

/** Cautions in few words, and in full. */
export const shortCaution = (...ids: readonly CautionId[]): string =>
  ids.map((id) => CAUTIONS[id].short).join(' ');
export const fullCaution = (...ids: readonly CautionId[]): string =>
  ids.map((id) => CAUTIONS[id].full).join(' ');

/** The cautions shown at each moment, most dangerous first. */
const CAUTIONS_BY_MOMENT: Readonly<Record<CautionMoment, readonly CautionId[]>> = {
  opening: ['plug', 'siphon', 'heavy', 'tube', 'motor', 'lamp', 'heater', 'skin'],
  handling: ['chlorine', 'dust', 'blades'],
  closing: ['dry', 'stale', 'animals'],
  fault: ['plug', 'siphon', 'tube', 'motor', 'lamp', 'skin'],
  card: ['plug', 'siphon', 'heavy', 'tube', 'dry', 'chlorine'],
};

/** The cautions that apply to this filter and these media at a moment of the job: in full, on the card in short. */
export function cautions(filter: Filter, layers: readonly Layer[], moment: CautionMoment): string[] {
  const subject = { filter, families: new Set(layers.map((layer) => mediumOf(layer).family)) };
  return CAUTIONS_BY_MOMENT[moment]
    .map((id): Caution => CAUTIONS[id])
    .filter(({ applies }) => applies?.(subject) ?? true)
    .map(({ short, full }) => (moment === 'card' ? short : full));
}
