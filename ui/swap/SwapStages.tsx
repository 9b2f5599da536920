import Button from '@mui/material/Button';
import { LAST_STAGE_DAY, MAX_STAGES } from '@/core/filter/swapBounds';
import { inStages, withStageOn } from '@/core/report/swapEdits';
import { StageList } from './StageList';
import { SwapChart } from './SwapChart';
import styles from './SwapSheet.module.css';
import type { SwapOfFilter } from './useSwap';

/** What the water does over the stages, and the stages themselves. */
export function SwapStages({ now, ...plan }: SwapOfFilter & { readonly now: string }) {
  const { swap, bands, begun, hasFood, change, proposeAnew } = plan;
  if (swap === null || bands === null)
    return (
      <p className="quiet">
        Tick the media to replace. The app then finds the fewest stages, on the earliest days, that keep
        ammonia, nitrite and free ammonia below their limits.
      </p>
    );
  const count = swap.stages.length;
  return (
    <>
      <SwapChart
        bands={bands}
        swap={swap}
        onDay={(index, day) => change(withStageOn(swap, index, day), `stage ${index}`)}
        latest={LAST_STAGE_DAY}
      />
      <div className={styles.tools}>
        {begun ? null : (
          <>
            <Button disabled={count >= MAX_STAGES} onClick={() => change(inStages(swap, count + 1))}>
              Add a stage
            </Button>
            <Button disabled={count <= 1} onClick={() => change(inStages(swap, count - 1))}>
              Remove a stage
            </Button>
            <Button disabled={!hasFood} onClick={proposeAnew}>
              Use the fewest safe stages
            </Button>
          </>
        )}
      </div>
      <StageList swap={swap} now={now} onChange={change} />
      <p className="quiet">
        These are estimates: trust your test kit. Dechlorinate all water that touches biological media. If the
        animals show distress, or ammonia or nitrite stays high, change water, feed less and ask an aquatic
        vet.
      </p>
    </>
  );
}
