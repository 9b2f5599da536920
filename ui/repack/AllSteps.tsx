import Button from '@mui/material/Button';
import type { PackedStep } from '@/core/job/job';
import type { Layer } from '@/core/layers/layer';
import { END_PLACE } from '@/core/repack/stepPlace';
import { useWords } from '../fields/UnitsProvider';
import { FullScreen } from './FullScreen';
import { StepList } from './StepList';
import type { RepackSteps } from './useRepackSteps';
import styles from './RepackSheet.module.css';

interface Props {
  readonly repack: RepackSteps;
  readonly layers: readonly Layer[];
  readonly packed: readonly PackedStep[];
  readonly isPhone: boolean;
  readonly onChoose: () => void;
}

/** The whole list: where the repack stands, to tick, to jump in, and to print. */
export function AllSteps({ repack, layers, packed, isPhone, onChoose }: Props) {
  const words = useWords();
  const { steps, layersIn, current, isDone, tick, choose, measures } = repack;
  return (
    <section aria-label="All steps" className={styles.list}>
      <StepList
        {...{ steps, layersIn, layers, packed, isDone }}
        currentKey={current?.key ?? END_PLACE}
        onTick={(step, on) => {
          tick(step, on);
          choose(null);
        }}
        onChoose={(step) => {
          choose(step.key);
          onChoose();
        }}
      />
      <p className={styles.sum}>
        {words.show({ kind: 'volume', si: measures.totals.volume })} of media,{' '}
        {words.show({ kind: 'mass', si: measures.totals.dryMass })} dry
      </p>
      <div className={styles.print} data-print="no">
        <Button onClick={() => window.print()}>Print the list</Button> {isPhone ? <FullScreen /> : null}
      </div>
    </section>
  );
}
