'use client';

/** What came of a request: saved, refused with faults, changed elsewhere, or no answer at all. */
export type Outcome<T> =
  | { readonly kind: 'saved'; readonly value: T }
  | { readonly kind: 'refused'; readonly faults: readonly string[] }
  | { readonly kind: 'conflict'; readonly current: T }
  | { readonly kind: 'unreachable' };

export type Method = 'POST' | 'PUT' | 'PATCH' | 'DELETE';

/** Sends JSON to the app's own server. Never throws. */
export async function send<T>(
  method: Method,
  url: string,
  body?: unknown,
  keepalive = false,
): Promise<Outcome<T>> {
  let response: Response;
  let answer: Record<string, unknown>;
  try {
    response = await fetch(url, {
      method,
      keepalive,
      headers: { 'content-type': 'application/json' },
      body: body === undefined ? undefined : JSON.stringify(body),
    });
    answer = (await response.json()) as Record<string, unknown>;
  } catch {
    return { kind: 'unreachable' };
  }
  if (response.ok) return { kind: 'saved', value: answer as T };
  if (response.status === 409) return { kind: 'conflict', current: answer.current as T };
  if (response.status >= 500) return { kind: 'unreachable' };
  const faults = Array.isArray(answer.faults) ? (answer.faults as string[]) : [String(answer.message)];
  return { kind: 'refused', faults };
}
