'use client';
import { useId, useState } from 'react';
import styles from './Explanation.module.css';
import { EXPLANATIONS, type ExplainedTerm } from './explanations';

interface Props {
  readonly of: ExplainedTerm;
  /** Shown as a line of its own, where there is room for it; left out: behind a small mark beside the term. */
  readonly line?: boolean;
}

/** What a term means: as a line, or behind a mark beside it that shows it when pressed. */
export function Explanation({ of, line = false }: Props) {
  const [isOpen, setIsOpen] = useState(false);
  const id = useId();
  if (line)
    return (
      <p className={styles.line}>
        <strong>{of}</strong>: {EXPLANATIONS[of]}
      </p>
    );
  return (
    <>
      <button
        type="button"
        className={styles.mark}
        aria-label="What does this mean?"
        aria-expanded={isOpen}
        aria-controls={isOpen ? id : undefined}
        onClick={() => setIsOpen(!isOpen)}
      />
      {isOpen ? (
        <span id={id} className={styles.said}>
          {EXPLANATIONS[of]}
        </span>
      ) : null}
    </>
  );
}
