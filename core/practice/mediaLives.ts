import type { MediumFamily } from '../media/medium';

/** Days after which carbon is replaced, by custom: five to eight weeks, at most twelve when lightly fed (common practice, no source). */
export const USUAL_CARBON = { low: 35, likely: 49, high: 56 } as const;
export const LONGEST_CARBON = 84;

/**
 * Days for which a medium works before it is changed or recharged, whatever the flow says; families left out are
 * judged by flow alone. Floss about a month, a cartridge three to four weeks, carbon by {@link USUAL_CARBON} where its load is not known, resin looked
 * at monthly, zeolite weeks beside a mature filter (common practice, no source).
 */
const LIVES: Readonly<Partial<Record<MediumFamily, number>>> = {
  floss: 30,
  cartridge: 28,
  carbon: USUAL_CARBON.likely,
  resin: 30,
  zeolite: 28,
};

/** What time alone uses up; floss and cartridges that clean water reaches last until they clog. */
const BY_DATE: readonly MediumFamily[] = ['carbon', 'resin', 'zeolite'];

interface Known {
  readonly family: MediumFamily;
}

/** For how many days a medium works; null: time does not use it up. */
export const mediumLife = ({ family }: Known): number | null => LIVES[family] ?? null;

/** True for a medium that time uses up, whatever dirt reaches it; for others their clogging decides. */
export const isUsedUpByDate = ({ family }: Known): boolean => BY_DATE.includes(family);
