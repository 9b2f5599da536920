import Button from '@mui/material/Button';
import styles from './PageButtons.module.css';

interface Props {
  /** First row shown, from 0; rows on a page; and how many there are in all. */
  readonly from: number;
  readonly size: number;
  readonly total: number;
  readonly onFrom: (from: number) => void;
}

/** Leafs through a list whose newest row comes first; nothing where all rows fit on one page. */
export function PageButtons({ from, size, total, onFrom }: Props) {
  if (total <= size) return null;
  return (
    <div className={styles.pages}>
      <Button disabled={from === 0} onClick={() => onFrom(Math.max(0, from - size))}>
        Newer
      </Button>
      <Button disabled={from + size >= total} onClick={() => onFrom(from + size)}>
        Older
      </Button>
    </div>
  );
}
