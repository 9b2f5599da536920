'use client';
import Button from '@mui/material/Button';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { send } from '../state/send';

const WORDS_BY_ACTION = {
  POST: {
    label: 'Try it with four example filters',
    fault: 'The example filters could not be added. Nothing was changed. Try again.',
  },
  DELETE: {
    label: 'Remove the example filters',
    fault: 'The example filters could not be removed. Nothing was changed. Try again.',
  },
} as const;

/** Adds made-up filters to try the app with, or removes them, in one press; the keeper’s own are never touched. */
export function TryOut({ method }: { method: keyof typeof WORDS_BY_ACTION }) {
  const router = useRouter();
  const [busy, setBusy] = useState(false);
  const [failed, setFailed] = useState(false);
  const { label, fault } = WORDS_BY_ACTION[method];
  const press = async () => {
    setBusy(true);
    const outcome = await send(method, '/api/try-out');
    setBusy(false);
    setFailed(outcome.kind !== 'saved');
    router.refresh();
  };
  return (
    <>
      <Button disabled={busy} onClick={() => void press()}>
        {label}
      </Button>
      {failed ? <p role="alert">{fault}</p> : null}
    </>
  );
}
