'use client';
import { useCallback, useEffect, useState } from 'react';
import { allDrafts, deleteDraft, type Draft } from './drafts';
import { hasEnded } from './pageLife';

/** What this browser keeps that was never stored and that no living page is working on; read once the page stands. */
export function useLeftDrafts(): {
  readonly drafts: readonly Draft[];
  readonly drop: (draft: Draft) => void;
} {
  const [drafts, setDrafts] = useState<readonly Draft[]>([]);
  useEffect(() => {
    let gone = false;
    const look = async () => {
      const found = await Promise.all(
        allDrafts().map(async (draft) => (draft.left || (await hasEnded(draft.pageId)) ? [draft] : [])),
      );
      if (!gone) setDrafts(found.flat());
    };
    void look();
    return () => {
      gone = true;
    };
  }, []);
  const drop = useCallback((draft: Draft) => {
    deleteDraft(draft);
    setDrafts((before) => before.filter((kept) => kept !== draft));
  }, []);
  return { drafts, drop };
}
