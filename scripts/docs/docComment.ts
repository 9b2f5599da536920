import ts from 'typescript';

/** The comment that stands before a statement. */
export interface DocComment {
  /** Its text up to the first tag, on one line. */
  readonly text: string;
  /** The text of each tag by its name, on one line; a tag that is there twice counts once. */
  readonly tags: Readonly<Record<string, string>>;
}

const oneLine = (text: string): string =>
  text
    .replace(/\{@link (\w+)\}/g, '`$1`')
    .replace(/\s+/g, ' ')
    .trim();

/**
 * The last comment before a node: a documentation comment as the compiler reads it, else a plain one of several lines that
 * stands right above; null: there is none.
 */
export function docComment(node: ts.Node): DocComment | null {
  const doc = ts.getJSDocCommentsAndTags(node).findLast(ts.isJSDoc);
  if (doc === undefined) return plainComment(node);
  return {
    text: oneLine(ts.getTextOfJSDocComment(doc.comment) ?? ''),
    tags: Object.fromEntries(
      (doc.tags ?? []).map((tag) => [tag.tagName.text, oneLine(ts.getTextOfJSDocComment(tag.comment) ?? '')]),
    ),
  };
}

function plainComment(node: ts.Node): DocComment | null {
  const source = node.getSourceFile().text;
  const last = ts.getLeadingCommentRanges(source, node.getFullStart())?.at(-1);
  if (
    last?.kind !== ts.SyntaxKind.MultiLineCommentTrivia ||
    /\n\s*\n/.test(source.slice(last.end, node.getStart()))
  )
    return null;
  const text = source.slice(last.pos + 2, last.end - 2).replace(/^\s*\* ?/gm, '');
  return { text: oneLine(text), tags: {} };
}
