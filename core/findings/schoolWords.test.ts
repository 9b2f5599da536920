import { describe, expect, it } from 'vitest';
import { DEFAULT_SCHOOLS } from './defaultSchools';
import { RULES } from './allRules';
import { SCHOOL_WORDS } from './schoolWords';
import { SchoolsSchema, type School } from './schools';

const SCHOOLS = Object.keys(SchoolsSchema.shape) as School[];

describe('the questions on which keepers disagree', () => {
  it.each(SCHOOLS)('%s has a name and an argument for each of its positions, and no others', (school) => {
    const { question, positions } = SCHOOL_WORDS[school];
    expect(question).not.toBe('');
    const named: Readonly<Record<string, { readonly name: string; readonly because: string }>> = positions;
    expect(Object.keys(named)).toEqual(SchoolsSchema.shape[school].options);
    const names = Object.values(named).map(({ name }) => name);
    expect(new Set(names).size).toBe(names.length);
    for (const { name, because } of Object.values(named)) {
      expect(name).not.toBe('');
      expect(because).not.toBe('');
    }
  });

  it('begin at their first position', () => {
    expect(SchoolsSchema.parse(DEFAULT_SCHOOLS)).toEqual(DEFAULT_SCHOOLS);
    for (const school of SCHOOLS)
      expect(DEFAULT_SCHOOLS[school]).toBe(SchoolsSchema.shape[school].options[0]);
  });

  it('are the only ones that rules speak of', () => {
    for (const { school } of RULES) if (school !== undefined) expect(SCHOOLS).toContain(school);
  });
});
