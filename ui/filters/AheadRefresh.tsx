'use client';
import { useRouter } from 'next/navigation';
import { useEffect, useState } from 'react';
import type { HomePage } from '@/server/homePage';
import { useWords } from '../fields/Habits';
import { useOutlook } from '../outlook/useOutlook';

/**
 * Works out what lies ahead of filters whose log or pack has changed, one after another while home is open, and draws home
 * anew with each.
 */
export function AheadRefresh({ stale }: Pick<HomePage, 'stale'>) {
  const [failed, setFailed] = useState<readonly string[]>([]);
  const next = stale.find(({ id }) => !failed.includes(id));
  if (next === undefined) return null;
  return (
    <Refresh
      key={`${next.id} ${next.revision}`}
      filter={next}
      left={stale.length - failed.length}
      onFailed={() => setFailed((before) => [...before, next.id])}
    />
  );
}

function Refresh({
  filter,
  left,
  onFailed,
}: {
  readonly filter: HomePage['stale'][number];
  readonly left: number;
  readonly onFailed: () => void;
}) {
  const words = useWords();
  const router = useRouter();
  const { state, done, failed } = useOutlook(filter.id, {
    ...{ revision: filter.revision, isFresh: false, ofThisPlace: true },
    ...{ madeAt: null, outlook: null },
  });
  useEffect(() => {
    if (state.isFresh) router.refresh();
  }, [state, router]);
  useEffect(() => {
    if (failed) onFailed();
  }, [failed, onFailed]);
  if (done === null) return null;
  return (
    <p role="status" className="quiet">
      Working out what lies ahead of {filter.name}: {words.show({ kind: 'share', si: done })}
      {left > 1 ? `; ${left - 1} more to come` : ''}.
    </p>
  );
}
