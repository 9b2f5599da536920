'use client';
import Button from '@mui/material/Button';
import { useRouter } from 'next/navigation';
import { useEffect, useRef, useState } from 'react';
import type { HomePage } from '@/server/homePage';
import { useWords } from '../fields/UnitsProvider';
import { onNews } from '../state/onNews';
import { send } from '../state/send';

/** Milliseconds between two drawings of home while answers come in. */
const REDRAW_EVERY_MS = 1000;

interface Progress {
  readonly filterId: string;
  readonly done: number;
  readonly left: number;
}

/** Says what the app works out in the background, and draws home anew as the answers come in. */
export function AheadRefresh({
  stale,
  failed: before,
}: Pick<HomePage, 'stale'> & { readonly failed: readonly string[] }) {
  const words = useWords();
  const router = useRouter();
  const [progress, setProgress] = useState<Progress | null>(null);
  const [failed, setFailed] = useState<readonly string[]>(before);
  const timer = useRef<ReturnType<typeof setTimeout> | null>(null);
  const isStale = stale.length > 0;
  useEffect(() => {
    if (!isStale) return undefined;
    const draw = (): void => {
      timer.current ??= setTimeout(() => {
        timer.current = null;
        router.refresh();
      }, REDRAW_EVERY_MS);
    };
    // What became ready before the stream was open is drawn too.
    const off = onNews((news) => {
      if (news.kind === 'progress') setProgress(news);
      else if (news.kind === 'failed') setFailed((known) => [...new Set([...known, news.filterId])]);
      else {
        setProgress(null);
        draw();
      }
    });
    return () => {
      off();
      if (timer.current !== null) clearTimeout(timer.current);
      timer.current = null;
    };
  }, [isStale, router]);
  const nameOf = (id: string): string => stale.find((item) => item.id === id)?.name ?? 'a filter';
  const broken = stale.filter(({ id }) => failed.includes(id));
  if (!isStale) return null;
  return (
    <div role="status" className="quiet">
      {progress === null || broken.some(({ id }) => id === progress.filterId) ? null : (
        <p>
          Updating the forecast for {nameOf(progress.filterId)}:{' '}
          {words.show({ kind: 'share', si: progress.done })}
          {progress.left > 0 ? `; ${progress.left} more to come` : ''}.
        </p>
      )}
      {broken.map(({ id, name }) => (
        <p key={id}>
          The forecast of {name} could not be worked out.{' '}
          <Button
            variant="text"
            onClick={() => {
              setFailed((known) => known.filter((item) => item !== id));
              void send('POST', `/api/filters/${id}/outlook`);
            }}
          >
            Try again
          </Button>
        </p>
      ))}
    </div>
  );
}
