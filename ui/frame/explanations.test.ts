import { readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';
import { describe, expect, it } from 'vitest';
import { EXPLANATIONS } from './explanations';

/** The whole interface, but for the list itself. */
const source = readdirSync('ui', { recursive: true, encoding: 'utf8' })
  .filter((file) => /\.tsx?$/.test(file) && !/explanations/.test(file))
  .map((file) => readFileSync(path.join('ui', file), 'utf8'))
  .join('\n');

describe('explanations', () => {
  it.each(Object.keys(EXPLANATIONS))('%s is explained somewhere', (term) => {
    expect(source).toMatch(new RegExp(`["'(\\[]${term.replace(/[()?]/g, '\\$&')}["'\\])]`));
  });

  it('are whole sentences', () => {
    for (const text of Object.values(EXPLANATIONS)) expect(text).toMatch(/^[A-Z0-9].*\.$/);
  });
});
