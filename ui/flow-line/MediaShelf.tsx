'use client';
import { useDraggable } from '@dnd-kit/core';
import { TextInput } from '../fields/TextInput';
import { useState } from 'react';
import { CATALOGUE, UNKNOWN_MEDIUM } from '@/core/media/catalogue';
import type { Medium } from '@/core/media/medium';
import { Swatch } from '../drawing/Swatch';
import styles from './MediaShelf.module.css';

interface Props {
  readonly onAdd: (mediumId: string) => void;
  readonly full: boolean;
  readonly offersUnknown: boolean;
}

/** Every medium as a cut of its texture: drag it into the flow line, or press it to add it after the chosen layer. */
export function MediaShelf({ onAdd, full, offersUnknown }: Props) {
  const [wanted, setWanted] = useState('');
  const found = CATALOGUE.filter(
    (medium) => (offersUnknown || medium.id !== UNKNOWN_MEDIUM) && matches(medium, wanted),
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
          Nothing is called “{wanted}”. Try what it is made of: foam, ceramic, plastic
          {offersUnknown ? '; or clear the search and add “Unknown, describe it”' : ''}.
        </p>
      ) : null}
      <ul className={styles.list}>
        {found.map((medium) => (
          <MediumChip key={medium.id} medium={medium} onAdd={onAdd} disabled={full} />
        ))}
      </ul>
    </section>
  );
}

/** Every word of the search is somewhere in its name, family, grade or service. */
function matches({ name, family, grade, roles, service }: Medium, wanted: string): boolean {
  const text = [name, family, grade ?? '', ...roles, service].join(' ').toLowerCase();
  return wanted
    .toLowerCase()
    .split(/\s+/)
    .every((word) => text.includes(word));
}

function MediumChip({
  medium,
  onAdd,
  disabled,
}: {
  medium: Medium;
  onAdd: (id: string) => void;
  disabled: boolean;
}) {
  const { setNodeRef, listeners } = useDraggable({
    id: `medium:${medium.id}`,
    data: { mediumId: medium.id },
    disabled,
  });
  return (
    <li>
      <button
        ref={setNodeRef}
        {...listeners}
        type="button"
        className={styles.chip}
        disabled={disabled}
        aria-label={`Add ${medium.name}`}
        onClick={() => onAdd(medium.id)}
      >
        <Swatch medium={medium} />
        <span className={styles.name}>{medium.name}</span>
      </button>
    </li>
  );
}
