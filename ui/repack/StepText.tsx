import type { ReactNode, Ref } from 'react';
import type { Job } from '@/core/job/job';
import { PHASE_WORDS, type RepackStep } from '@/core/repack/repackStep';
import { timerKey, timerStartedAt } from '@/core/repack/stepEdits';
import { useWords } from '../fields/UnitsProvider';
import { StepTimer } from './StepTimer';
import styles from './RepackSheet.module.css';

interface Props {
  readonly step: RepackStep;
  readonly at: number;
  readonly of: number;
  readonly ticks: Job['ticks'];
  readonly setTick: (key: string, on: boolean) => void;
  readonly heading: Ref<HTMLHeadingElement>;
  /** What is shown or asked beneath. */
  readonly children: ReactNode;
}

/** What to do in one step, where to take care, and its timer. */
export function StepText({ step, at, of, ticks, setTick, heading, children }: Props) {
  const words = useWords();
  return (
    <div className={styles.text}>
      <p className={styles.count}>
        {PHASE_WORDS[step.phase]} · step {at + 1} of {of}
      </p>
      <h2 ref={heading} tabIndex={-1} className={styles.title}>
        {step.title}
      </h2>
      {step.says.map((line, index) => (
        <p key={index} className={styles.say}>
          {words.say(line)}
        </p>
      ))}
      {step.caution === null ? null : (
        <p className={styles.caution}>
          <strong>Take care</strong> {step.caution}
        </p>
      )}
      {step.seconds === null ? null : (
        <StepTimer
          key={step.key}
          seconds={step.seconds}
          startedAt={timerStartedAt(ticks, step.key)}
          onStart={(on) => setTick(timerKey(step.key), on)}
        />
      )}
      {children}
    </div>
  );
}
