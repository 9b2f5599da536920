'use client';
import { useMemo } from 'react';
import { mediumOf } from '@/core/layers/mediumOf';
import { lowerFirst } from '@/core/units/firstLetter';
import { useFlowLine } from './FlowLineContext';
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
  const named = (id: string | null): string | null => {
    const layer = id === null ? undefined : layerById.get(id);
    return layer === undefined ? null : lowerFirst(mediumOf(layer).name.split(',')[0] ?? '');
  };
  const whereOf = ({ chamberId, before, after }: InsertionPoint): string => {
    const [earlier, later] = [named(before), named(after)];
    const chamber = `in “${filter.chambers.find(({ id }) => id === chamberId)?.name ?? ''}”`;
    const inside = filter.chambers.length > 1 ? ` ${chamber}` : '';
    if (later !== null) return `before the ${later}${inside}`;
    return earlier === null ? chamber : `after the ${earlier}${inside}`;
  };
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
