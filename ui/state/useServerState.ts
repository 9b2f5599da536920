'use client';
import { useState, type Dispatch, type SetStateAction } from 'react';

/**
 * What the server sent with a page, as the sheet has changed it since. What the server sends anew, after a refresh, takes its
 * place.
 *
 * @param sent a prop that the page was drawn with: the same object until the server draws the page again
 */
export function useServerState<T>(sent: T): readonly [T, Dispatch<SetStateAction<T>>] {
  const [base, setBase] = useState(sent);
  const [held, setHeld] = useState(sent);
  // Set while drawing, so that what is old is never shown.
  if (base !== sent) {
    setBase(sent);
    setHeld(sent);
    return [sent, setHeld];
  }
  return [held, setHeld];
}
