'use client';
import {
  DndContext,
  PointerSensor,
  useDroppable,
  useSensor,
  useSensors,
  type DragEndEvent,
} from '@dnd-kit/core';
import type { ReactNode } from 'react';
import { PILES, type Pile } from '@/core/layers/pile';
import type { PackBench } from '../bench/usePackBench';
import { PileItem } from './PileItem';
import styles from './ThreePiles.module.css';
import type { Piles } from './usePiles';

const PILE_WORDS: Readonly<Record<Pile, readonly [title: string, about: string]>> = {
  'goes back': ['Goes back', 'The plan starts with these layers.'],
  spare: [
    'Spare',
    'Goes to the shelf when the repack is finished. Keep mature media wet, in old tank water.',
  ],
  'throw away': [
    'Throw away',
    'Put it in the bin. Media, dust and anything that was in medicine or strong salt water must not go down a drain. Follow your local rules.',
  ],
};

/** Px a pointer must travel before a press is a drag: a tap only selects. */
const DRAG_START = 6;

/** What came out, on three piles, each piece with its weight and the reason: changed by list, by drag and by key. */
export function ThreePiles({ bench, piles }: { readonly bench: PackBench; readonly piles: Piles }) {
  const sensors = useSensors(useSensor(PointerSensor, { activationConstraint: { distance: DRAG_START } }));
  const drop = ({ active, over }: DragEndEvent) => {
    const pile = PILES.find((name) => name === over?.id);
    if (pile !== undefined) piles.lay(String(active.id), pile);
  };
  return (
    <section aria-label="What to do with each layer" className={styles.panel}>
      {piles.rows.length === 0 ? (
        <p>No layers yet. Enter them on Strip.</p>
      ) : (
        <DndContext id="piles" sensors={sensors} onDragEnd={drop}>
          {PILES.map((pile) => {
            const rows = piles.rows.filter((row) => row.pile === pile);
            return (
              <PileList key={pile} pile={pile} count={rows.length}>
                {rows.map((row) => (
                  <PileItem
                    key={row.layerId}
                    row={row}
                    chosen={row.layerId === bench.selectedId}
                    onSelect={() => bench.select(row.layerId)}
                    onDecide={(treatment) => piles.decide(row.layerId, treatment)}
                  />
                ))}
              </PileList>
            );
          })}
        </DndContext>
      )}
    </section>
  );
}

function PileList({
  pile,
  count,
  children,
}: {
  readonly pile: Pile;
  readonly count: number;
  readonly children: ReactNode;
}) {
  const { setNodeRef, isOver } = useDroppable({ id: pile });
  const [title, about] = PILE_WORDS[pile];
  return (
    <div ref={setNodeRef} className={styles.pile} data-over={isOver}>
      <h2 className={styles.heading}>
        {title} <small>{count === 0 ? 'nothing' : count}</small>
      </h2>
      {count === 0 ? null : (
        <>
          <p className="quiet">{about}</p>
          <ol aria-label={title}>{children}</ol>
        </>
      )}
    </div>
  );
}
