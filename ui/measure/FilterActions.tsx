'use client';
import Button from '@mui/material/Button';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import type { Filter } from '@/core/filter/filter';
import { send } from '../state/send';
import styles from './FilterActions.module.css';

/** Take the filter with you as a file, or remove it for good. */
export function FilterActions({ filter }: { filter: Filter }) {
  const router = useRouter();
  const [asking, setAsking] = useState(false);
  const [fault, setFault] = useState<string | null>(null);
  const remove = async () => {
    const outcome = await send('DELETE', `/api/filters/${filter.id}`);
    if (outcome.kind === 'saved') {
      router.push('/');
      router.refresh();
    } else setFault('The filter could not be removed. Nothing was changed. Try again.');
  };
  return (
    <div className={styles.actions}>
      <Button href={`/api/filters/${filter.id}/file`} download>
        Save as a file
      </Button>
      {asking ? (
        <span className={styles.ask}>
          This also deletes its packs, repacks and log.
          <Button color="error" onClick={() => void remove()}>
            Remove {filter.name} permanently
          </Button>
          <Button onClick={() => setAsking(false)}>Keep it</Button>
        </span>
      ) : (
        <Button onClick={() => setAsking(true)}>Remove this filter</Button>
      )}
      {fault === null ? null : <p role="alert">{fault}</p>}
    </div>
  );
}
