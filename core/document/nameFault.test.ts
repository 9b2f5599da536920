import { describe, expect, it } from 'vitest';
import { nameSchema } from './fields';
import { LONGEST_NAME, nameFault } from './nameFault';

describe('nameFault', () => {
  it.each([
    '',
    '  ',
    'Reed bench',
    'Reed\nbench',
    'x'.repeat(LONGEST_NAME),
    ` ${'x'.repeat(LONGEST_NAME)} `,
    'x'.repeat(LONGEST_NAME + 1),
  ])('says of “%s” what the schema of stored names says', (text) => {
    const stored = nameSchema('Name').safeParse(text);
    expect(nameFault('Name', text)).toBe(stored.success ? null : stored.error.issues[0]!.message);
  });
});
