'use client';
import Button from '@mui/material/Button';
import { useState, type ReactNode } from 'react';
import {
  countAlong,
  countOnPhoto,
  FEWEST_PORES,
  poresAgainstLight,
  LIGHT_ANSWERS,
  likelyGrades,
  type LightAnswer,
  type PoreCount,
} from '@/core/media/gradeFinder';
import type { Photo } from '@/core/log/photo';
import type { Bounds } from '@/core/units/bounds';
import { ChoiceField } from '../fields/ChoiceField';
import { CountField } from '../fields/CountField';
import { useWords } from '../fields/UnitsProvider';
import { QuantityField } from '../fields/QuantityField';
import styles from './GradeFinder.module.css';
import { PorePhoto, type PoreMarks } from './PorePhoto';
import { Explanation } from '../frame/Explanation';

type Way = 'photo' | 'ruler' | 'light';

const LINE: Bounds = { what: 'Length of the line', kind: 'gap', min: 1e-3, max: 1 };

const LIGHT_WORDS: Readonly<Record<LightAnswer, string>> = {
  shapes: 'you can see shapes through it',
  'light only': 'light comes through, but no shapes',
  dark: 'hardly any light',
};

interface Props {
  /** Of this layer. */
  readonly photos: readonly Photo[];
  readonly onTake: (mediumId: string) => void;
}

/** The grade of a foam that the keeper does not remember: by pores on a photo, along a ruler, or held to the light. */
export function GradeFinder({ photos, onTake }: Props) {
  const words = useWords();
  const [way, setWay] = useState<Way>(photos.length > 0 ? 'photo' : 'ruler');
  const [pores, setPores] = useState<number | null>(null);
  const [length, setLength] = useState(0.025);
  const [light, setLight] = useState<LightAnswer>('light only');
  const [marks, setMarks] = useState<PoreMarks>({ ruler: [], pores: [] });
  const [rulerLength, setRulerLength] = useState(0.02);

  const counts: Readonly<Record<Way, () => PoreCount | null>> = {
    ruler: () => (pores === null || pores < FEWEST_PORES ? null : countAlong(pores, length)),
    light: () => poresAgainstLight(light),
    photo: () => {
      const [first, second] = marks.ruler;
      return first === undefined || second === undefined
        ? null
        : countOnPhoto([first, second], rulerLength, marks.pores);
    },
  };
  const count = counts[way]();
  const fields: Readonly<Record<Way, ReactNode>> = {
    ruler: (
      <>
        <QuantityField
          label="Length of the line"
          bounds={LINE}
          value={length}
          onChange={(si) => si !== null && setLength(si)}
          className={styles.field}
        />
        <CountField
          label="Pores along it"
          optional
          value={pores}
          min={FEWEST_PORES}
          max={500}
          onChange={setPores}
        />
      </>
    ),
    light: (
      <ChoiceField
        label="A 2 cm slice held up to a window"
        value={light}
        choices={LIGHT_ANSWERS.map((value) => ({ value, label: LIGHT_WORDS[value] }))}
        onChange={setLight}
      />
    ),
    photo: (
      <>
        <QuantityField
          label="Between the ruler marks"
          bounds={LINE}
          value={rulerLength}
          onChange={(si) => si !== null && setRulerLength(si)}
          className={styles.field}
        />
        <PorePhoto photos={photos} marks={marks} onMarks={setMarks} />
      </>
    ),
  };

  return (
    <section aria-label="Grade finder" className={styles.finder}>
      <div className={styles.fields}>
        <ChoiceField<Way>
          label="Count pores"
          value={way}
          choices={[
            { value: 'photo', label: 'on a photo that shows a ruler' },
            { value: 'ruler', label: 'along a ruler, by eye' },
            { value: 'light', label: 'without a ruler, against the light' },
          ]}
          onChange={setWay}
        />
        {fields[way]}
      </div>
      {count === null ? (
        <p className="quiet">
          {way === 'photo'
            ? 'Mark two points of the ruler, then at least three pores along a straight line.'
            : 'Lay a ruler on it and count the pores along 25 mm.'}
        </p>
      ) : (
        <div role="status" aria-label="Grade" className={styles.result}>
          <p>
            <strong>{words.show({ kind: 'pores', si: count.value })}</strong> ±
            {words.show({ kind: 'pores', si: count.spread })}
            <Explanation of="ppi" />
          </p>
          <ul className={styles.guesses}>
            {likelyGrades(count)
              .filter((guess) => guess.share >= 0.05)
              .map(({ medium, share }) => (
                <li key={medium.id}>
                  <Button onClick={() => onTake(medium.id)}>Choose {medium.name.toLowerCase()}</Button>{' '}
                  <span className="quiet">{words.show({ kind: 'share', si: share })} likely</span>
                </li>
              ))}
          </ul>
        </div>
      )}
    </section>
  );
}
