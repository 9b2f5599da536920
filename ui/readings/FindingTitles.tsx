'use client';
import { findingIdentity } from '@/core/findings/findingIdentity';
import type { PackReport } from '@/core/report/evaluatePack';
import { useWords } from '../fields/UnitsProvider';
import styles from './FindingsPanel.module.css';
import { LEVEL_WORDS } from './levelWords';

/** What stands against a pack so far, in one line each. */
export function FindingTitles({
  report,
  onSelect,
}: {
  report: PackReport;
  onSelect: (id: string | null) => void;
}) {
  const words = useWords();
  const serious = report.findings.filter((item) => item.level !== 'note');
  return (
    <section aria-label="So far" className={styles.panel}>
      <h2 className={`caption ${styles.heading}`}>Findings so far</h2>
      {report.layers.length === 0 ? <p>Enter a layer to see findings.</p> : null}
      {report.layers.length > 0 && serious.length === 0 ? (
        <p className={styles.fine}>No problems found.</p>
      ) : null}
      <ul>
        {serious.map((finding) => (
          <li key={findingIdentity(finding)} className={styles.line} data-level={finding.level}>
            <button type="button" onClick={() => onSelect(finding.layers[0] ?? null)}>
              <span className={styles.level}>{LEVEL_WORDS[finding.level]}</span> {words.say(finding.title)}
            </button>
          </li>
        ))}
      </ul>
    </section>
  );
}
