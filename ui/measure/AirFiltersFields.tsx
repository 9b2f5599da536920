'use client';
import Button from '@mui/material/Button';
import { AIR_FILTER_BOUNDS, MAX_AIR_FILTERS, type AirFilter } from '@/core/tank/airFilter';
import { CATALOGUE } from '@/core/media/catalogue';
import { hasRole } from '@/core/media/hasRole';
import { ChoiceField } from '../fields/ChoiceField';
import { QuantityField } from '../fields/QuantityField';
import { TextInput } from '../fields/TextInput';
import styles from './filterPart.module.css';
import type { TankPart } from './tankPart';

/** A small sponge, to be typed over: a quarter of a litre. */
const DEFAULT_AIR_FILTER: Omit<AirFilter, 'id'> = {
  kind: 'sponge',
  medium: 'foam-30',
  volume: 0.25e-3,
  installedOn: null,
};

const MEDIA = CATALOGUE.filter((medium) => hasRole(medium, 'biological') || medium.family === 'foam').map(
  ({ id, name }) => ({ value: id, label: name }),
);

/** Each air-driven filter of a tank. */
export function AirFiltersFields({ tank, onChange }: TankPart) {
  const { airFilters } = tank;
  const put = (next: AirFilter[]) => onChange({ airFilters: next });
  const set = (position: number, change: Partial<AirFilter>) =>
    put(airFilters.map((item, index) => (index === position ? { ...item, ...change } : item)));
  return (
    <div className={styles.rows} role="group" aria-label="Air-driven filters">
      {airFilters.map((air, at) => (
        <div key={air.id} className={styles.line}>
          <ChoiceField<AirFilter['kind']>
            label={`Filter ${at + 1}`}
            value={air.kind}
            choices={[
              { value: 'sponge', label: 'sponge' },
              { value: 'box', label: 'box' },
            ]}
            onChange={(kind) => set(at, { kind })}
          />
          <ChoiceField
            label="Medium"
            value={air.medium}
            choices={MEDIA}
            onChange={(medium) => set(at, { medium })}
          />
          <QuantityField
            label="Media in it"
            bounds={AIR_FILTER_BOUNDS.volume}
            value={air.volume}
            onChange={(volume) => volume !== null && set(at, { volume })}
            className={styles.field}
          />
          <TextInput
            label="In use since"
            type="date"
            value={air.installedOn ?? ''}
            onChange={(event) =>
              set(at, { installedOn: event.target.value === '' ? null : event.target.value })
            }
          />
          <Button
            aria-label={`Remove air-driven filter ${at + 1}`}
            onClick={() => put(airFilters.filter((_, index) => index !== at))}
          >
            ×
          </Button>
        </div>
      ))}
      <Button
        disabled={airFilters.length >= MAX_AIR_FILTERS}
        onClick={() => put([...airFilters, { ...DEFAULT_AIR_FILTER, id: `air-${crypto.randomUUID()}` }])}
      >
        Add an air-driven filter
      </Button>
    </div>
  );
}
