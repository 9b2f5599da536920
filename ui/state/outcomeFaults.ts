'use client';
import type { Outcome } from './send';

/**
 * The message where a request was not carried out, a line each: what happened, what is kept, what to do.
 *
 * @param kept what is not lost by it
 * @example outcomeFaults({ kind: 'unreachable' }) // ['The app is not responding. Nothing was changed. Try again.']
 */
export function outcomeFaults(outcome: Outcome<unknown>, kept = 'Nothing was changed.'): readonly string[] {
  switch (outcome.kind) {
    case 'saved':
      return [];
    case 'refused':
      return outcome.faults;
    case 'conflict':
      return ['It was changed in another tab or on another device. Reload the page to see it as it is now.'];
    case 'unreachable':
      return [`The app is not responding. ${kept} Try again.`];
    case 'failed':
      return [`${outcome.message} ${kept}${formatErrorId(outcome.errorId)}`];
  }
}

/** By which a failure is found in the log of the app. */
export const formatErrorId = (errorId: string | null): string =>
  errorId === null ? '' : ` (Error ${errorId})`;
