import { ConflictError, InvalidError, NotFoundError } from '@/store/errors';
import { database } from './database';
import type { Db } from '@/store/openDatabase';

/** Largest request body, bytes: a filter's file with decades of log stays far below. */
const MOST_BYTES = 20 * 2 ** 20;

/** What a refused request says: `message` for a person, `faults` a line each, `current` when somebody saved first. */
export interface Refusal {
  readonly message: string;
  readonly faults?: readonly string[];
  readonly current?: unknown;
}

/** Runs a handler on the database and turns what it throws into a clear answer. */
export async function answer(handle: (db: Db) => unknown): Promise<Response> {
  try {
    const result: unknown = await handle(database());
    return result instanceof Response ? result : Response.json(result ?? {});
  } catch (error) {
    if (error instanceof InvalidError) return refuse(422, { message: error.message, faults: error.faults });
    if (error instanceof ConflictError)
      return refuse(409, { message: error.message, current: error.current });
    if (error instanceof NotFoundError) return refuse(404, { message: error.message });
    console.error(error);
    return refuse(500, {
      message: 'It could not be saved because the app failed. Nothing was changed; try again.',
    });
  }
}

/** The JSON body of a request. Throws an {@link InvalidError} when it is too large or no JSON. */
export async function readBody(request: Request): Promise<Record<string, unknown>> {
  const text = await request.text();
  if (text.length > MOST_BYTES) throw new InvalidError(['That is more than 20 MB; send less.']);
  try {
    const body: unknown = JSON.parse(text);
    if (typeof body === 'object' && body !== null && !Array.isArray(body))
      return body as Record<string, unknown>;
  } catch {
    // Said below.
  }
  throw new InvalidError(['The request is not a JSON object.']);
}

/** The version a change was made from. */
export function versionOf(body: Record<string, unknown>): number {
  if (typeof body.version === 'number' && Number.isInteger(body.version)) return body.version;
  throw new InvalidError(['version: the number of the version that was changed is missing.']);
}

/** The document of a change; its id must be the one in the address. */
export function docOf(body: Record<string, unknown>, id: string): unknown {
  const { doc } = body;
  if (typeof doc === 'object' && doc !== null && 'id' in doc && doc.id === id) return doc;
  throw new InvalidError(['doc: the document is missing or has another id than the address.']);
}

const refuse = (status: number, refusal: Refusal): Response => Response.json(refusal, { status });
