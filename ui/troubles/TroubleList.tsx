'use client';
import Button from '@mui/material/Button';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import type { Trouble } from '@/server/trouble';
import { send } from '../state/send';
import { outcomeFaults } from '../state/outcomeFaults';
import styles from './TroubleList.module.css';

/** Most faults and changes listed of one document. */
const MAX_LINES = 6;

/** Stored documents that cannot be read: what is wrong, and how to keep, repair or remove each. */
export function TroubleList({ troubles }: { troubles: readonly Trouble[] }) {
  return (
    <section aria-label="Records that cannot be read" className={styles.list}>
      <h2 className={styles.heading}>
        {troubles.length === 1 ? 'A saved record' : `${troubles.length} saved records`} cannot be read.
        Everything else works, and nothing was changed.
      </h2>
      <ul>
        {troubles.map((trouble) => (
          <TroubleItem key={`${trouble.kind} ${trouble.id}`} trouble={trouble} />
        ))}
      </ul>
    </section>
  );
}

function TroubleItem({ trouble }: { trouble: Trouble }) {
  const router = useRouter();
  const [asking, setAsking] = useState<'repair' | 'remove' | null>(null);
  const [fault, setFault] = useState<string | null>(null);
  const url = `/api/documents/${trouble.kind}/${trouble.id}`;
  const act = async () => {
    const outcome = await send(asking === 'repair' ? 'POST' : 'DELETE', url);
    if (outcome.kind === 'saved') {
      setAsking(null);
      router.refresh();
    } else setFault(outcomeFaults(outcome).join(' '));
  };
  return (
    <li className={styles.item}>
      <h3 className={styles.title}>{trouble.title}</h3>
      <Lines lines={trouble.faults} />
      {asking === null ? (
        <div className={styles.buttons}>
          <Button component="a" href={url} download>
            Export as it is
          </Button>
          {trouble.repair === null ? null : <Button onClick={() => setAsking('repair')}>Repair</Button>}
          <Button onClick={() => setAsking('remove')}>Remove</Button>
        </div>
      ) : (
        <div className={styles.question}>
          {asking === 'repair' ? (
            <>
              <p>Repairing will make these changes:</p>
              <Lines lines={trouble.repair ?? []} />
            </>
          ) : (
            <p>This removes {trouble.removes}. Export it first if you may want it back.</p>
          )}
          <div className={styles.buttons}>
            <Button variant="contained" onClick={() => void act()}>
              {asking === 'repair' ? 'Repair' : 'Remove permanently'}
            </Button>
            <Button onClick={() => setAsking(null)}>Cancel</Button>
          </div>
        </div>
      )}
      {fault === null ? null : <p role="alert">{fault}</p>}
    </li>
  );
}

function Lines({ lines }: { lines: readonly string[] }) {
  return (
    <ul className={styles.lines}>
      {lines.slice(0, MAX_LINES).map((line, place) => (
        <li key={`${place} ${line}`}>{line}</li>
      ))}
      {lines.length > MAX_LINES ? <li>and {lines.length - MAX_LINES} more</li> : null}
    </ul>
  );
}
