'use client';
import Contrast from '@mui/icons-material/Contrast';
import { useColorScheme } from '@mui/material/styles';
import styles from './HeadButton.module.css';

/** Day and night: light paper, or dark for the bench after dusk. */
export function SchemeSwitch() {
  const { mode, systemMode, setMode } = useColorScheme();
  const dark = (mode === 'system' ? systemMode : mode) === 'dark';
  return (
    <button
      type="button"
      className={styles.button}
      aria-label={dark ? 'Light mode' : 'Dark mode'}
      title={dark ? 'Light mode' : 'Dark mode'}
      onClick={() => setMode(dark ? 'light' : 'dark')}
    >
      <Contrast fontSize="small" />
    </button>
  );
}
