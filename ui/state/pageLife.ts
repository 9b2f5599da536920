'use client';

/**
 * This page: from when it was loaded until it is left or reloaded. Drafts carry its id, so that those of a page that
 * still lives are left alone.
 */
export const PAGE_ID = globalThis.crypto.randomUUID();

const lockName = (pageId: string): string => `neat-layer page ${pageId}`;

/** Absent where the page did not come from this machine over a safe address. */
const locks = (): LockManager | undefined => (typeof navigator === 'undefined' ? undefined : navigator.locks);

let held = false;

/** Holds this page’s lock for as long as it lives: the browser lets go of it however the page ends. */
export function acquirePageLock(): void {
  if (held) return;
  held = true;
  void locks()?.request(lockName(PAGE_ID), () => new Promise<never>(() => undefined));
}

/** Milliseconds for which a page that opens waits for another one to end: one that is being left lives a little on. */
const MAX_WAIT_MS = 3000;

/** Resolves true once the page with this id has ended, false when it goes on living. */
export async function hasEnded(pageId: string): Promise<boolean> {
  if (pageId === PAGE_ID) return false;
  const manager = locks();
  if (manager === undefined) return true;
  try {
    return await manager.request(lockName(pageId), { signal: AbortSignal.timeout(MAX_WAIT_MS) }, () => true);
  } catch {
    return false;
  }
}
