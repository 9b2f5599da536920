import Button from '@mui/material/Button';
import type { ReactNode } from 'react';
import type { RepackStep } from '@/core/repack/repackStep';
import { FullScreen } from './FullScreen';
import type { RepackSteps } from './useRepackSteps';
import styles from './RepackSheet.module.css';

interface Props extends Pick<RepackSteps, 'at' | 'isDone' | 'tick' | 'goOn' | 'goTo'> {
  readonly step: RepackStep;
  /** The step can be marked done: it waits for nothing else. */
  readonly canBeDone: boolean;
  readonly isPhone: boolean;
  /** How a layer went in, where it differs from the plan; null: the step is not about a layer. */
  readonly deviation: ReactNode;
  readonly onList: () => void;
}

/** Back, skip and the large button: for one wet knuckle. */
export function StepButtons(props: Props) {
  const { step, at, canBeDone, isPhone, deviation, isDone, tick, goOn, goTo, onList } = props;
  const done = isDone(step);
  return (
    <div className={styles.foot}>
      <div className={styles.minor}>
        <Button onClick={() => goTo(at - 1)} disabled={at === 0}>
          Back
        </Button>
        {done ? (
          <Button key="undo" onClick={() => tick(step, false)}>
            Mark as not done
          </Button>
        ) : step.acknowledge ? null : (
          // What keeps someone from harm is confirmed, not passed over.
          <Button key="skip" onClick={() => goTo(at + 1)}>
            Skip
          </Button>
        )}
        {deviation}
        <span className={styles.views}>
          {isPhone ? null : <FullScreen />}
          <span className={styles.toList}>
            <Button onClick={onList}>All steps</Button>
          </span>
        </span>
      </div>
      <button
        type="button"
        className={styles.done}
        data-done={done || !canBeDone}
        data-small={!canBeDone}
        onClick={goOn}
      >
        <strong>{done ? 'Next' : canBeDone ? step.confirm : 'Continue without measuring'}</strong>
        <span className={styles.how}>
          {step.acknowledge
            ? 'press here, or the space bar'
            : 'press anywhere on the lower half, or the space bar'}
        </span>
      </button>
    </div>
  );
}
