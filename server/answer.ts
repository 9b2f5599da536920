import { randomBytes } from 'node:crypto';
import path from 'node:path';
import { INCOMING_PIECE, MAX_FILE_BYTES, MAX_FILE_WORDS } from '@/formats/fileLimits';
import { SCHEMA_HEADER, SCHEMA_VERSION } from '@/formats/documents/kinds';
import { nestingGauge } from '@/formats/nestingGauge';
import { once } from '@/store/changes';
import { ConflictError, InvalidError, NotFoundError, UnreadableError } from '@/store/errors';
import { inPlace } from '@/store/databasePlace';
import type { Db } from '@/store/openDatabase';
import { StorageError, storageFaultOf, type StorageFault } from '@/store/storageError';
import { database, databaseFile } from './database';
import { readLimited } from './readLimited';
import { noteFailure, noteRequest } from './requestLog';
import { whenUnlocked } from './whenUnlocked';
import { wakeOutlooks } from './outlookWork';

/** What a refused request says: `message` for a person, `faults` a line each, `current` when somebody saved first. */
export interface RequestRefusal {
  readonly message: string;
  readonly faults?: readonly string[];
  readonly current?: unknown;
  /** Of a failure: the log of the app has it too. */
  readonly errorId?: string;
  readonly fault?: RefusalFault;
}

/** Why nothing can be written; or the page that asks is of before an update, and would write what is read no more. */
export type RefusalFault = StorageFault | 'updated';

/** The body of a request that was a JSON object. */
export type Body = Readonly<Record<string, unknown>>;

/** The header in which every change carries its id. */
export const CHANGE_ID = 'x-change-id';

/** Answers a question: runs a handler on the database and turns what it throws into a clear answer. */
export async function answer(
  handle: (db: Db) => unknown,
  about: About = { route: 'GET' },
): Promise<Response> {
  const begun = performance.now();
  const ms = (): number => Math.round(performance.now() - begun);
  try {
    const result: unknown = await handle(database());
    if (about.changeId !== undefined) noteRequest({ ...about, outcome: 'done', ms: ms() });
    return result instanceof Response ? result : Response.json(result ?? {});
  } catch (error) {
    const refusal = refusalOf(error);
    if (refusal !== null) {
      if (about.changeId !== undefined) noteRequest({ ...about, outcome: 'refused', ms: ms() });
      return refusal;
    }
    const fault = storageFaultOf(error);
    const errorId = randomBytes(4).toString('hex');
    noteFailure({ ...about, outcome: 'failed', ms: ms(), errorId }, error);
    if (fault === null) return refuse(500, { message: 'The app failed.', errorId });
    return refuse(503, { message: new StorageError(fault, path.resolve(databaseFile())).message, fault });
  }
}

const UPDATED: RequestRefusal = {
  message: 'Neat Layer was updated while this page was open. Reload the page.',
  fault: 'updated',
};

/** What the log says a request was. */
interface About {
  readonly route: string;
  /** null: a change without an id. */
  readonly changeId?: string | null;
}

/**
 * Makes a change: reads what was sent, then runs a handler in one transaction, once for every change id. The same id
 * again gets the same answer, so that a change whose answer was lost can be sent once more. It is acknowledged only where
 * the database is still the file that was opened.
 *
 * @param read turns the body into what the handler takes; {@link readBody} for JSON
 */
export async function change<T>(
  request: Request,
  read: (request: Request) => Promise<T>,
  handle: (db: Db, input: T) => unknown,
): Promise<Response> {
  const { pathname, search } = new URL(request.url);
  const changeId = request.headers.get(CHANGE_ID);
  const about = { route: `${request.method} ${pathname}`, changeId };
  return answer(async (db) => {
    // Whoever says nothing is no page of ours, and is judged by what it sends.
    const writes = request.headers.get(SCHEMA_HEADER) ?? `${SCHEMA_VERSION}`;
    if (writes !== `${SCHEMA_VERSION}`) return refuse(503, UPDATED);
    const input = await read(request);
    const result = await whenUnlocked(() =>
      inPlace(db, () =>
        once(db, changeId ?? undefined, `${request.method} ${pathname}${search}`, () => handle(db, input)),
      ),
    );
    // Log, pack or tank may have changed: the forecast is worked out anew.
    wakeOutlooks();
    return result;
  }, about);
}

/** Reads nothing: for changes given by their address alone. */
export const noBody = (): Promise<null> => Promise.resolve(null);

/** The bytes of a request that sends a file piece by piece. @throws InvalidError when it is too large a piece */
export const readPiece = (request: Request): Promise<Uint8Array> =>
  readLimited(request, INCOMING_PIECE, 'The part is too large. Send smaller parts.');

/** The text of a request’s body. @throws InvalidError when it is larger than the one limit of the app */
export async function readText(request: Request): Promise<string> {
  return new TextDecoder().decode(
    await readLimited(request, MAX_FILE_BYTES, `That is more than ${MAX_FILE_WORDS}. Send less.`),
  );
}

/** The JSON body of a request. @throws InvalidError when it is too large or no JSON object */
export async function readBody(request: Request): Promise<Body> {
  const text = await readText(request);
  if (nestingGauge()(text)) throw new InvalidError(['The request is nested too deeply.']);
  try {
    const body: unknown = JSON.parse(text);
    if (typeof body === 'object' && body !== null && !Array.isArray(body)) return body as Body;
  } catch {
    // Said below.
  }
  throw new InvalidError(['The request is not a JSON object.']);
}

/** A list in a body. @throws InvalidError */
export function listOf(body: Body, name: string): readonly unknown[] {
  const list = body[name];
  if (!Array.isArray(list)) throw new InvalidError([`${name}: the list is missing.`]);
  return list as unknown[];
}

/** The version a change was made from. */
export function versionOf(body: Body): number {
  if (typeof body.version === 'number' && Number.isSafeInteger(body.version)) return body.version;
  throw new InvalidError(['version: the number of the version that was changed is missing.']);
}

/** The document of a change; its id must be the one in the address. */
export function docOf(body: Body, id: string): unknown {
  const { doc } = body;
  if (typeof doc === 'object' && doc !== null && 'id' in doc && doc.id === id) return doc;
  throw new InvalidError(['doc: the document is missing or has another id than the address.']);
}

/** The answer to what is refused for a reason; null: the app failed. */
function refusalOf(error: unknown): Response | null {
  if (error instanceof InvalidError) return refuse(422, { message: error.message, faults: error.faults });
  if (error instanceof ConflictError) return refuse(409, { message: error.message, current: error.current });
  if (error instanceof NotFoundError) return refuse(404, { message: error.message });
  if (error instanceof UnreadableError)
    return refuse(422, {
      message: error.message,
      faults: ['A record that belongs to it cannot be read. Go to Filters to repair or remove it.'],
    });
  return null;
}

const refuse = (status: number, refusal: RequestRefusal): Response => Response.json(refusal, { status });
