'use client';
import { LONGEST_NOTE } from '@/core/document/fields';
import { Controller } from 'react-hook-form';
import type { Filter } from '@/core/filter/filter';
import { CARE_BOUNDS, type LogEntry } from '@/core/log/logEntry';
import { AIR_WORK, LAYER_WORKS, PART_WORKS, type ServiceWork } from '@/core/log/serviceWorks';
import { canBeRecharged, canBeSqueezed } from '@/core/media/handling';
import type { Bounds } from '@/core/units/bounds';
import { mediumOf } from '@/core/layers/mediumOf';
import { placeLayers } from '@/core/layers/placeLayers';
import type { Layer } from '@/core/layers/layer';
import { CheckList } from '../fields/CheckList';
import { ChoiceField } from '../fields/ChoiceField';
import { QuantityField } from '../fields/QuantityField';
import { TextInput } from '../fields/TextInput';
import { CollapsibleSection } from '../frame/CollapsibleSection';
import { lazyPart } from '../frame/lazyPart';
import { LogForm } from '../log/LogForm';
import type { NewEntry } from '../log/useLog';
import { ChangeForm } from '../water-tests/EventForms';
import styles from './CareSheet.module.css';

// Wanted once its fold is opened.
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

const UNTOUCHED = 'untouched';
type LayerWork = (typeof LAYER_WORKS)[number];

/** Everything that is logged with more than one press. */
export function CareForms(props: Props) {
  return (
    <div>
      <ServiceForm {...props} />
      <ChangeForm filterId={props.filter.id} jobId={null} onSaved={props.onSaved} />
      <TopUpForm {...props} />
      {props.filter.spill === null ? null : <LevelForm {...props} />}
      <WordsForm {...props} />
      <CollapsibleSection lazy title="Photo" says="from the camera or a file">
        <PhotoForm filterId={props.filter.id} onSaved={props.onSaved} onPhotos={props.onPhotos} />
      </CollapsibleSection>
    </div>
  );
}

/** What a service can be on a layer: foam is squeezed, stone is swished, floss is replaced. */
const worksOn = (layer: Layer): readonly LayerWork[] => {
  const medium = mediumOf(layer);
  const { service } = medium;
  const usual = {
    squeeze: 'squeezed',
    rinse: 'swished',
    replace: 'replaced',
    recharge: 'recharged',
    leave: 'swished',
  }[service] as LayerWork;
  const isPossible = (work: LayerWork): boolean =>
    work === 'squeezed' ? canBeSqueezed(medium) : work === 'recharged' ? canBeRecharged(medium) : true;
  return [usual, ...LAYER_WORKS.filter((work) => work !== usual && isPossible(work))];
};

interface ServiceValues {
  readonly onLayers: Readonly<Record<string, LayerWork>>;
  readonly onParts: readonly ServiceWork[];
  readonly flowWas: 'fine' | 'low' | 'not known';
}
const FIRST_SERVICE: ServiceValues = { onLayers: {}, onParts: [], flowWas: 'not known' };

function ServiceForm({ filter, airFilters, layers, onSaved }: Props) {
  return (
    <CollapsibleSection title="Service" says="what you cleaned or replaced">
      <LogForm
        filterId={filter.id}
        className={styles.form}
        first={FIRST_SERVICE}
        entryOf={({ onLayers, onParts, flowWas }) => ({
          kind: 'service',
          works: [
            ...Object.entries(onLayers).map(([layerId, work]) => ({ layerId, work })),
            ...onParts.map((work) => ({ layerId: null, work })),
          ],
          flowWas,
          note: '',
        })}
        button="Save service"
        onSaved={onSaved}
      >
        {({ control }) => (
          <>
            <Controller
              control={control}
              name="onLayers"
              render={({ field: { value: onLayers, onChange } }) => (
                <>
                  {placeLayers(filter, layers).map(({ layer, medium }, at) => (
                    <ChoiceField
                      key={layer.id}
                      label={`${at + 1}: ${medium.name}`}
                      value={onLayers[layer.id] ?? UNTOUCHED}
                      choices={[UNTOUCHED, ...worksOn(layer)].map((value) => ({ value, label: value }))}
                      onChange={(value) => {
                        const { [layer.id]: _, ...rest } = onLayers;
                        onChange(value === UNTOUCHED ? rest : { ...rest, [layer.id]: value as LayerWork });
                      }}
                    />
                  ))}
                </>
              )}
            />
            <Controller
              control={control}
              name="onParts"
              render={({ field: { value, onChange } }) => (
                <CheckList<ServiceWork>
                  legend="Parts"
                  items={PART_WORKS.filter(
                    (work) =>
                      (work !== 'hoses brushed' || filter.hoses !== null) &&
                      (work !== AIR_WORK || airFilters > 0),
                  ).map((work) => ({ value: work, label: work }))}
                  chosen={value}
                  onChange={onChange}
                />
              )}
            />
            <Controller
              control={control}
              name="flowWas"
              render={({ field: { value, onChange } }) => (
                <ChoiceField<ServiceValues['flowWas']>
                  label="Flow before the service"
                  value={value}
                  choices={[
                    { value: 'not known', label: 'not known' },
                    { value: 'fine', label: 'still fine' },
                    { value: 'low', label: 'low' },
                  ]}
                  onChange={onChange}
                />
              )}
            />
          </>
        )}
      </LogForm>
    </CollapsibleSection>
  );
}

/** An entry that is one number. */
function NumberForm({
  filter,
  onSaved,
  title,
  says,
  label,
  bounds,
  button,
  entryOf,
}: Pick<Props, 'filter' | 'onSaved'> & {
  readonly title: string;
  readonly says: string;
  readonly label: string;
  readonly bounds: Bounds;
  readonly button: string;
  readonly entryOf: (si: number) => NewEntry;
}) {
  return (
    <CollapsibleSection title={title} says={says}>
      <LogForm
        filterId={filter.id}
        className={styles.form}
        first={NO_NUMBER}
        isReady={({ si }) => si !== null}
        entryOf={({ si }) => entryOf(si ?? 0)}
        button={button}
        onSaved={onSaved}
      >
        {({ control }) => (
          <Controller
            control={control}
            name="si"
            render={({ field: { value, onChange } }) => (
              <QuantityField label={label} bounds={bounds} value={value} onChange={onChange} />
            )}
          />
        )}
      </LogForm>
    </CollapsibleSection>
  );
}
const NO_NUMBER: { si: number | null } = { si: null };

const TopUpForm = ({ filter, onSaved }: Props) => (
  <NumberForm
    {...{ filter, onSaved }}
    title="Top-up"
    says="water added for what evaporated"
    label="Water added"
    bounds={CARE_BOUNDS.topUp}
    button="Save top-up"
    entryOf={(volume) => ({ kind: 'top-up', volume, note: '' })}
  />
);

const LevelForm = ({ filter, onSaved }: Props) => (
  <NumberForm
    {...{ filter, onSaved }}
    title="Level"
    says="from the level strip"
    label="Water below the rim"
    bounds={CARE_BOUNDS.headroom}
    button="Save level"
    entryOf={(headroom) => ({ kind: 'level', headroom, note: '' })}
  />
);

const WORD_KINDS = [
  { value: 'note', label: 'a note' },
  { value: 'feeding', label: 'feeding changed' },
  { value: 'hardware', label: 'hardware changed' },
] as const;
type WordKind = (typeof WORD_KINDS)[number]['value'];
const NO_WORDS: { kind: WordKind; note: string } = { kind: 'note', note: '' };

function WordsForm({ filter, onSaved }: Props) {
  return (
    <CollapsibleSection title="Note, feeding, hardware" says="in your own words">
      <LogForm
        filterId={filter.id}
        className={styles.form}
        first={NO_WORDS}
        isReady={({ note }) => note.trim() !== ''}
        entryOf={({ kind, note }) =>
          kind === 'note' ? { kind, note: note.trim() } : { kind: 'change', what: kind, note: note.trim() }
        }
        button="Save note"
        onSaved={onSaved}
      >
        {({ control }) => (
          <>
            <Controller
              control={control}
              name="kind"
              render={({ field: { value, onChange } }) => (
                <ChoiceField<WordKind> label="About" value={value} choices={WORD_KINDS} onChange={onChange} />
              )}
            />
            <Controller
              control={control}
              name="note"
              render={({ field: { value, onChange } }) => (
                <TextInput label="What happened" value={value} maxLength={LONGEST_NOTE} onChange={onChange} />
              )}
            />
          </>
        )}
      </LogForm>
    </CollapsibleSection>
  );
}
