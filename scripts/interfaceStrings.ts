import { readFileSync } from 'node:fs';
import path from 'node:path';
import ts from 'typescript';

/** A text of the source that a keeper may come to read. */
export interface InterfaceString {
  /** File, and the line on which it begins. */
  readonly where: string;
  /** With white space as one blank, and `{}` where something is filled in. */
  readonly text: string;
}

/** Calls whose texts no keeper sees: names of modules, queries of the database, descriptions for the published schemas. */
const NOT_SHOWN = ['describe', 'prepare', 'exec', 'import', 'require'];
/** Attributes of elements that hold no words. */
const NO_WORDS = ['className', 'href', 'src', 'id', 'd', 'style', 'key', 'type', 'role', 'name'];

/** A single word in lower case is a key, and what begins with a slash an address; queries are in capitals. */
const NO_TEXT = /^[a-z][\w-]*$|^\/|\b(?:SELECT|FROM|WHERE)\b/;

/**
 * The texts of a file of the source, read from its syntax tree: string literals, templates, and text between the tags of
 * elements. Not those of imports, types, messages of programmers’ errors (`new Error`) and attributes without words.
 *
 * @param file path from the project’s root
 */
export function interfaceStrings(root: string, file: string): InterfaceString[] {
  const source = ts.createSourceFile(
    file,
    readFileSync(path.join(root, file), 'utf8'),
    ts.ScriptTarget.Latest,
    true,
    file.endsWith('x') ? ts.ScriptKind.TSX : ts.ScriptKind.TS,
  );
  const found: InterfaceString[] = [];
  const add = (node: ts.Node, raw: string): void => {
    const text = raw.replace(/\s+/g, ' ').trim();
    if (!/\p{L}{2}/u.test(text) || NO_TEXT.test(text)) return;
    const { line } = source.getLineAndCharacterOfPosition(node.getStart(source));
    found.push({ where: `${file}:${line + 1}`, text });
  };
  const visit = (node: ts.Node): void => {
    if (isHidden(node, source)) return;
    if (ts.isStringLiteralLike(node)) add(node, node.text);
    else if (ts.isJsxText(node)) add(node, node.text);
    else if (ts.isTemplateExpression(node))
      add(
        node,
        [node.head, ...node.templateSpans.map(({ literal }) => literal)].map(({ text }) => text).join('{}'),
      );
    ts.forEachChild(node, visit);
  };
  visit(source);
  return found;
}

function isHidden(node: ts.Node, source: ts.SourceFile): boolean {
  if (ts.isImportDeclaration(node) || ts.isExportDeclaration(node) || ts.isTypeNode(node)) return true;
  if (ts.isNewExpression(node)) return node.expression.getText(source) === 'Error';
  if (ts.isJsxAttribute(node)) return NO_WORDS.includes(node.name.getText(source));
  if (!ts.isCallExpression(node)) return false;
  const { expression } = node;
  const called = ts.isPropertyAccessExpression(expression)
    ? expression.name.text
    : expression.getText(source);
  return NOT_SHOWN.includes(called) && node.arguments.every((argument) => ts.isStringLiteralLike(argument));
}
