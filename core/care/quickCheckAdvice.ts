import type { LogEntry } from '../log/logEntry';
import type { Look } from '../log/serviceWorks';
import type { Symptom } from '../log/symptom';
import { daysBetween } from '../units/daysBetween';

/** What a quick look says: one sentence, and the fault to look for, if any. */
export interface LookAdvice {
  readonly says: string;
  readonly symptom: Symptom | null;
}

/** Hours after a service for which brown water is loosened dirt (common practice, no source: minutes to hours). */
const HOURS_OF_LOOSENED_DIRT = 24;

/** What is looked for where a look shows something. */
const SYMPTOM_OF: Readonly<Partial<Record<Look, Symptom>>> = {
  'only a trickle': 'weak flow',
  'level high': 'level at the rim',
  'cloudy water': 'cloudy water',
  'brown water': 'cloudy water',
  noise: 'noise',
  smell: 'smelly water',
};

/**
 * What to make of a quick look; null: nothing to say.
 *
 * @param log entries of the filter, in any order
 * @param at ISO moment of the look
 */
export function quickCheckAdvice(seen: Look, log: readonly LogEntry[], at: string): LookAdvice | null {
  if (seen === 'all well') return null;
  if (seen === 'sponge or sleeve full')
    return {
      says: 'Fit the spare and squeeze this one in old tank water. A blocked intake starves the pump of water.',
      symptom: null,
    };
  const hours = (entry: LogEntry): number => 24 * daysBetween(entry.at, at);
  const justServed = log.some(
    (entry) =>
      (entry.kind === 'service' || entry.kind === 'repacked') &&
      hours(entry) >= 0 &&
      hours(entry) <= HOURS_OF_LOOSENED_DIRT,
  );
  if (seen === 'brown water' && justServed)
    return {
      says: 'Brown water just after you squeeze foam is harmless. It clears within minutes to hours. Add floss if it bothers you.',
      symptom: null,
    };
  const symptom = SYMPTOM_OF[seen] ?? null;
  return { says: 'The fault finder starts with the quickest useful check.', symptom };
}
