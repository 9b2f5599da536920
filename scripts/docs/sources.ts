import { readdirSync } from 'node:fs';
import path from 'node:path';
import ts from 'typescript';
import { docComment } from './docComment';
import { markdownTable } from './markdownTable';
import { sourceFile } from './sourceFile';

/** Where a number or an equation comes from, the surest first. */
export const SOURCE_KINDS = [
  'published',
  'from memory',
  'common practice',
  'calibrated',
  'reasoned',
] as const;
export type SourceKind = (typeof SOURCE_KINDS)[number];

/** A number or an equation of the core that says where it comes from. */
export interface Sourced {
  readonly name: string;
  /** Path from the project’s root. */
  readonly file: string;
  /** As it is written; empty for equations, and for tables of numbers. */
  readonly value: string;
  /** What it is, in the words of its comment. */
  readonly what: string;
  readonly kind: SourceKind;
  /** Edition, page, or what else its comment says of where it comes from. */
  readonly source: string;
}

/** In brackets, or after the name of the tag: what a comment says of its source begins with one of these. */
const KIND_BY_WORD: readonly (readonly [RegExp, SourceKind])[] = [
  [/\bfrom memory\b/i, 'from memory'],
  [/\bcommon practice\b/i, 'common practice'],
  [/\bcalibrated\b/i, 'calibrated'],
];
const IN_BRACKETS =
  /\(((?:[^()]*\b)?(?:published|from memory|common practice|calibrated|stoichiometric|definition|exact)\b(?:[^()]|\([^()]*\))*)\)/i;
/** Longest value that is written out. */
const LONGEST_VALUE = 60;

/** A year, a body that sets standards, or a word for what holds by definition: it can be looked up. */
const CAN_BE_LOOKED_UP =
  /\b1[6-9]\d\d\b|\b20\d\d\b|\b(?:ISO|IUPAC|GUM|Poleni|Francis|Stokes|Bessel|published|definition|stoichiometric|exact)\b/i;

/** What kind a text about a source is of. */
const kindOf = (source: string): SourceKind =>
  KIND_BY_WORD.find(([word]) => word.test(source))?.[1] ??
  (CAN_BE_LOOKED_UP.test(source) ? 'published' : 'reasoned');

/** The source that a comment names; null: none. */
function readSource(
  text: string,
  tag: string | undefined,
): { readonly what: string; readonly source: string } | null {
  if (tag !== undefined && tag !== '') return { what: text, source: tag.replace(/\.$/, '') };
  const bracket = IN_BRACKETS.exec(text);
  return bracket === null
    ? null
    : {
        what: text
          .replace(bracket[0], '')
          .replace(/\s+([.,:;])/g, '$1')
          .trim(),
        source: bracket[1] ?? '',
      };
}

/** What a file says of the sources of its numbers and equations, in the order that they stand in. */
export function sourcesOf(root: string, file: string): Sourced[] {
  const source = sourceFile(root, file);
  // One comment may stand for several constants: those that follow it line by line.
  let shared: { readonly what: string; readonly source: string } | null = null;
  return source.statements.flatMap((statement): Sourced[] => {
    const comment = docComment(statement);
    const isConstant = ts.isVariableStatement(statement);
    const own = comment === null ? null : readSource(comment.text, comment.tags.source);
    const isFollowing = comment === null && isConstant && !statement.getFullText(source).startsWith('\n\n');
    shared = own ?? (isFollowing ? shared : null);
    const [name, value] = declared(statement, source);
    if (shared === null || name === null) return [];
    const about = isFollowing ? { ...shared, what: '' } : shared;
    return [{ name, file, value, what: about.what, kind: kindOf(about.source), source: about.source }];
  });
}

/** Name of what a statement declares, and its value where it is short; [null, '']: it declares no constant or function. */
function declared(statement: ts.Statement, source: ts.SourceFile): [name: string | null, value: string] {
  if (ts.isFunctionDeclaration(statement)) return [statement.name?.text ?? null, ''];
  if (!ts.isVariableStatement(statement)) return [null, ''];
  const [first] = statement.declarationList.declarations;
  if (first === undefined || !ts.isIdentifier(first.name)) return [null, ''];
  const text = (first.initializer?.getText(source) ?? '').replace(/ as const$/, '').replace(/\s+/g, ' ');
  const isEquation = first.initializer !== undefined && ts.isArrowFunction(first.initializer);
  return [first.name.text, isEquation || text.length > LONGEST_VALUE ? '' : text];
}

/** All that the core says of its sources. */
export const allSources = (root: string): Sourced[] =>
  readdirSync(path.join(root, 'core'), { recursive: true, encoding: 'utf8' })
    .filter(
      (file) => file.endsWith('.ts') && !file.endsWith('.test.ts') && !file.startsWith('findings/rules/'),
    )
    .sort()
    .flatMap((file) => sourcesOf(root, path.posix.join('core', file)));

const KIND_WORDS: Readonly<Record<SourceKind, string>> = {
  published: 'Books, papers, standards and definitions.',
  'from memory': 'Published, but not looked up: to be replaced by edition and page.',
  'common practice': 'What the trade does; no source says so.',
  reasoned: 'Mass balances, geometry and ways of searching: their comments say why they hold.',
  calibrated:
    'Chosen so that the app agrees with what keepers report: service lives (`reference/service-lives/`), maturing, clear water.',
};

/** The page `docs/sources.md`. */
export function sourceTable(root: string): string {
  const all = allSources(root);
  const parts = SOURCE_KINDS.map((kind) => {
    const own = all.filter((one) => one.kind === kind);
    const rows = own.map(({ name, file, value, what, source }) => [
      `[${name}](../${file})`,
      value === '' ? '' : `\`${value}\``,
      what,
      source,
    ]);
    const title = `${kind.charAt(0).toUpperCase()}${kind.slice(1)}`;
    return `## ${title} (${own.length})\n\n${KIND_WORDS[kind]}\n\n${markdownTable(['name', 'value', 'what it is', 'source'], rows)}\n`;
  });
  return `# Sources

Where the numbers and equations of the core come from, read from their comments by \`npm run docs\`: an \`@source\`, or brackets
that say *published*, *from memory*, *common practice* or *calibrated*. The sources of the rules stand in [rules.md](rules.md),
those of the media in \`core/media/catalogue.ts\`.

${parts.join('\n')}`;
}
