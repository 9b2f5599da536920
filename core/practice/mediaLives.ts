import type { MediumFamily } from '../media/medium';

type Days = Readonly<Partial<Record<MediumFamily, number>>>;

/**
 * Days after which a service plan changes a medium or looks at it, whatever its flow says; families left out are
 * judged by flow alone. Floss and cartridges about monthly, carbon after five to eight weeks, resin looked at monthly,
 * zeolite after weeks (common practice, no source).
 */
const CHANGED_AFTER: Days = { floss: 30, cartridge: 30, resin: 30, zeolite: 28, carbon: 45 };

/**
 * Days after which a medium that is in a filter is said to be used up: the far end of what is common (carbon eight
 * weeks, floss, zeolite and cartridges six; common practice, no source).
 */
const USED_UP_AFTER: Days = { carbon: 56, floss: 42, zeolite: 42, cartridge: 42 };

interface Known {
  readonly family: MediumFamily;
}

/** After how many days a plan changes a medium; null: it is judged by its flow alone. */
export const changedAfter = ({ family }: Known): number | null => CHANGED_AFTER[family] ?? null;

/** After how many days a medium is used up; null: time does not use it up. */
export const usedUpAfter = ({ family }: Known): number | null => USED_UP_AFTER[family] ?? null;
