import { describe, expect, it } from 'vitest';
import { chooseLocale } from './chooseLocale';
import { DEFAULT_SETTINGS, SettingsSchema } from './settings';

describe('settings', () => {
  it.each([
    ['de', 'en-US,en;q=0.9', 'de'],
    [null, 'de-AT,de;q=0.9,en;q=0.8', 'de-AT'],
    [null, '*,fr;q=0.5', 'fr'],
    [null, '', 'en-GB'],
    [null, null, 'en-GB'],
    [null, 'not_a_tag!!,en-US', 'en-US'],
  ])('choice %s before header %s reads as %s', (chosen, header, expected) => {
    expect(chooseLocale(chosen, header)).toBe(expected);
  });

  it('come valid, and refuse units and languages that are none', () => {
    expect(SettingsSchema.parse(DEFAULT_SETTINGS)).toEqual(DEFAULT_SETTINGS);
    expect(SettingsSchema.safeParse({ ...DEFAULT_SETTINGS, units: 'cubits' }).success).toBe(false);
    expect(
      SettingsSchema.safeParse({ ...DEFAULT_SETTINGS, locale: 'en GB' }).error?.issues[0]?.message,
    ).toMatch(/en-GB or de/);
  });
});
