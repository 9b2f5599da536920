import { ruleTable } from './ruleTable';
import { sourceTable } from './sources';

/** The pages of `docs/` that are made of the source: path from the project’s root, and text. */
export const publishedPages = (root: string): Readonly<Record<string, string>> => ({
  'docs/rules.md': ruleTable(root),
  'docs/sources.md': sourceTable(root),
});
