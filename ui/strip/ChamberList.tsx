'use client';
import type { Filter } from '@/core/filter/filter';
import type { Layer } from '@/core/layers/layer';
import { chambersInPackingOrder } from '@/core/layers/packingOrder';
import styles from './ChamberList.module.css';
import type { ChambersInHand } from './useChambersOut';

interface Props {
  readonly filter: Filter;
  readonly layers: readonly Layer[];
  readonly chambers: ChambersInHand;
}

/** What is out, what lies in the hands and what is still in, from the top down; one that is out can be taken in hand again. */
export function ChamberList({ filter, layers, chambers: { out, inHand, takeAgain } }: Props) {
  if (filter.chambers.length === 1) return null;
  return (
    <ol aria-label="Taken out so far" className={styles.list}>
      {chambersInPackingOrder(filter)
        .toReversed()
        .map(({ id, name }) => {
          const count = layers.filter(({ chamber }) => chamber === id).length;
          const isInHand = id === inHand.id;
          return (
            <li key={id} data-in-hand={isInHand}>
              <span>{name}</span>
              <span className={styles.state}>
                {isInHand ? (
                  'in hand'
                ) : out.includes(id) ? (
                  <button type="button" onClick={() => takeAgain(id)}>
                    {count === 0 ? 'empty' : 'out'}
                    <span className="unseen">: take {name} in hand again</span>
                  </button>
                ) : (
                  'still in'
                )}
              </span>
            </li>
          );
        })}
    </ol>
  );
}
