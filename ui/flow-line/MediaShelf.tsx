'use client';
import Button from '@mui/material/Button';
import { useDraggable } from '@dnd-kit/core';
import { useState } from 'react';
import { mediumOf, type MadeOf } from '@/core/layers/mediumOf';
import { TextInput } from '../fields/TextInput';
import { useFlowLine } from './FlowLineContext';
import { firstMedia } from './firstMedia';
import { foundMedia } from './foundMedia';
import { MediumChip } from './MediumChip';
import { useHighlight } from './useHighlight';
import styles from './MediaShelf.module.css';

interface Props {
  readonly onAdd: (made: MadeOf) => void;
  readonly full: boolean;
  /** What a press does. */
  readonly title: string;
  /** Ids of the media that the keeper uses most, the most used first. */
  readonly used: readonly string[];
}

/**
 * The media as cuts of their texture: the eight that are used most first, all others behind a press or a search. One is dragged
 * into the flow line, or pressed to be added.
 */
export function MediaShelf({ onAdd, full, title, used }: Props) {
  const { ownMedia, editing } = useFlowLine();
  const [wanted, setWanted] = useState('');
  const [isAll, setIsAll] = useState(false);
  const isShort = !isAll && wanted === '';
  const found = isShort ? firstMedia(foundMedia(ownMedia, ''), used) : foundMedia(ownMedia, wanted);
  const { item: highlighted, onKeyDown } = useHighlight(found, wanted, (made) => full || onAdd(made));
  // However a layer was added, the next search begins anew.
  const count = editing.layers.length;
  const [before, setBefore] = useState(count);
  if (count !== before) {
    setBefore(count);
    if (count > before) setWanted('');
  }
  return (
    <section aria-label="Media" className={styles.shelf}>
      <div className={styles.head}>
        <h2 className="caption">{full ? 'The pack is full. It can have 60 layers.' : title}</h2>
        <TextInput
          placeholder="search media"
          aria-label="Search the media"
          type="search"
          value={wanted}
          onChange={(event) => setWanted(event.target.value)}
          onKeyDown={onKeyDown}
          className={styles.search}
        />
      </div>
      {found.length === 0 ? (
        <p>
          No media match “{wanted}”. Try the material: foam, ceramic, plastic. Or clear the search and add
          “Unknown, describe it”.
        </p>
      ) : null}
      <p role="status" className="unseen">
        {highlighted === null ? '' : `Enter adds ${mediumOf(highlighted).name}`}
      </p>
      <ul className={styles.list}>
        {found.map((made) => (
          <li key={made.medium}>
            <DraggableChip made={made} onAdd={onAdd} disabled={full} highlighted={made === highlighted} />
          </li>
        ))}
        {isShort ? (
          <li>
            <Button onClick={() => setIsAll(true)}>More media</Button>
          </li>
        ) : null}
      </ul>
    </section>
  );
}

interface ChipProps {
  readonly made: MadeOf;
  readonly onAdd: (made: MadeOf) => void;
  readonly disabled: boolean;
  readonly highlighted: boolean;
}

function DraggableChip({ made, onAdd, disabled, highlighted }: ChipProps) {
  const { setNodeRef, listeners } = useDraggable({ id: `medium:${made.medium}`, data: { made }, disabled });
  return (
    <MediumChip
      ref={setNodeRef}
      {...listeners}
      made={made}
      className={styles.drag}
      disabled={disabled}
      data-highlighted={highlighted}
      onClick={() => onAdd(made)}
    />
  );
}
