import type { LevelStrip } from '@/core/prepare/levelStrip';
import { useWords } from '../fields/UnitsProvider';
import styles from './Prepare.module.css';

/** Where the marks of a level strip stand. */
export function LevelStripNote({ strip }: { readonly strip: LevelStrip }) {
  const words = useWords();
  return (
    <p className={styles.part}>
      Level strip: clean mark at {words.show({ kind: 'gap', si: strip.clean })} below the rim
      {strip.service === null ? '' : `, service at ${words.show({ kind: 'gap', si: strip.service })}`}.
      {strip.tooClose ? ' The marks are very close together, so measuring with a jug tells you more.' : ''}
    </p>
  );
}
