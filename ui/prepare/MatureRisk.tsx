'use client';
import Button from '@mui/material/Button';
import type { Finding } from '@/core/findings/finding';
import type { Sentence } from '@/core/units/sentence';
import { useWords } from '../fields/UnitsProvider';
import { LEVEL_WORDS } from '../readings/levelWords';
import styles from './MatureRisk.module.css';

interface Props {
  /** That mature media leaves; null: enough stays. */
  readonly finding: Finding | null;
  /** What a new tank does until its bacteria have grown; null: it is not one. */
  readonly newTank: Sentence | null;
  /** ISO moment; null: not yet. */
  readonly acknowledged: string | null;
  readonly onAcknowledge: (done: boolean) => void;
}

/** What the animals are in for, before anything is opened: read, and acknowledged. */
export function MatureRisk({ finding, newTank, acknowledged, onAcknowledge }: Props) {
  const words = useWords();
  return (
    <section aria-label="Bacteria" className={styles.risk} data-level={finding?.level ?? 'note'}>
      {finding === null ? null : (
        <>
          <p>
            <strong className={styles.level}>{LEVEL_WORDS[finding.level]}</strong> {words.say(finding.title)}{' '}
            {words.say(finding.reason)}
          </p>
          {acknowledged === null ? (
            <Button onClick={() => onAcknowledge(true)}>I accept this risk</Button>
          ) : (
            <p className="quiet">
              You accepted this risk on {words.date(acknowledged, { day: 'numeric', month: 'long' })}.{' '}
              <Button variant="text" onClick={() => onAcknowledge(false)}>
                Undo
              </Button>
            </p>
          )}
        </>
      )}
      {newTank === null ? null : (
        <p>
          <strong className={styles.level}>New tank</strong> {words.say(newTank)}
        </p>
      )}
    </section>
  );
}
