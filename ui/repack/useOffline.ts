'use client';
import { useEffect, useState } from 'react';

/** Whether this page goes on without the app: being got ready, ready, or not to be had in this browser. */
export type Offline = 'preparing' | 'ready' | 'off';

/** Milliseconds after a save before the page is kept anew: a few ticks make one copy. */
const PAUSE_MS = 1500;

/** The worker that keeps pages, once it is in charge. */
async function keeper(): Promise<ServiceWorker | null> {
  const { serviceWorker } = navigator;
  try {
    const { build } = (await (await fetch('/api/offline')).json()) as { build: string | null };
    if (build === null) return null;
    await serviceWorker.register(`/sw.js?build=${encodeURIComponent(build)}`);
  } catch {
    // The app is not responding, or the address is not safe: the copy that is there already stays.
    if (serviceWorker.controller === null) return null;
  }
  return (await serviceWorker.ready).active;
}

/**
 * Keeps the page in the browser, so that it goes on and can be reloaded while the app is not responding.
 *
 * @param address of the page
 * @param savedAt changes whenever something was stored: the page is then kept anew
 */
export function useOffline(address: string, savedAt: string | null): Offline {
  const [state, setState] = useState<Offline>('preparing');
  useEffect(() => {
    // Absent over an address that is not safe.
    if (!('serviceWorker' in navigator)) {
      const off = setTimeout(() => setState('off'));
      return () => clearTimeout(off);
    }
    const hear = (event: MessageEvent<unknown>) => {
      if ((event.data as { kept?: string } | null)?.kept === address) setState('ready');
    };
    navigator.serviceWorker.addEventListener('message', hear);
    const timer = setTimeout(
      () =>
        void keeper().then(
          (worker) => {
            if (worker === null) setState('off');
            else worker.postMessage({ keep: address });
          },
          () => setState('off'),
        ),
      PAUSE_MS,
    );
    return () => {
      clearTimeout(timer);
      navigator.serviceWorker.removeEventListener('message', hear);
    };
  }, [address, savedAt]);
  return state;
}
