'use client';
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
      aria-label={dark ? 'Light paper' : 'Dark paper'}
      title={dark ? 'Light paper' : 'Dark paper'}
      onClick={() => setMode(dark ? 'light' : 'dark')}
    >
      <svg width={16} height={16} viewBox="0 0 16 16" aria-hidden="true">
        <circle cx={8} cy={8} r={6.2} fill="none" stroke="currentColor" strokeWidth={1.5} />
        <path d="M8 1.8 A6.2 6.2 0 0 1 8 14.2z" fill="currentColor" />
      </svg>
    </button>
  );
}
