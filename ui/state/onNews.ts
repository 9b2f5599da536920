'use client';
import type { OutlookNews } from '@/server/outlookWork';

/** Where the app reports its background work. */
const EVENTS_URL = '/api/events';
/** What the tabs of a browser share it under. */
const CHANNEL_NAME = 'neat-layer news';

/** What a listener hears: news, or that the stream was opened (again) and some may have been missed. */
export type News = OutlookNews | { readonly kind: 'opened' };

const listeners = new Set<(news: News) => void>();
let stop: (() => void) | null = null;

const hear = (news: News): void => listeners.forEach((listener) => listener(news));

/**
 * Tells what goes on in the background of the app, until the answer is called. A browser holds one stream, by whichever of its
 * tabs got hold of it first, and that tab passes on what it hears: connections to one address are few.
 */
export function onNews(listener: (news: News) => void): () => void {
  listeners.add(listener);
  stop ??= listen();
  return () => {
    listeners.delete(listener);
    if (listeners.size > 0) return;
    stop?.();
    stop = null;
  };
}

function listen(): () => void {
  const channel = new BroadcastChannel(CHANNEL_NAME);
  const ends = new AbortController();
  channel.onmessage = ({ data }: MessageEvent<News>) => hear(data);
  const open = (): EventSource => {
    const source = new EventSource(EVENTS_URL);
    const pass = (news: News): void => {
      hear(news);
      channel.postMessage(news);
    };
    source.onopen = () => pass({ kind: 'opened' });
    source.onmessage = ({ data }: MessageEvent<string>) => pass(JSON.parse(data) as OutlookNews);
    return source;
  };
  // Without locks, as where the page came over an unsafe address, each tab has its own.
  if ((navigator.locks as LockManager | undefined) === undefined) {
    const source = open();
    return () => {
      source.close();
      channel.close();
    };
  }
  // The lock is held for as long as this tab holds the stream, and goes to another tab when it is closed.
  navigator.locks
    .request(CHANNEL_NAME, { signal: ends.signal }, () => {
      const source = open();
      return new Promise<void>((resolve) => {
        ends.signal.addEventListener('abort', () => {
          source.close();
          resolve();
        });
        if (ends.signal.aborted) source.close();
      });
    })
    .catch(() => undefined);
  return () => {
    ends.abort();
    channel.close();
  };
}
