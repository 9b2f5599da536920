'use client';
import { useMemo } from 'react';
import { useFlowLine } from './FlowLineContext';
import { describeInsertion } from './describeInsertion';
import { insertionPoints, type InsertionPoint } from './insertionPoints';
import styles from './InsertionButtons.module.css';

interface Props {
  /** The place whose media are shown, and what it is called. */
  readonly onOpen: (point: InsertionPoint, where: string) => void;
  readonly open: InsertionPoint | null;
}

/** A press between two layers to put one in there: they stand on the lower edge of the section and cover no letter. */
export function InsertionButtons({ onOpen, open }: Props) {
  const { filter, layout, layerById, editing } = useFlowLine();
  const points = useMemo(() => insertionPoints(layout), [layout]);
  if (editing.full) return null;
  const whereOf = (point: InsertionPoint): string => describeInsertion(point, filter, layerById);
  return points.map((point) => (
    <button
      key={`${point.chamberId} ${point.index}`}
      type="button"
      className={styles.point}
      style={{ left: point.x, top: layout.height }}
      aria-label={`Add a layer ${whereOf(point)}`}
      aria-expanded={open?.chamberId === point.chamberId && open.index === point.index}
      onClick={() => onOpen(point, whereOf(point))}
    >
      +
    </button>
  ));
}
