'use client';
import { useWords } from '../fields/UnitsProvider';
import type { Words } from '../fields/wordsFor';
import type { Saving } from './saving';
import styles from './SaveStatus.module.css';
import { lazyPart, usePreload } from './lazyPart';

// Loaded when they are needed, which is seldom.
const SaveTroubles = lazyPart(() => import('./SaveTroubles').then((module) => module.SaveTroubles));

/** "saved 14:06", or what stands in the way of saving, in words. The worst of several documents counts. */
export function SaveStatus({ saves }: { saves: readonly Saving[] }) {
  const words = useWords();
  usePreload(SaveTroubles);
  const hasTroubles = saves.some(
    ({ state, asides }) =>
      state.kind === 'conflict' ||
      state.kind === 'refused' ||
      (state.kind === 'failed' && state.fault !== null) ||
      asides.length > 0,
  );
  return (
    <>
      <span role="status" suppressHydrationWarning className={styles.status} data-kind={worst(saves)}>
        {text(saves, words)}
      </span>
      <div className={styles.panels}>{hasTroubles ? <SaveTroubles saves={saves} /> : null}</div>
    </>
  );
}

const ORDER = ['conflict', 'refused', 'failed', 'unreachable', 'saving', 'saved'] as const;

const worst = (saves: readonly Saving[]) =>
  ORDER.find((kind) => saves.some((save) => save.state.kind === kind)) ?? 'saved';

/** “ (error 3f2a91c0)”: by which it is found in the log of the app. */
function failedId(saves: readonly Saving[]): string {
  const ids = saves.flatMap(({ state }) => (state.kind === 'failed' ? (state.errorId ?? []) : []));
  return ids.length === 0 ? '' : ` (error ${ids[0]})`;
}

function text(saves: readonly Saving[], words: Words): string {
  switch (worst(saves)) {
    case 'conflict':
      return 'changed in another place';
    case 'refused':
      return 'not saved';
    case 'unreachable':
      return 'not saved yet: the app is not responding. Your change is kept here and the app keeps trying';
    case 'failed':
      // The panel says why, and what to do.
      return saves.some(({ state }) => state.kind === 'failed' && state.fault !== null)
        ? 'not saved yet'
        : `not saved yet: the app failed${failedId(saves)}; kept here, trying again`;
    case 'saving':
      return 'saving';
    case 'saved': {
      const newest =
        saves
          .map((save) => (save.state.kind === 'saved' ? save.state.at : ''))
          .sort()
          .at(-1) ?? '';
      return newest === '' ? 'saved' : `saved ${words.clock(newest)}`;
    }
  }
}
