import { DOCUMENT_SCHEMAS } from '@/formats/documents/documentKinds';
import type { DocumentKind } from '@/formats/documents/kinds';
import { NotFoundError } from '@/store/errors';

/** The kind of document that an address names. @throws NotFoundError */
export function kindOf(name: string): DocumentKind {
  if (Object.hasOwn(DOCUMENT_SCHEMAS, name)) return name as DocumentKind;
  throw new NotFoundError('kind of document');
}
