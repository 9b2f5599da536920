'use client';

/** True where this browser lets the app keep nothing: site storage is blocked. */
export function isStorageBlocked(): boolean {
  try {
    return globalThis.localStorage === undefined;
  } catch {
    return true;
  }
}
