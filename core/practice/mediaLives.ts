import type { MediumFamily } from '../media/medium';

/**
 * Days for which a medium works before it is changed or recharged, whatever the flow says; families left out are
 * judged by flow alone. Floss about a month, a cartridge three to four weeks, carbon five to eight weeks, resin looked
 * at monthly, zeolite weeks beside a mature filter (common practice, no source).
 */
const LIVES: Readonly<Partial<Record<MediumFamily, number>>> = {
  floss: 30,
  cartridge: 28,
  carbon: 49,
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

/** For how many days a medium works whatever dirt reaches it; null: its clogging tells. */
export const lifeByDate = (medium: Known): number | null =>
  BY_DATE.includes(medium.family) ? mediumLife(medium) : null;
