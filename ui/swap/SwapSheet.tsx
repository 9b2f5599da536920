'use client';
import Button from '@mui/material/Button';
import { format, parseISO } from 'date-fns';
import type { Filter } from '@/core/filter/filter';
import type { Job } from '@/core/job/job';
import type { Layer } from '@/core/layers/layer';
import type { Surroundings } from '@/core/report/surroundings';
import { swapVerdict } from '@/core/report/swapVerdict';
import { withAssumedFood } from '@/core/report/verdict';
import type { Stored } from '@/store/documentTable';
import { FilterLayout } from '../frame/FilterLayout';
import { SaveStatus } from '../frame/SaveStatus';
import { UndoButtons } from '../frame/UndoButtons';
import { VerdictBanner } from '../frame/VerdictBanner';
import { undoShortcuts } from '../state/undoShortcuts';
import { useAutosave } from '../state/useAutosave';
import { SwapPieces } from './SwapPieces';
import styles from './SwapSheet.module.css';
import { SwapStages } from './SwapStages';
import { useSwap } from './useSwap';

interface Props {
  readonly filter: Stored<Filter>;
  readonly job: Job | null;
  /** What is in the filter now, as far as is known. */
  readonly layers: readonly Layer[];
  readonly around: Surroundings;
  readonly now: string;
}

/** Retire media in stages: what goes out when, and what ammonia and nitrite come to. */
export function SwapSheet({ filter: stored, job, layers, around, now }: Props) {
  const save = useAutosave('filter', stored);
  const filter = save.doc;
  const plan = useSwap(save, layers, around);
  const { swap, judged, hasFood, retirable, editing, begun, change } = plan;
  const said = swapVerdict(
    !hasFood ? 'no food' : (swap ?? (retirable.length === 0 ? 'no media' : 'nothing chosen')),
    judged,
    now,
  );
  return (
    <FilterLayout
      page="Media swap"
      filter={filter}
      job={job}
      here="media-swap"
      shortcuts={[
        ...undoShortcuts(editing.undo, editing.redo),
        { keys: '← →', does: 'move the selected stage by a day' },
        { keys: 'Page Up, Page Down', does: 'move it by a week' },
      ]}
      status={
        <>
          <UndoButtons editing={editing} />
          <SaveStatus saves={[save]} />
        </>
      }
    >
      <VerdictBanner
        verdict={swap === null ? said : withAssumedFood(said, around.tank)}
        action={
          swap === null || begun ? undefined : (
            <Button
              variant="contained"
              onClick={() => change({ ...swap, begunOn: format(parseISO(now), 'yyyy-MM-dd') })}
            >
              Start the swap today
            </Button>
          )
        }
      />
      <div className={styles.sheet}>
        <SwapPieces {...plan} />
        <div className={styles.course}>
          <SwapStages {...plan} now={now} />
        </div>
      </div>
    </FilterLayout>
  );
}
