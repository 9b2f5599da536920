'use client';
import { useDraggable } from '@dnd-kit/core';
import { useState } from 'react';
import { madeOnlyOf } from '@/core/layers/madeOnlyOf';
import { mediumOf, type MadeOf } from '@/core/layers/mediumOf';
import { CATALOGUE } from '@/core/media/catalogue';
import { TextInput } from '../fields/TextInput';
import { Swatch } from '../drawing/Swatch';
import { useFlowLine } from './FlowLineContext';
import { matchesMedium } from './matchesMedium';
import styles from './MediaShelf.module.css';

interface Props {
  readonly onAdd: (made: MadeOf) => void;
  readonly full: boolean;
}

/** Every medium as a cut of its texture, the keeper’s own first: drag it into the flow line, or press it to add it after the chosen layer. */
export function MediaShelf({ onAdd, full }: Props) {
  const { ownMedia } = useFlowLine();
  const [wanted, setWanted] = useState('');
  const found = [...ownMedia.map(madeOnlyOf), ...CATALOGUE.map(({ id }) => madeOnlyOf(id))].filter((made) =>
    matchesMedium(mediumOf(made), wanted),
  );
  return (
    <section aria-label="Media" className={styles.shelf}>
      <div className={styles.head}>
        <h2 className="caption">
          {full
            ? 'The pack is full: it holds 60 layers.'
            : 'Media: drag one into the line, or press it to add it'}
        </h2>
        <TextInput
          placeholder="search the media"
          aria-label="Search the media"
          type="search"
          value={wanted}
          onChange={(event) => setWanted(event.target.value)}
          className={styles.search}
        />
      </div>
      {found.length === 0 ? (
        <p>
          Nothing is called “{wanted}”. Try what it is made of: foam, ceramic, plastic; or clear the search
          and add “Unknown, describe it”.
        </p>
      ) : null}
      <ul className={styles.list}>
        {found.map((made) => (
          <MediumChip key={made.medium} made={made} onAdd={onAdd} disabled={full} />
        ))}
      </ul>
    </section>
  );
}

function MediumChip({
  made,
  onAdd,
  disabled,
}: {
  made: MadeOf;
  onAdd: (made: MadeOf) => void;
  disabled: boolean;
}) {
  const medium = mediumOf(made);
  const { setNodeRef, listeners } = useDraggable({ id: `medium:${medium.id}`, data: { made }, disabled });
  return (
    <li>
      <button
        ref={setNodeRef}
        {...listeners}
        type="button"
        className={styles.chip}
        disabled={disabled}
        aria-label={`Add ${medium.name}`}
        onClick={() => onAdd(made)}
      >
        <Swatch medium={medium} />
        <span className={styles.name}>{medium.name}</span>
      </button>
    </li>
  );
}
