import { MAX_PHOTO_BYTES } from '@/core/log/photo';
import { INCOMING_PIECE, MAX_FILE_BYTES, MAX_FILE_WORDS } from '@/formats/fileLimits';
import { PAIRING_PATH } from './homeDoor';

/** The most that a device which is not paired yet may send, bytes: a code and a name. */
export const LARGEST_FORM = 4096;
/** The most of one document or entry, bytes: the largest there are, a full shelf or filter, have a tenth of it. */
const LARGEST_DOCUMENT = 2 * 2 ** 20;

interface Limit {
  readonly bytes: number;
  readonly words: string;
}

/** What may be larger, or must be smaller, than a document, by where it is sent to. */
const LIMITS: readonly (readonly [path: RegExp, limit: Limit])[] = [
  [new RegExp(`^${PAIRING_PATH}$`), { bytes: LARGEST_FORM, words: 'a code and a name' }],
  [/\/photos$/, { bytes: MAX_PHOTO_BYTES, words: 'the 8 MB of a photo' }],
  [/^\/api\/incoming\/[^/]+$/, { bytes: INCOMING_PIECE, words: 'the 4 MB of a part' }],
  [
    /^\/api\/(files|log\/many|filters\/[^/]+\/log)$/,
    { bytes: MAX_FILE_BYTES, words: `the ${MAX_FILE_WORDS} of a file` },
  ],
];
const DOCUMENT: Limit = { bytes: LARGEST_DOCUMENT, words: 'the 2 MB of a record' };

/** Why a request is refused before any of its body is read. */
interface BodyRefusal {
  readonly status: 411 | 413;
  readonly message: string;
}

/**
 * Judges a request’s body by what is said of it, before it is taken in; null: it may come. A browser says how long what it
 * sends is, and the connection holds it to that.
 *
 * @source RFC 9110, 8.6, 15.5.12 and 15.5.14
 */
export function bodyRefusal(path: string, headers: Headers): BodyRefusal | null {
  if (headers.has('transfer-encoding'))
    return { status: 411, message: 'The request does not say how long it is. Nothing was changed.' };
  const { bytes, words } = LIMITS.find(([at]) => at.test(path))?.[1] ?? DOCUMENT;
  return Number(headers.get('content-length') ?? 0) > bytes
    ? { status: 413, message: `That is more than ${words}. Nothing was changed. Send less.` }
    : null;
}
