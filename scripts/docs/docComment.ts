import ts from 'typescript';

/** The comment that stands before a statement. */
export interface DocComment {
  /** Its text up to the first tag, on one line. */
  readonly text: string;
  /** The text of each tag by its name, on one line; a tag that is there twice counts once. */
  readonly tags: Readonly<Record<string, string>>;
}

const oneLine = (text: string): string => text.replace(/\s+/g, ' ').trim();

/** The last documentation comment before a node, as the compiler reads it; null: there is none. */
export function docComment(node: ts.Node): DocComment | null {
  const doc = ts.getJSDocCommentsAndTags(node).findLast(ts.isJSDoc);
  if (doc === undefined) return null;
  return {
    text: oneLine(ts.getTextOfJSDocComment(doc.comment) ?? ''),
    tags: Object.fromEntries(
      (doc.tags ?? []).map((tag) => [tag.tagName.text, oneLine(ts.getTextOfJSDocComment(tag.comment) ?? '')]),
    ),
  };
}
