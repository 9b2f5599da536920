'use client';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { send } from '../state/send';
import styles from './TodayList.module.css';

interface Props {
  readonly name: string;
  /** Ids of the filters as they are listed, and the place of this one. */
  readonly ids: readonly string[];
  readonly place: number;
  /** The order so far, of more filters than are listed. */
  readonly order: readonly string[];
}

/** Moves a filter up or down in the order in which the keeper goes through them. */
export function TodayOrder({ name, ids, place, order }: Props) {
  const router = useRouter();
  const [failed, setFailed] = useState(false);
  const move = async (by: 1 | -1) => {
    const listed = ids.toSpliced(place, 1).toSpliced(place + by, 0, ids[place]!);
    const outcome = await send('PATCH', '/api/settings', {
      filterOrder: [...listed, ...order.filter((id) => !ids.includes(id))],
    });
    setFailed(outcome.kind !== 'saved');
    router.refresh();
  };
  return (
    <span className={styles.order}>
      <button
        type="button"
        aria-label={`${name} earlier`}
        disabled={place === 0}
        onClick={() => void move(-1)}
      >
        ↑
      </button>
      <button
        type="button"
        aria-label={`${name} later`}
        disabled={place === ids.length - 1}
        onClick={() => void move(1)}
      >
        ↓
      </button>
      {failed ? <span role="alert">The order could not be saved. Try again.</span> : null}
    </span>
  );
}
