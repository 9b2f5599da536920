'use client';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import styles from './SaveStatus.module.css';

interface Props {
  readonly onTheirs: () => void;
  readonly onMine: () => void;
}

/** Two versions of a document, of which one must be chosen before anything more is saved. */
export function ConflictDialog({ onTheirs, onMine }: Props) {
  return (
    <Dialog
      open
      role="alertdialog"
      slotProps={{ paper: { 'aria-label': 'Changed in another place', className: styles.dialog } }}
    >
      <p className={styles.heading}>This was changed in another tab or on another device.</p>
      <p>Both versions are safe until you choose. The other one will then be lost.</p>
      <div className={styles.buttons}>
        <Button onClick={onTheirs}>Use the other version</Button>
        <Button variant="contained" onClick={onMine}>
          Keep my version
        </Button>
      </div>
    </Dialog>
  );
}
