'use client';
import type { PackEdit } from '@/core/pack/packEdit';
import { useWords } from '../fields/UnitsProvider';
import styles from './Improvement.module.css';
import type { FoundImprovement as Found } from './foundImprovement';

interface Props {
  readonly of: Found | null;
  /** It was worked out for the pack as it was a moment ago: shown, so that nothing jumps, and not to be pressed. */
  readonly stale: boolean;
  readonly onEdit: (edit: PackEdit) => void;
}

/** What would improve a figure most, and by how much; made with a press where the bench can make it. */
export function Improvement({ of, stale, onEdit }: Props) {
  const words = useWords();
  if (of === null) return null;
  const { edit, what } = of.change;
  const said = `${words.say(what)}: +${words.show(of.by, of.by.kind === 'gap' ? 1 : undefined)}`;
  return (
    <span className={styles.line} data-stale={stale}>
      {edit === undefined || stale ? (
        said
      ) : (
        <button type="button" className={styles.make} onClick={() => onEdit(edit)}>
          {said}
        </button>
      )}
    </span>
  );
}
