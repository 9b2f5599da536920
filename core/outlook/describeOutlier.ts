import type { OddCause } from '../learn/oddCauses';
import { sentence, type Sentence } from '../units/sentence';
import type { OddReading } from './outlook';

/** A cause of a reading that does not fit, and the check that distinguishes it from the others. */
interface CauseWords {
  readonly cause: string;
  readonly check: string;
}

const WORDS_BY_CAUSE: Readonly<Record<OddCause, CauseWords>> = {
  food: {
    cause: 'a different amount of food from the one you entered',
    check: 'Weigh a day’s food and enter it under Measure.',
  },
  hose: { cause: 'slime in the hoses', check: 'Brush the hoses and time the flow again.' },
  gap: {
    cause: 'water going around the media',
    check: 'Look for a clean stripe or a dirt track along a wall.',
  },
  impeller: {
    cause: 'a dirty or worn impeller',
    check: 'Clean the impeller and its well. It must turn freely.',
  },
  tap: { cause: 'a half-closed tap', check: 'Open both taps all the way.' },
  sponge: {
    cause: 'a blocked strainer or intake sponge',
    check: 'Take off the intake sponge or clear the strainer. If the flow comes back, that was the cause.',
  },
  tilt: {
    cause: 'the filter not standing level',
    check: 'Check that the filter is level and its foot is in place.',
  },
  misread: {
    cause: 'a mistake with the jug, the timing or the mark',
    check: 'Take the reading again, three times.',
  },
};

/**
 * The text for a reading that does not fit: what it is and what was expected, then the likeliest causes with the
 * check of the first.
 */
export function describeOutlier({ kind, value, low, high, causes }: OddReading): {
  readonly state: Sentence;
  readonly causes: string;
  readonly check: string | null;
} {
  const quantity = kind === 'flow' ? 'flow' : 'gap';
  const state = sentence`${{ kind: quantity, si: value }} does not match your other readings. They suggest ${{ kind: quantity, si: low }} to ${{ kind: quantity, si: high }}.`;
  const [first] = causes;
  if (first === undefined) return { state, causes: '', check: null };
  const percent = (share: number): string => `${Math.round(100 * share)} %`;
  return {
    state,
    causes: `Most likely: ${causes
      .slice(0, 3)
      .map(({ cause, share }) => `${WORDS_BY_CAUSE[cause].cause} (${percent(share)})`)
      .join(', ')}.`,
    check: WORDS_BY_CAUSE[first.cause].check,
  };
}
