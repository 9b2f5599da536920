import { z } from 'zod';
import { SchoolsSchema } from '../findings/schools';
import { FIRST_SCHOOLS } from '../findings/firstSchools';
import { UNIT_SYSTEMS } from '../units/quantity';

/** What the keeper has chosen for the whole app. */
export const SettingsSchema = z.object({
  /** Constant: there is one set of settings. */
  id: z.literal('settings'),
  units: z.enum(UNIT_SYSTEMS),
  /** BCP 47 tag that decides decimal signs and dates; null: as the browser asks for. */
  locale: z
    .string()
    .regex(/^[A-Za-z]{2,3}(-[A-Za-z0-9]{2,8})*$/, 'A language is written like en-GB or de.')
    .nullable(),
  /** Where the keeper stands on the questions keepers disagree on. */
  schools: SchoolsSchema,
});
export type Settings = z.infer<typeof SettingsSchema>;

export const FIRST_SETTINGS: Settings = {
  id: 'settings',
  units: 'metric',
  locale: null,
  schools: FIRST_SCHOOLS,
};
