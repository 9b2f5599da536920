'use client';
import { Controller } from 'react-hook-form';
import type { Filter } from '@/core/filter/filter';
import type { LogEntry } from '@/core/log/logEntry';
import { AIR_WORK, LAYER_WORKS, PART_WORKS, type ServiceWork } from '@/core/log/serviceWorks';
import { canBeRecharged, canBeSqueezed } from '@/core/media/handling';
import { mediumOf } from '@/core/layers/mediumOf';
import { placeLayers } from '@/core/layers/placeLayers';
import type { Layer } from '@/core/layers/layer';
import { CheckList } from '../fields/CheckList';
import { ChoiceField } from '../fields/ChoiceField';
import { LogForm } from '../log/LogForm';
import styles from './LogSheet.module.css';

interface Props {
  readonly filter: Filter;
  /** Air-driven filters beside it in the tank. */
  readonly airFilters: number;
  readonly layers: readonly Layer[];
  readonly onSaved: (entry: LogEntry | null) => void;
}

const UNTOUCHED = 'untouched';
type LayerWork = (typeof LAYER_WORKS)[number];

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

/** What was cleaned or replaced, and how the flow was before. */
export function ServiceForm({ filter, airFilters, layers, onSaved }: Props) {
  return (
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
  );
}
