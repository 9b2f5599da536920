'use client';
import { useRouter } from 'next/navigation';
import { useEffect, useState } from 'react';
import type { HomeRow } from '@/server/homeRow';
import { useWords } from '../fields/Habits';
import { useOutlook } from '../outlook/useOutlook';

/**
 * Works out what lies ahead of filters whose log or pack has changed, one after another while home is open, and draws home
 * anew with each.
 */
export function AheadRefresh({ rows }: { readonly rows: readonly HomeRow[] }) {
  const [failed, setFailed] = useState<readonly string[]>([]);
  const next = rows.find(({ id, outlook }) => !outlook.isFresh && !failed.includes(id));
  if (next === undefined) return null;
  return (
    <Refresh
      key={`${next.id} ${next.outlook.revision}`}
      row={next}
      left={rows.filter(({ outlook }) => !outlook.isFresh).length}
      onFailed={() => setFailed((before) => [...before, next.id])}
    />
  );
}

function Refresh({
  row,
  left,
  onFailed,
}: {
  readonly row: HomeRow;
  readonly left: number;
  readonly onFailed: () => void;
}) {
  const words = useWords();
  const router = useRouter();
  const { state, done, failed } = useOutlook(row.id, {
    ...row.outlook,
    ofThisPlace: true,
    madeAt: null,
    outlook: null,
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
      Working out what lies ahead of {row.name}: {words.show({ kind: 'share', si: done })}
      {left > 1 ? `; ${left - 1} more to come` : ''}.
    </p>
  );
}
