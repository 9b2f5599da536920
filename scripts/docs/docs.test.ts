import { readFileSync } from 'node:fs';
import path from 'node:path';
import { describe, expect, it } from 'vitest';
import { RULES } from '@/core/findings/allRules';
import { ROOT } from '../prepare.mjs';
import { publishedPages } from './publishedPages';
import { ruleComment, ruleFiles, ruleIdOf } from './ruleTable';

describe('the pages made of the source', () => {
  it.each(Object.entries(publishedPages(ROOT)))('%s says what the source says', (file, text) => {
    // Made anew by `npm run docs`.
    expect(readFileSync(path.join(ROOT, file), 'utf8')).toBe(text);
  });
});

describe('a rule', () => {
  it('is in the list, under the name of its file', () => {
    expect(RULES.map(({ id }) => id).sort()).toEqual(ruleFiles(ROOT).map(ruleIdOf).sort());
  });

  it.each(ruleFiles(ROOT).map((file) => [ruleIdOf(file), file]))(
    '%s says where it comes from',
    (id, file) => {
      const comment = ruleComment(ROOT, file);
      expect(comment?.text).toMatch(/\.$/);
      expect(comment?.tags.source).toBeTruthy();
      const isEverUrgent = RULES.some((rule) => rule.id === id && rule.levels.includes('urgent'));
      expect(comment?.tags.urgent !== undefined).toBe(isEverUrgent);
    },
  );
});
