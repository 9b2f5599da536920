'use client';
import type { Filter } from '@/core/filter/filter';
import type { Layer } from '@/core/layers/layer';
import { CARE_BOUNDS } from '@/core/log/logBounds';
import type { LogEntry } from '@/core/log/logEntry';
import { CollapsibleSection } from '../frame/CollapsibleSection';
import { lazyPart, usePreload } from '../frame/lazyPart';

// Wanted once their sections are opened: Care is read far more often than it is written.
const ServiceForm = lazyPart(() => import('./ServiceForm').then((module) => module.ServiceForm));
const ChangeForm = lazyPart(() => import('../water-tests/ChangeForm').then((module) => module.ChangeForm));
const NumberForm = lazyPart(() => import('./NumberForm').then((module) => module.NumberForm));
const WordsForm = lazyPart(() => import('./WordsForm').then((module) => module.WordsForm));
const PhotoForm = lazyPart(() => import('./PhotoForm').then((module) => module.PhotoForm));

interface Props {
  readonly filter: Filter;
  /** Air-driven filters beside it in the tank. */
  readonly airFilters: number;
  readonly layers: readonly Layer[];
  readonly onSaved: (entry: LogEntry | null) => void;
  /** An entry has other photos than before. */
  readonly onPhotos: () => void;
}

/** Everything that is logged with more than one press. */
export function CareForms({ filter, airFilters, layers, onSaved, onPhotos }: Props) {
  usePreload(ServiceForm, ChangeForm, NumberForm, WordsForm, PhotoForm);
  const filterId = filter.id;
  return (
    <div>
      <CollapsibleSection title="Service" says="what you cleaned or replaced">
        <ServiceForm {...{ filter, airFilters, layers, onSaved }} />
      </CollapsibleSection>
      <CollapsibleSection title="Water change" says="log one you have just done">
        <ChangeForm {...{ filterId, onSaved }} jobId={null} />
      </CollapsibleSection>
      <CollapsibleSection title="Top-up" says="water added for what evaporated">
        <NumberForm
          {...{ filterId, onSaved }}
          label="Water added"
          bounds={CARE_BOUNDS.topUp}
          button="Save top-up"
          entryOf={(volume) => ({ kind: 'top-up', volume, note: '' })}
        />
      </CollapsibleSection>
      {filter.spill === null ? null : (
        <CollapsibleSection title="Level" says="from the level strip">
          <NumberForm
            {...{ filterId, onSaved }}
            label="Water below the rim"
            bounds={CARE_BOUNDS.headroom}
            button="Save level"
            entryOf={(headroom) => ({ kind: 'level', headroom, note: '' })}
          />
        </CollapsibleSection>
      )}
      <CollapsibleSection title="Note, feeding, hardware" says="in your own words">
        <WordsForm {...{ filterId, onSaved }} />
      </CollapsibleSection>
      <CollapsibleSection title="Photo" says="from the camera or a file">
        <PhotoForm {...{ filterId, onSaved, onPhotos }} />
      </CollapsibleSection>
    </div>
  );
}
