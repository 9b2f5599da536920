'use client';
import Button from '@mui/material/Button';
import { useEffect, useState, type ComponentType, type ReactNode } from 'react';

/** Milliseconds after a sheet stands before its lazy parts are fetched ahead: the app may be away when they are wanted. */
const FETCH_AHEAD_MS = 2000;

/**
 * A part of a sheet that is loaded apart from it: when it is first shown, or a little after the sheet stands,
 * whichever comes first. Where it cannot be had it says so, and the rest of the sheet goes on.
 *
 * @param load imports the part
 * @param meanwhile what is shown while it comes; left out: nothing
 * @example const Compare = lazyPart(() => import('./Compare').then((module) => module.Compare));
 */
export function lazyPart<Props extends object>(
  load: () => Promise<ComponentType<Props>>,
  meanwhile: ReactNode = null,
): ComponentType<Props> & { readonly preload: () => void } {
  let found: ComponentType<Props> | null = null;
  let coming: Promise<void> | null = null;
  const fetchPart = (): Promise<void> => {
    coming ??= load().then(
      (part) => {
        found = part;
      },
      (error: unknown) => {
        coming = null;
        throw error;
      },
    );
    return coming;
  };

  function LazyPart(props: Props) {
    const [Part, setPart] = useState<ComponentType<Props> | null>(() => found);
    const [failed, setFailed] = useState(false);
    useEffect(() => {
      if (Part !== null || failed) return undefined;
      let wanted = true;
      fetchPart().then(
        () => wanted && setPart(() => found),
        () => wanted && setFailed(true),
      );
      return () => {
        wanted = false;
      };
    }, [Part, failed]);
    if (Part !== null) return <Part {...props} />;
    if (!failed) return meanwhile;
    return (
      <p role="alert">
        This part could not be loaded: the app is not responding, or was updated. What you typed is kept.{' '}
        <Button onClick={() => window.location.reload()}>Reload the page</Button>
      </p>
    );
  }
  return Object.assign(LazyPart, { preload: () => void fetchPart().catch(() => undefined) });
}

/** Fetches parts ahead once the sheet has stood for a while. */
export function usePreload(...parts: readonly { readonly preload: () => void }[]): void {
  useEffect(() => {
    const timer = setTimeout(() => parts.forEach((part) => part.preload()), FETCH_AHEAD_MS);
    return () => clearTimeout(timer);
    // The parts of a sheet are the same at every draw.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, []);
}
