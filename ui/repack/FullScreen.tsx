'use client';
import Button from '@mui/material/Button';
import { useSyncExternalStore } from 'react';

function listen(changed: () => void): () => void {
  document.addEventListener('fullscreenchange', changed);
  return () => document.removeEventListener('fullscreenchange', changed);
}

/** Fills the screen with the step; nothing where the browser cannot. */
export function FullScreen() {
  const can = useSyncExternalStore(
    listen,
    () => document.fullscreenEnabled,
    () => false,
  );
  const isFull = useSyncExternalStore(
    listen,
    () => document.fullscreenElement !== null,
    () => false,
  );
  if (!can) return null;
  const change = () => (isFull ? document.exitFullscreen() : document.documentElement.requestFullscreen());
  return (
    <Button onClick={() => void change().catch(() => undefined)}>
      {isFull ? 'Leave full screen' : 'Full screen'}
    </Button>
  );
}
