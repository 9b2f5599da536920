'use client';
import { SCHEMA_HEADER, SCHEMA_VERSION } from '@/formats/documents/kinds';
import type { RefusalFault } from '@/server/answer';

/** The app could not do it, whatever was sent. */
export interface Failure {
  readonly kind: 'failed';
  readonly message: string;
  /** By which it is found in the log of the app; null where the message says what to do. */
  readonly errorId: string | null;
  /** Why nothing can be written, or that this page is of before an update; null: something else failed. */
  readonly fault: RefusalFault | null;
}

/** What came of a request: saved, refused with faults, changed elsewhere, failed in the app, or no answer at all. */
export type Outcome<T> =
  | { readonly kind: 'saved'; readonly value: T }
  | { readonly kind: 'refused'; readonly faults: readonly string[] }
  | { readonly kind: 'conflict'; readonly current: T }
  | Failure
  | { readonly kind: 'unreachable' };

/** True once the app has answered; a request that failed or got no answer may be sent again as it was. */
export const isAnswered = ({ kind }: Outcome<unknown>): boolean =>
  kind !== 'unreachable' && kind !== 'failed';

export type Method = 'POST' | 'PUT' | 'PATCH' | 'DELETE';

interface Options {
  /** The change’s own id; without it the same request gets the same id until it is answered. */
  readonly changeId?: string;
}

/** Browsers let requests outlive their page only up to this size together, bytes; a little is left for others. */
const MAX_KEPT_ALIVE = 60_000;

/** Ids of changes that were sent and not answered, by what was sent: pressed again, it is the same change. */
const unanswered = new Map<string, string>();

export const newChangeId = (): string => globalThis.crypto.randomUUID();

/** Sends JSON to the app's own server, with a change id that makes it happen once. Never throws. */
export async function send<T>(
  method: Method,
  url: string,
  body?: unknown,
  { changeId }: Options = {},
): Promise<Outcome<T>> {
  const text = body === undefined ? '' : JSON.stringify(body);
  return sendText<T>(method, url, text, 'application/json', changeId);
}

/** The same for text that is sent as it is. */
export async function sendText<T>(
  method: Method,
  url: string,
  text: string,
  type: string,
  changeId?: string,
): Promise<Outcome<T>> {
  const key = `${method} ${url} ${text}`;
  const id = changeId ?? unanswered.get(key) ?? newChangeId();
  if (changeId === undefined) unanswered.set(key, id);
  const outcome = await fetchOutcome<T>(method, url, text === '' ? undefined : text, type, id);
  if (isAnswered(outcome)) unanswered.delete(key);
  return outcome;
}

/** Sends one request and reads what came of it. */
export async function fetchOutcome<T>(
  method: Method,
  url: string,
  body: string | Blob | undefined,
  type: string,
  changeId: string,
): Promise<Outcome<T>> {
  const size = typeof body === 'string' ? new Blob([body]).size : (body?.size ?? 0);
  let response: Response;
  let answer: Record<string, unknown>;
  try {
    response = await fetch(url, {
      method,
      keepalive: size <= MAX_KEPT_ALIVE,
      headers: { 'content-type': type, 'x-change-id': changeId, [SCHEMA_HEADER]: `${SCHEMA_VERSION}` },
      body,
    });
  } catch {
    return { kind: 'unreachable' };
  }
  try {
    answer = (await response.json()) as Record<string, unknown>;
  } catch {
    // What fails before the app’s own answer says nothing of itself; an answer that breaks off is none.
    return response.status >= 500
      ? { kind: 'failed', message: 'The app failed.', errorId: null, fault: null }
      : { kind: 'unreachable' };
  }
  if (response.ok) return { kind: 'saved', value: answer as T };
  if (response.status === 409) return { kind: 'conflict', current: answer.current as T };
  if (response.status >= 500)
    return {
      kind: 'failed',
      message: typeof answer.message === 'string' ? answer.message : 'The app failed.',
      errorId: typeof answer.errorId === 'string' ? answer.errorId : null,
      fault: (answer.fault as RefusalFault | undefined) ?? null,
    };
  const faults = Array.isArray(answer.faults) ? (answer.faults as string[]) : [String(answer.message)];
  return { kind: 'refused', faults };
}
