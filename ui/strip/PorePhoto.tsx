'use client';
import Button from '@mui/material/Button';
import { useEffect, useId, useState, type KeyboardEvent, type PointerEvent } from 'react';
import type { Photo } from '@/core/log/photo';
import type { Mark } from '@/core/media/gradeFinder';
import { ChoiceField } from '../fields/ChoiceField';
import styles from './PorePhoto.module.css';
import { shrinkPicture } from '../job/shrinkPicture';

/** What was marked on a photo: up to two points of the ruler, then pores along a line; px of the picture. */
export interface PoreMarks {
  readonly ruler: readonly Mark[];
  readonly pores: readonly Mark[];
}

interface Props {
  readonly photos: readonly Photo[];
  readonly marks: PoreMarks;
  readonly onMarks: (marks: PoreMarks) => void;
}

interface Picture {
  readonly url: string;
  readonly width: number;
  readonly height: number;
}

const NO_MARKS: PoreMarks = { ruler: [], pores: [] };
/** How far an arrow key moves the cross, px of the picture; with shift, ten times as far. */
const KEY_STEP = 2;

/** A photo of foam with a ruler on it, to be marked: by pointer, or by arrow keys and Enter. */
export function PorePhoto({ photos, marks, onMarks }: Props) {
  const id = useId();
  const [own, setOwn] = useState<Picture | null>(null);
  const [chosen, setChosen] = useState(photos.at(-1)?.id ?? '');
  const [cross, setCross] = useState<Mark | null>(null);
  const [fault, setFault] = useState<string | null>(null);
  useEffect(() => () => void (own === null ? null : URL.revokeObjectURL(own.url)), [own]);
  const stored = photos.find((photo) => photo.id === chosen);
  const picture: Picture | null =
    own ?? (stored === undefined ? null : { ...stored, url: `/api/photos/${stored.id}` });

  const take = async (file: File) => {
    const shrunk = await shrinkPicture(file);
    if (!shrunk.ok) {
      setFault(shrunk.fault);
      return;
    }
    const { width, height } = await createImageBitmap(shrunk.jpeg);
    setFault(null);
    setOwn({ url: URL.createObjectURL(shrunk.jpeg), width, height });
    onMarks(NO_MARKS);
  };
  const put = (mark: Mark) =>
    onMarks(
      marks.ruler.length < 2
        ? { ...marks, ruler: [...marks.ruler, mark] }
        : { ...marks, pores: [...marks.pores, mark] },
    );
  const back = () =>
    onMarks(
      marks.pores.length > 0
        ? { ...marks, pores: marks.pores.slice(0, -1) }
        : { ...marks, ruler: marks.ruler.slice(0, -1) },
    );
  const press = (event: PointerEvent<SVGSVGElement>, { width, height }: Picture) => {
    const box = event.currentTarget.getBoundingClientRect();
    put([
      ((event.clientX - box.left) / box.width) * width,
      ((event.clientY - box.top) / box.height) * height,
    ]);
  };
  const key = (event: KeyboardEvent, { width, height }: Picture) => {
    const [x, y] = cross ?? [width / 2, height / 2];
    const step = KEY_STEP * (event.shiftKey ? 10 : 1);
    const moves: Record<string, Mark> = {
      ArrowLeft: [-step, 0],
      ArrowRight: [step, 0],
      ArrowUp: [0, -step],
      ArrowDown: [0, step],
    };
    const move = moves[event.key];
    if (move !== undefined) {
      event.preventDefault();
      setCross([Math.min(width, Math.max(0, x + move[0])), Math.min(height, Math.max(0, y + move[1]))]);
    } else if (event.key === 'Enter' || event.key === ' ') {
      event.preventDefault();
      put([x, y]);
    }
  };

  return (
    <div className={styles.photo}>
      <div className={styles.tools}>
        {photos.length > 1 && own === null ? (
          <ChoiceField
            label="Photo"
            value={chosen}
            choices={photos.map((photo, index) => ({ value: photo.id, label: `photo ${index + 1}` }))}
            onChange={(value) => {
              setChosen(value);
              onMarks(NO_MARKS);
            }}
          />
        ) : null}
        <label htmlFor={id} className={styles.choose}>
          {picture === null ? 'Choose a photo' : 'Choose another photo'}
        </label>
        <input
          id={id}
          type="file"
          accept="image/*"
          className="unseen"
          onChange={(event) => {
            const [file] = event.target.files ?? [];
            event.target.value = '';
            if (file !== undefined) void take(file);
          }}
        />
        <Button disabled={marks.ruler.length === 0} onClick={back}>
          Undo the last mark
        </Button>
      </div>
      {fault === null ? null : <p role="alert">{fault}</p>}
      {picture === null ? null : (
        <svg
          viewBox={`0 0 ${picture.width} ${picture.height}`}
          className={styles.picture}
          role="application"
          aria-label={`Photo to mark: ${marks.ruler.length} of 2 points of the ruler, ${marks.pores.length} pores. Arrow keys move the cross, Enter marks.`}
          tabIndex={0}
          onPointerDown={(event) => press(event, picture)}
          onKeyDown={(event) => key(event, picture)}
        >
          <image href={picture.url} width={picture.width} height={picture.height} />
          <g vectorEffect="non-scaling-stroke" className={styles.ruler}>
            {marks.ruler.length === 2 ? <Line marks={marks.ruler} /> : null}
            {marks.ruler.map(([x, y], place) => (
              <circle key={place} cx={x} cy={y} r={picture.width / 120} />
            ))}
          </g>
          <g className={styles.pores}>
            <Line marks={marks.pores} />
            {marks.pores.map(([x, y], position) => (
              <circle key={position} cx={x} cy={y} r={picture.width / 160} />
            ))}
          </g>
          {cross === null ? null : (
            <path
              className={styles.cross}
              d={`M${cross[0] - picture.width / 40} ${cross[1]} h${picture.width / 20} M${cross[0]} ${cross[1] - picture.width / 40} v${picture.width / 20}`}
            />
          )}
        </svg>
      )}
    </div>
  );
}

const Line = ({ marks }: { marks: readonly Mark[] }) => (
  <polyline points={marks.map(([x, y]) => `${x},${y}`).join(' ')} fill="none" />
);
