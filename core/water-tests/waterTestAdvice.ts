import { SWAP_LIMITS } from '../biology/planSwap';
import type { FindingLevel } from '../findings/findingLevel';
import type { LogEntry, TestEntry } from '../log/logEntry';
import type { Verdict } from '../report/verdict';
import { daysBetween } from '../units/daysBetween';
import { lowerFirst } from '../units/firstLetter';
import { sentence, type Sentence } from '../units/sentence';
import { DAY } from '../units/time';
import { ammoniaShare } from '../water/ammoniaShare';
import { expectedAt, type ExpectedWater } from './expectedWater';
import { waterChangeFor, type WaterChange } from './waterChangeFor';

/** How far a usual test kit may be off, kg N/m³ and as a share (calibrated: half a step of a colour card). */
const KIT_STEP = 0.1e-3;
const KIT_SHARE = 0.25;
/** From here on fish are harmed within days, as a multiple of the limit (common practice, no source). */
const URGENT_AT = 4;
/** Days for which a value over its limit counts as one that stays up. */
const STAYS_UP = 3;

/** How one value of a test stands to what was expected. */
export interface ReadValue {
  readonly key: 'ammonia' | 'nitrite';
  readonly value: number;
  readonly expected: { readonly low: number; readonly likely: number; readonly high: number };
  readonly departs: 'as expected' | 'higher' | 'lower';
  readonly overLimit: boolean;
}

/** What to do now, and why. */
export interface WaterTestAdvice {
  readonly verdict: Verdict;
  /** What to do, in order. */
  readonly todo: readonly Sentence[];
  readonly change: WaterChange | null;
  /** Days until the next test. */
  readonly testIn: number;
  readonly values: readonly ReadValue[];
}

/** How far ahead another clock may be, days. */
const MAX_CLOCK_DIFFERENCE = 0.1;

/** The tests of a log, oldest first; those dated in the future are left out. */
export const testsOf = (log: readonly LogEntry[], now: string): readonly TestEntry[] =>
  log
    .filter((entry) => entry.kind === 'test')
    .filter(({ at }) => daysBetween(now, at) <= MAX_CLOCK_DIFFERENCE)
    .sort((a, b) => Date.parse(a.at) - Date.parse(b.at));

const NAMES = { ammonia: 'Ammonia', nitrite: 'Nitrite' } as const;
const conc = (si: number) => ({ kind: 'concentration', si }) as const;

/** How the values of a test stand to what was expected then. */
export function readTest(test: TestEntry, settling: ExpectedWater): readonly ReadValue[] {
  return (['ammonia', 'nitrite'] as const).flatMap((key) => {
    const value = test[key];
    if (value === null) return [];
    const expected = expectedAt(settling, key, test.at);
    const slack = Math.max(KIT_STEP, KIT_SHARE * value);
    const departs =
      value > expected.high + slack ? 'higher' : value < expected.low - slack ? 'lower' : 'as expected';
    return [{ key, value, expected, departs, overLimit: value > SWAP_LIMITS[key] }];
  });
}

/**
 * What a keeper should do after their last test: how much water to change, how to feed, when to test again, and when to
 * ask a vet. The test decides; the prediction only says what was expected.
 *
 * @param pH of the tank; the test’s own comes first; null: not known
 * @param causes what in the record of the repack may have done it, likeliest first
 */
export function waterTestAdvice(
  settling: ExpectedWater,
  log: readonly LogEntry[],
  { celsius, pH, now }: { readonly celsius: number; readonly pH: number | null; readonly now: string },
  causes: readonly Sentence[],
): WaterTestAdvice {
  const tests = testsOf(log, now);
  const last = tests.at(-1);
  const busy = settling.cause !== 'rest';
  if (last === undefined || daysBetween(settling.from, last.at) < 0) return untested(busy);
  const values = readTest(last, settling);
  const acid = last.pH ?? pH;
  const free = last.ammonia === null || acid === null ? null : last.ammonia * ammoniaShare(celsius, acid);
  const over = [
    ...values.map(({ key, value }) => ({ name: NAMES[key], value, limit: SWAP_LIMITS[key] })),
    ...(free === null ? [] : [{ name: 'Free ammonia (NH₃)', value: free, limit: SWAP_LIMITS.freeAmmonia }]),
  ]
    .filter(({ value, limit }) => value > limit)
    .sort((a, b) => b.value / b.limit - a.value / a.limit);
  const [worst] = over;
  const ago = daysBetween(last.at, now);
  const known = values.length > 0;
  if (worst !== undefined) {
    const change = waterChangeFor(worst.value, worst.limit);
    const staysUp = tests.some(
      (test) =>
        daysBetween(test.at, last.at) >= STAYS_UP &&
        daysBetween(settling.from, test.at) >= 0 &&
        readTest(test, settling).some(({ overLimit }) => overLimit),
    );
    const inside = lowerFirst(worst.name);
    const level: FindingLevel = worst.value > URGENT_AT * worst.limit ? 'urgent' : 'check';
    return {
      verdict: {
        level,
        state: sentence`${worst.name} is at ${conc(worst.value)}; the limit is ${conc(worst.limit)}.`,
        next: sentence`${changeSaid(change)} Test again tomorrow.`,
      },
      todo: [
        sentence`${changeSaid(change)} Use dechlorinated water at tank temperature.`,
        sentence`Feed half as much, or nothing for a day, until ${inside} is below the limit.`,
        sentence`Leave the filter closed. Do not clean or replace anything in it.`,
        ...causes,
        staysUp
          ? sentence`It has been over the limit for days. Ask an aquatic vet.`
          : sentence`If ${inside} stays high, or the animals show distress, ask an aquatic vet.`,
      ],
      change,
      testIn: 1,
      values,
    };
  }
  const higher = values.find(({ departs }) => departs === 'higher');
  const testIn = higher !== undefined ? 1 : busy ? (known ? 3 : 1) : 14;
  const due = testIn - ago;
  const dueSaid =
    due <= 0
      ? sentence`The next test is due now.`
      : sentence`Next test in ${{ kind: 'days', si: Math.ceil(due) * DAY }}.`;
  if (higher !== undefined)
    return {
      verdict: {
        level: 'check',
        state: sentence`${NAMES[higher.key]} is at ${conc(higher.value)}, more than expected (${conc(higher.expected.low)} to ${conc(higher.expected.high)}).`,
        next: sentence`It is still below the limit. ${dueSaid}`,
      },
      todo: [sentence`Feed half as much until the next test.`, ...causes],
      change: null,
      testIn,
      values,
    };
  const lower = values.find(({ departs }) => departs === 'lower');
  return {
    verdict: {
      level: 'works',
      state: !known
        ? sentence`The last test did not include ammonia or nitrite.`
        : lower === undefined
          ? sentence`Ammonia and nitrite are as expected.`
          : sentence`${NAMES[lower.key]} is lower than expected. There are more bacteria than the app assumed.`,
      next: dueSaid,
    },
    todo: [],
    change: null,
    testIn,
    values,
  };
}

function untested(busy: boolean): WaterTestAdvice {
  return {
    verdict: {
      level: busy ? 'check' : 'works',
      state: busy
        ? sentence`No test since you changed media. Test ammonia and nitrite today.`
        : sentence`No media was changed recently. Test every two weeks to be sure.`,
      next: busy
        ? sentence`Then test every three days until both are back to normal.`
        : sentence`Save a reading whenever you test.`,
    },
    todo: [],
    change: null,
    testIn: 0,
    values: [],
  };
}

const changeSaid = (change: WaterChange | null): Sentence =>
  change === null
    ? sentence`No extra water change is needed.`
    : change.times === 1
      ? sentence`Change ${{ kind: 'share', si: change.share }} of the water now.`
      : sentence`Change ${{ kind: 'share', si: change.share }} of the water now, and as much again ${change.times === 2 ? 'a few hours later' : `${change.times - 1} times, a few hours apart`}.`;
