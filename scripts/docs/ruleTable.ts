import { readdirSync } from 'node:fs';
import path from 'node:path';
import ts from 'typescript';
import { RULES } from '@/core/findings/allRules';
import { QUESTION_WORDS } from '@/core/findings/question';
import { SCHOOL_WORDS } from '@/core/findings/schoolWords';
import { docComment, type DocComment } from './docComment';
import { markdownTable } from './markdownTable';
import { sourceFile } from './sourceFile';

const FOLDER = 'core/findings/rules';

/** The id of the rule in a file: its name in lower case, with hyphens. */
export const ruleIdOf = (file: string): string =>
  path.basename(file, '.ts').replace(/[A-Z]/g, (letter) => `-${letter.toLowerCase()}`);

/** The files of the rules, as paths from the project’s root. */
export const ruleFiles = (root: string): string[] =>
  readdirSync(path.join(root, FOLDER))
    .filter((file) => !file.endsWith('.test.ts'))
    .sort()
    .map((file) => `${FOLDER}/${file}`);

/** The comment above the rule that a file declares; null: it declares none, or the rule has none. */
export function ruleComment(root: string, file: string): DocComment | null {
  const source = sourceFile(root, file);
  const declared = source.statements.find(
    (statement) =>
      ts.isVariableStatement(statement) &&
      statement.declarationList.declarations.some(
        ({ initializer }) =>
          initializer !== undefined &&
          ts.isCallExpression(initializer) &&
          initializer.expression.getText(source) === 'defineRule',
      ),
  );
  return declared === undefined ? null : docComment(declared);
}

/** The page `docs/rules.md`. */
export function ruleTable(root: string): string {
  const comments = new Map(
    ruleFiles(root).map((file) => [ruleIdOf(file), { file, ...ruleComment(root, file) }]),
  );
  const rows = RULES.toSorted((a, b) => (a.id < b.id ? -1 : 1)).map(({ id, levels, question, school }) => {
    const { file = '', text = '', tags = {} } = comments.get(id) ?? {};
    return [
      `[${id}](../${file})`,
      text,
      tags.urgent === undefined ? '' : tags.urgent,
      levels.filter((level) => level !== 'urgent').join(' or '),
      QUESTION_WORDS[question],
      school === undefined ? '' : SCHOOL_WORDS[school].question,
      tags.source ?? '',
    ];
  });
  return `# Rules

What the app finds in a pack. Each rule is a file in \`${FOLDER}/\`; this page is made of them by \`npm run docs\`.

**Urgent** means that water or animals are at risk now, **check** that the filter works worse than it could, **note** a choice
with its reason.

${markdownTable(['rule', 'what it finds', 'urgent when', 'else', 'question', 'keepers disagree on', 'source'], rows)}
`;
}
