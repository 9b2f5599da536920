import { z } from 'zod';
import { MONEY_BOUNDS } from './moneyBounds';
import { SchoolsSchema } from '../findings/schools';
import { DEFAULT_SCHOOLS } from '../findings/defaultSchools';
import { MAX_DAYS_AWAY } from '../care/maxDaysAway';
import { DaySchema, IdSchema } from '../document/fields';
import { bounded } from '../units/bounded';
import { UNIT_SYSTEMS } from '../units/quantity';

/** Most filters that are put in order. */
const MAX_ORDERED = 1000;

/** What the keeper has chosen for the whole app. */
export const SettingsSchema = z.object({
  /** Constant: there is one set of settings. */
  id: z.literal('settings'),
  units: z.enum(UNIT_SYSTEMS),
  /** BCP 47 tag that decides decimal signs and dates; null: as the browser asks for. */
  locale: z
    .string()
    .regex(/^[A-Za-z]{2,3}(-[A-Za-z0-9]{2,8})*$/, 'Write the language like this: en-GB or de.')
    .nullable(),
  /** Where the keeper stands on the questions keepers disagree on. */
  schools: SchoolsSchema,
  currency: z
    .string()
    .regex(/^[A-Z]{3}$/, 'Write the currency as three capital letters, such as EUR.')
    .describe('ISO 4217 code; prices are the keeper’s own and are never converted'),
  electricityPrice: bounded(MONEY_BOUNDS.electricity).nullable().describe('Of a kilowatt-hour'),
  filterOrder: z
    .array(IdSchema)
    .max(MAX_ORDERED)
    .describe('Order in which the keeper visits the filters; those not named come last'),
  away: z
    .object({ from: DaySchema, days: z.int().min(1).max(MAX_DAYS_AWAY) })
    .nullable()
    .describe('The next time away'),
});
export type Settings = z.infer<typeof SettingsSchema>;

export const DEFAULT_SETTINGS: Settings = {
  id: 'settings',
  units: 'metric',
  locale: null,
  schools: DEFAULT_SCHOOLS,
  currency: 'EUR',
  electricityPrice: null,
  filterOrder: [],
  away: null,
};
