import Button from '@mui/material/Button';
import type { LogActions } from './useLog';

/** Says that an entry was deleted and offers it back, and what went wrong with the log. */
export function DeletedEntry({
  removed,
  restore,
  faults,
}: Pick<LogActions, 'removed' | 'restore' | 'faults'>) {
  return (
    <>
      {removed === null ? null : (
        <p role="status">
          Entry deleted. <Button onClick={() => void restore()}>Undo</Button>
        </p>
      )}
      {faults.length === 0 ? null : <p role="alert">{faults.join(' ')}</p>}
    </>
  );
}
