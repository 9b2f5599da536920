import { readFileSync } from 'node:fs';
import path from 'node:path';
import ts from 'typescript';

/** The syntax tree of a file, given by its path from the project’s root. */
export const sourceFile = (root: string, file: string): ts.SourceFile =>
  ts.createSourceFile(
    file,
    readFileSync(path.join(root, file), 'utf8'),
    ts.ScriptTarget.Latest,
    true,
    file.endsWith('x') ? ts.ScriptKind.TSX : ts.ScriptKind.TS,
  );
