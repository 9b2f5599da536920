'use client';
import { LONGEST_NOTE } from '@/core/document/fields';
import Button from '@mui/material/Button';
import { useState, type ReactNode } from 'react';
import type { Filter } from '@/core/filter/filter';
import { CARE_BOUNDS, type LogEntry } from '@/core/log/logEntry';
import { AIR_WORK, LAYER_WORKS, PART_WORKS, type ServiceWork } from '@/core/log/serviceWorks';
import { canBeRecharged, canBeSqueezed } from '@/core/media/handling';
import { mediumOf } from '@/core/layers/mediumOf';
import { placeLayers } from '@/core/layers/placeLayers';
import type { Layer } from '@/core/layers/layer';
import { CheckList } from '../fields/CheckList';
import { ChoiceField } from '../fields/ChoiceField';
import { QuantityField } from '../fields/QuantityField';
import { TextInput } from '../fields/TextInput';
import { CollapsibleSection } from '../frame/CollapsibleSection';
import { lazyPart } from '../frame/lazyPart';
import { useLog } from '../log/useLog';
import { ChangeForm, Faults } from '../water-tests/EventForms';
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

function ServiceForm({ filter, airFilters, layers, onSaved }: Props) {
  const { save, faults, busy } = useLog(filter.id, null);
  const [onLayers, setOnLayers] = useState<Readonly<Record<string, LayerWork>>>({});
  const [onParts, setOnParts] = useState<readonly ServiceWork[]>([]);
  const [flowWas, setFlowWas] = useState<'fine' | 'low' | 'not known'>('not known');
  const works = [
    ...Object.entries(onLayers).map(([layerId, work]) => ({ layerId, work })),
    ...onParts.map((work) => ({ layerId: null, work })),
  ];
  return (
    <CollapsibleSection title="Service" says="what you cleaned or replaced">
      <div className={styles.form}>
        {placeLayers(filter, layers).map(({ layer, medium }, at) => (
          <ChoiceField
            key={layer.id}
            label={`${at + 1}: ${medium.name}`}
            value={onLayers[layer.id] ?? UNTOUCHED}
            choices={[UNTOUCHED, ...worksOn(layer)].map((value) => ({ value, label: value }))}
            onChange={(value) => {
              const { [layer.id]: _, ...rest } = onLayers;
              setOnLayers(value === UNTOUCHED ? rest : { ...rest, [layer.id]: value as LayerWork });
            }}
          />
        ))}
        <CheckList<ServiceWork>
          legend="Parts"
          items={PART_WORKS.filter(
            (work) =>
              (work !== 'hoses brushed' || filter.hoses !== null) && (work !== AIR_WORK || airFilters > 0),
          ).map((value) => ({ value, label: value }))}
          chosen={onParts}
          onChange={setOnParts}
        />
        <ChoiceField<'fine' | 'low' | 'not known'>
          label="Flow before the service"
          value={flowWas}
          choices={[
            { value: 'not known', label: 'not known' },
            { value: 'fine', label: 'still fine' },
            { value: 'low', label: 'low' },
          ]}
          onChange={setFlowWas}
        />
        <Button
          disabled={busy}
          onClick={() =>
            void save({ kind: 'service', works, flowWas, note: '' }).then((entry) => {
              if (entry !== null) {
                setOnLayers({});
                setOnParts([]);
              }
              onSaved(entry);
            })
          }
        >
          Save service
        </Button>
        <Faults faults={faults} />
      </div>
    </CollapsibleSection>
  );
}

/** A number that is saved with a press. */
function OneNumber({
  title,
  says,
  field,
  save: label,
  onSave,
  busy,
  faults,
}: {
  readonly title: string;
  readonly says: string;
  readonly field: ReactNode;
  readonly save: string;
  readonly onSave: () => void;
  readonly busy: boolean;
  readonly faults: readonly string[];
}) {
  return (
    <CollapsibleSection title={title} says={says}>
      <div className={styles.form}>
        {field}
        <Button disabled={busy} onClick={onSave}>
          {label}
        </Button>
        <Faults faults={faults} />
      </div>
    </CollapsibleSection>
  );
}

function TopUpForm({ filter, onSaved }: Props) {
  const { save, faults, busy } = useLog(filter.id, null);
  const [volume, setVolume] = useState<number | null>(null);
  return (
    <OneNumber
      title="Top-up"
      says="water added for what evaporated"
      field={
        <QuantityField label="Water added" bounds={CARE_BOUNDS.topUp} value={volume} onChange={setVolume} />
      }
      save="Save top-up"
      busy={busy || volume === null}
      faults={faults}
      onSave={() =>
        volume !== null && void save({ kind: 'top-up', volume, note: '' }).then((entry) => onSaved(entry))
      }
    />
  );
}

function LevelForm({ filter, onSaved }: Props) {
  const { save, faults, busy } = useLog(filter.id, null);
  const [headroom, setHeadroom] = useState<number | null>(null);
  return (
    <OneNumber
      title="Level"
      says="from the level strip"
      field={
        <QuantityField
          label="Water below the rim"
          bounds={CARE_BOUNDS.headroom}
          value={headroom}
          onChange={setHeadroom}
        />
      }
      save="Save level"
      busy={busy || headroom === null}
      faults={faults}
      onSave={() => headroom !== null && void save({ kind: 'level', headroom, note: '' }).then(onSaved)}
    />
  );
}

const WORD_KINDS = [
  { value: 'note', label: 'a note' },
  { value: 'feeding', label: 'feeding changed' },
  { value: 'hardware', label: 'hardware changed' },
] as const;
type WordKind = (typeof WORD_KINDS)[number]['value'];

function WordsForm({ filter, onSaved }: Props) {
  const { save, faults, busy } = useLog(filter.id, null);
  const [kind, setKind] = useState<WordKind>('note');
  const [note, setNote] = useState('');
  return (
    <CollapsibleSection title="Note, feeding, hardware" says="in your own words">
      <div className={styles.form}>
        <ChoiceField<WordKind> label="About" value={kind} choices={WORD_KINDS} onChange={setKind} />
        <TextInput
          label="What happened"
          value={note}
          maxLength={LONGEST_NOTE}
          onChange={(event) => setNote(event.target.value)}
        />
        <Button
          disabled={busy || note.trim() === ''}
          onClick={() =>
            void save(
              kind === 'note'
                ? { kind, note: note.trim() }
                : { kind: 'change', what: kind, note: note.trim() },
            ).then((entry) => {
              if (entry !== null) setNote('');
              onSaved(entry);
            })
          }
        >
          Save note
        </Button>
        <Faults faults={faults} />
      </div>
    </CollapsibleSection>
  );
}
