'use client';
import { useEffect, useRef, useState } from 'react';
import { mediumOf, type MadeOf } from '@/core/layers/mediumOf';
import { UNKNOWN_MEDIUM } from '@/core/media/catalogue';
import { describeStock } from '@/core/shelf/describeStock';
import { useShelf } from '../fields/OnShelf';
import { TextInput } from '../fields/TextInput';
import { useFlowLine } from './FlowLineContext';
import { recentMedia, rememberMedium } from './recentMedia';
import { foundMedia } from './foundMedia';
import { MediumChip } from './MediumChip';
import { useHighlight } from './useHighlight';
import styles from './MediaPicker.module.css';

interface Props {
  /** Where the new layer goes, in words: “before the fine foam”. */
  readonly where: string;
  /** Px from the left of the flow line at which the picker stands. */
  readonly x: number;
  readonly onPick: (made: MadeOf) => void;
  readonly onClose: () => void;
}

/** Media to take from, at the place where the layer goes in: searched by typing, lately used first. */
export function MediaPicker({ where, x, onPick, onClose }: Props) {
  const { ownMedia } = useFlowLine();
  const { shelf } = useShelf();
  const [wanted, setWanted] = useState('');
  const panel = useRef<HTMLDivElement>(null);
  useEffect(() => {
    panel.current?.querySelector('input')?.focus();
    // A press beside it closes it.
    const press = (event: PointerEvent) => {
      if (event.target instanceof Node && panel.current?.contains(event.target) === false) onClose();
    };
    document.addEventListener('pointerdown', press);
    return () => document.removeEventListener('pointerdown', press);
  }, [onClose]);
  const lately = recentMedia();
  const rank = ({ medium }: MadeOf): number => {
    const place = lately.indexOf(medium);
    return place === -1 ? lately.length : place;
  };
  const found = foundMedia(ownMedia, wanted, rank).filter(({ medium }) => medium !== UNKNOWN_MEDIUM);
  const pick = (made: MadeOf) => {
    rememberMedium(made.medium);
    onPick(made);
  };
  const { item: highlighted, onKeyDown } = useHighlight(found, wanted, pick);
  return (
    <div
      ref={panel}
      role="dialog"
      aria-label={`Add a layer ${where}`}
      className={styles.picker}
      style={{ left: `clamp(0px, ${x}px - 150px, 100% - 320px)` }}
      onKeyDown={(event) => {
        if (event.key !== 'Escape') return;
        event.stopPropagation();
        onClose();
      }}
    >
      <form className={styles.head} onSubmit={(event) => event.preventDefault()}>
        <span className="caption">Add a layer {where}</span>
        <TextInput
          placeholder="search media"
          aria-label="Search the media"
          type="search"
          value={wanted}
          onChange={(event) => setWanted(event.target.value)}
          onKeyDown={onKeyDown}
        />
      </form>
      {found.length === 0 ? (
        <p>No media match “{wanted}”. Try the material: foam, ceramic, plastic.</p>
      ) : null}
      <p role="status" className="unseen">
        {highlighted === null ? '' : `Enter adds ${mediumOf(highlighted).name}`}
      </p>
      <ul className={styles.list}>
        {found.map((made) => (
          <li key={made.medium}>
            <MediumChip
              made={made}
              stock={describeStock(shelf, made.medium)}
              data-highlighted={made === highlighted}
              onClick={() => pick(made)}
            />
          </li>
        ))}
      </ul>
    </div>
  );
}
