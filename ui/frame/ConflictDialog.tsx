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
      slotProps={{ paper: { 'aria-label': 'Changed elsewhere', className: styles.dialog } }}
    >
      <p className={styles.heading}>This was changed in another tab or on another device.</p>
      <p>Both versions are safe until you choose. The one you do not choose is gone.</p>
      <div className={styles.buttons}>
        <Button onClick={onTheirs}>Take the other version</Button>
        <Button variant="contained" onClick={onMine}>
          Keep what is on this screen
        </Button>
      </div>
    </Dialog>
  );
}
