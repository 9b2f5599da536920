'use client';
import Button from '@mui/material/Button';
import { TextInput } from '../fields/TextInput';
import { useState } from 'react';
import type { Chamber } from '@/core/filter/filter';
import type { Photo } from '@/core/log/photo';
import { madeOnlyOf } from '@/core/layers/madeOnlyOf';
import { LONGEST_NOTE } from '@/core/document/longestNote';
import { mediumOf } from '@/core/layers/mediumOf';
import { UNKNOWN_MEDIUM } from '@/core/media/catalogue';
import type { Dirt, Layer, Sign } from '@/core/layers/layer';
import { WEAR_SIGNS, DIRT_STATES } from '@/core/layers/layerStates';
import { LAYER_BOUNDS } from '@/core/layers/layerBounds';
import type { PackEdit } from '@/core/pack/packEdit';
import { CheckList } from '../fields/CheckList';
import { QuantityField } from '../fields/QuantityField';
import { ToggleField } from '../fields/ToggleField';
import { lazyPart, usePreload } from '../frame/lazyPart';
import { Photos } from '../job/Photos';
import styles from './FoundForm.module.css';
import { HowMuch } from './HowMuch';

interface Props {
  readonly jobId: string;
  /** Where it was. */
  readonly chamber: Chamber;
  readonly layer: Layer;
  /** All that is entered. */
  readonly layers: readonly Layer[];
  readonly photos: readonly Photo[];
  readonly onPhotos: (photos: readonly Photo[]) => void;
  readonly onEdit: (edit: PackEdit, mark?: string) => void;
}

const DIRT_WORDS: Readonly<Record<Dirt, string>> = {
  clean: 'clean',
  dusted: 'dusted',
  loaded: 'loaded',
  blocked: 'blocked',
};

const SIGN_WORDS: Readonly<Record<Sign, string>> = {
  damaged: 'torn or damaged',
  foul: 'smells bad',
  brittle: 'crumbles',
};

// For foam of which the grade is not known.
const GradeFinder = lazyPart(() => import('./GradeFinder').then((module) => module.GradeFinder));

/** What is seen, smelt, weighed and photographed of the piece in the hand. */
export function FoundForm({ jobId, chamber, layer, layers, photos, onPhotos, onEdit }: Props) {
  const [finding, setFinding] = useState(false);
  usePreload(GradeFinder);
  const set = (change: Partial<Omit<Layer, 'id'>>) =>
    onEdit({ type: 'set', layerId: layer.id, change }, `found ${layer.id} ${Object.keys(change).join(' ')}`);
  const isOfLayer = (photo: Photo): boolean => photo.layerId === layer.id;
  const unknown = layer.medium === UNKNOWN_MEDIUM;
  const medium = mediumOf(layer);
  return (
    <section aria-label={`As found: ${medium.name}`} className={styles.found}>
      <HowMuch {...{ chamber, layer, layers }} onThickness={(thickness) => set({ thickness })} />
      <fieldset className={styles.dirt}>
        <legend className="caption">How dirty</legend>
        <ToggleField<Dirt>
          label="How dirty"
          options={DIRT_STATES.map((value) => ({ value, label: DIRT_WORDS[value] }))}
          value={layer.dirt}
          onChange={(dirt) => set({ dirt })}
          className={styles.states}
        />
      </fieldset>
      <div className={styles.row}>
        <CheckList<Sign>
          legend="Also"
          items={WEAR_SIGNS.map((value) => ({ value, label: SIGN_WORDS[value] }))}
          chosen={layer.signs}
          onChange={(signs) => set({ signs })}
        />
        <QuantityField
          label="Weighed wet"
          optional
          bounds={LAYER_BOUNDS.wetMass}
          value={layer.wetMass}
          onChange={(wetMass) => set({ wetMass })}
          className={styles.short}
        />
        <TextInput
          label="Installed on"
          type="date"
          value={layer.installedOn ?? ''}
          onChange={(event) => {
            const since = event.target.value;
            if (since === '' || /^\d{4}-\d{2}-\d{2}$/.test(since))
              set({ installedOn: since === '' ? null : since });
          }}
          className={styles.date}
        />
        <TextInput
          label={unknown ? 'Describe it: colour, shape, feel' : 'Note'}
          value={layer.note}
          onChange={(event) => set({ note: event.target.value })}
          maxLength={LONGEST_NOTE}
          className={styles.note}
        />
      </div>
      <div className={styles.row}>
        <Photos
          address={() => Promise.resolve(`/api/jobs/${jobId}/photos?layer=${layer.id}`)}
          photos={photos.filter(isOfLayer)}
          onPhotos={(own) => onPhotos([...photos.filter((photo) => !isOfLayer(photo)), ...own])}
        />
        {medium.family === 'foam' || unknown ? (
          <Button aria-expanded={finding} onClick={() => setFinding(!finding)}>
            Find out this foam’s grade
          </Button>
        ) : null}
      </div>
      {finding ? (
        <GradeFinder
          photos={photos.filter(isOfLayer)}
          onTake={(mediumId) => {
            set(madeOnlyOf(mediumId));
            setFinding(false);
          }}
        />
      ) : null}
    </section>
  );
}
