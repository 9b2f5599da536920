import type { OddCause } from '../learn/oddCauses';
import { sentence, type Sentence } from '../units/sentence';
import type { OddReading } from './outlook';

/** A cause of a reading that does not fit, and the check that tells it from the others. */
interface CauseWords {
  readonly cause: string;
  readonly check: string;
}

const WORDS: Readonly<Record<OddCause, CauseWords>> = {
  food: {
    cause: 'another amount of food than was entered',
    check: 'Weigh what is fed in a day, and enter that on Measure.',
  },
  hose: { cause: 'film in the hoses', check: 'Brush the hoses and time the flow again.' },
  gap: {
    cause: 'water going around the media',
    check: 'Look for a clean stripe or a dirt track along a wall.',
  },
  impeller: {
    cause: 'a fouled or worn impeller',
    check: 'Clean the impeller and its well; it must turn freely.',
  },
  tap: { cause: 'a tap half shut', check: 'Open both taps all the way.' },
  sponge: {
    cause: 'a blocked strainer or intake sponge',
    check: 'Lift the intake sponge or clear the strainer: if the flow is back, that was it.',
  },
  tilt: {
    cause: 'the body standing otherwise',
    check: 'Look whether the body is level and its foot is in place.',
  },
  misread: { cause: 'a slip with jug, clock or mark', check: 'Take the reading again, three times.' },
};

/**
 * What is said of a reading that does not fit: what it is and what was expected, then the likeliest causes with the
 * check of the first.
 */
export function oddSaid({ kind, value, low, high, causes }: OddReading): {
  readonly state: Sentence;
  readonly causes: string;
  readonly check: string | null;
} {
  const quantity = kind === 'flow' ? 'flow' : 'gap';
  const state = sentence`${{ kind: quantity, si: value }} does not fit: ${{ kind: quantity, si: low }} to ${{ kind: quantity, si: high }} was expected.`;
  const [first] = causes;
  if (first === undefined) return { state, causes: '', check: null };
  const percent = (share: number): string => `${Math.round(100 * share)} %`;
  return {
    state,
    causes: `Likeliest: ${causes
      .slice(0, 3)
      .map(({ cause, share }) => `${WORDS[cause].cause} (${percent(share)})`)
      .join(', ')}.`,
    check: WORDS[first.cause].check,
  };
}
