import Tooltip from '@mui/material/Tooltip';
import styles from './Explanation.module.css';
import { EXPLANATIONS, type ExplainedTerm } from './explanations';

interface Props {
  readonly of: ExplainedTerm;
  /** In sight as a line of its own, where there is room for it; left out: behind a small mark beside the term. */
  readonly line?: boolean;
}

/** What a term means: as a line, or behind a mark that is pointed at, pressed or reached by key. */
export function Explanation({ of, line = false }: Props) {
  if (line)
    return (
      <p className={styles.line}>
        <strong>{of}</strong>: {EXPLANATIONS[of]}
      </p>
    );
  return (
    <Tooltip title={EXPLANATIONS[of]} describeChild enterTouchDelay={0} leaveTouchDelay={8000}>
      <button type="button" className={styles.mark} aria-label="What does this mean?" />
    </Tooltip>
  );
}
