'use client';
import { useLayoutEffect, useRef } from 'react';

/** One shortcut of a screen: how it is written in the help, what it does, and when a key press means it. */
export interface Shortcut {
  readonly keys: string;
  readonly does: string;
  /** Left out for shortcuts that an element handles itself and that are only listed. */
  readonly matches?: (event: KeyboardEvent) => boolean;
  readonly run?: () => void;
}

const isTyping = (target: EventTarget | null): boolean =>
  target instanceof HTMLElement &&
  (target.isContentEditable || /^(INPUT|TEXTAREA|SELECT)$/.test(target.tagName));

/** Listens for a screen's shortcuts, except where the keeper is typing. */
export function useKeys(shortcuts: readonly Shortcut[]): void {
  const current = useRef(shortcuts);
  // With the drawing, not some time after it: a key means what the screen shows when it is pressed.
  useLayoutEffect(() => {
    current.current = shortcuts;
  });
  useLayoutEffect(() => {
    const press = (event: KeyboardEvent) => {
      if (event.defaultPrevented || isTyping(event.target)) return;
      const shortcut = current.current.find((item) => item.matches?.(event) === true);
      if (shortcut?.run === undefined) return;
      event.preventDefault();
      shortcut.run();
    };
    window.addEventListener('keydown', press);
    return () => window.removeEventListener('keydown', press);
  }, []);
}
