'use client';
import type { ReactNode } from 'react';
import type { OfferedChange } from '@/core/explore/bestChanges';
import type { PackEdit } from '@/core/pack/packEdit';
import type { ReadingChange } from '@/core/report/packReadings';
import type { Verdict } from '@/core/report/verdict';
import { useWords } from '../fields/UnitsProvider';
import type { Words } from '../fields/wordsFor';
import { VerdictBanner } from '../frame/VerdictBanner';
import styles from './VerdictBand.module.css';

interface Props {
  readonly verdict: Verdict;
  readonly changes: readonly OfferedChange[];
  /** They are of the pack as it was a moment ago: shown, so that nothing jumps, and not to be pressed. */
  readonly stale: boolean;
  readonly onEdit: (edit: PackEdit) => void;
  /** The one next step. */
  readonly action: ReactNode;
}

/** The answer first: what state the pack is in, when it needs hands next, and what would help most. */
export function VerdictBand({ verdict, changes, stale, onEdit, action }: Props) {
  const words = useWords();
  return (
    <VerdictBanner verdict={verdict} steady action={action}>
      {changes.length === 0 ? null : (
        <ul aria-label="Best changes" className={styles.changes}>
          {changes.map((change) => (
            <li key={words.say(change.what)}>
              <button
                type="button"
                className={styles.change}
                aria-disabled={stale}
                data-stale={stale}
                onClick={() => !stale && onEdit(change.edit)}
              >
                <strong>{words.say(change.what)}</strong>
                <span className={styles.effect}>{effectOf(change, words)}</span>
              </button>
            </li>
          ))}
        </ul>
      )}
    </VerdictBanner>
  );
}

/** “1 urgent fewer; headroom 12 → 13 mm; but suspended fines 1 → 1.5 mg/L”. */
function effectOf({ urgentFewer, checkFewer, gains, losses }: OfferedChange, words: Words): string {
  const figure = ({ label, before, after }: ReadingChange): string =>
    `${label.toLowerCase()} ${before === null ? 'none' : words.parts(before).number} → ${after === null ? 'none' : words.show(after)}`;
  const counted = [
    ...(urgentFewer > 0 ? [`${urgentFewer} fewer urgent`] : []),
    ...(checkFewer === 0 ? [] : [`${Math.abs(checkFewer)} ${checkFewer > 0 ? 'fewer' : 'more'} to check`]),
  ];
  // Room is for two or three figures: what is gone says most, then what is lost.
  const room = counted.length === 0 ? 2 : losses.length === 0 ? 1 : 0;
  const good = [...counted, ...gains.slice(0, room).map(figure)].join('; ');
  return losses.length === 0 ? good : `${good}; but ${losses.map(figure).join(', ')}`;
}
