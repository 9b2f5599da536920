import { headers } from 'next/headers';
import { chooseLocale } from '@/core/settings/chooseLocale';
import type { UnitSystem } from '@/core/units/quantity';
import { settings } from '@/store/settings';
import { database } from './database';

/** How this keeper, in this browser, reads numbers and dates; the same on the server as in the page. */
export async function readingHabits(): Promise<{ system: UnitSystem; locale: string; currency: string }> {
  // Asked first: a page that is built ahead stops here, before it would open the keeper’s data.
  const accepted = (await headers()).get('accept-language');
  const { units, locale, currency } = settings.getOrFirst(database()).doc;
  return { system: units, locale: chooseLocale(locale, accepted), currency };
}
