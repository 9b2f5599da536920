'use client';
import Button from '@mui/material/Button';
import { useRouter } from 'next/navigation';
import Radio from '@mui/material/Radio';
import RadioGroup from '@mui/material/RadioGroup';
import { useMemo, useRef, useState } from 'react';
import { Controller, useForm, useWatch } from 'react-hook-form';
import { FILTER_BOUNDS } from '@/core/filter/filterBounds';
import type { FilterKind } from '@/core/filter/filterKind';
import { FILTER_KIND_IDS } from '@/core/filter/filterKindIds';
import { FILTER_KINDS } from '@/core/filter/filterKindWords';
import { mediaVolume } from '@/core/filter/mediaVolume';
import { presetFilter } from '@/core/filter/presetFilter';
import { PRESET_SIZES, type PresetSize } from '@/core/filter/presetSize';
import { aloneOn } from '@/core/report/surroundings';
import { packMeasures } from '@/core/report/packMeasures';
import { netVolume } from '@/core/tank/netVolume';
import { newTank } from '@/core/tank/newTank';
import type { Tank } from '@/core/tank/tank';
import { WATER_BOUNDS } from '@/core/tank/waterBounds';
import { ChoiceField } from '../fields/ChoiceField';
import { useWords } from '../fields/UnitsProvider';
import { NameField } from '../fields/NameField';
import { QuantityField } from '../fields/QuantityField';
import { FileDrop } from '../files/FileDrop';
import { PageLayout } from '../frame/PageLayout';
import { mainLinks } from '../frame/mainLinks';
import { TabRow } from '../frame/TabRow';
import { isAnswered, send } from '../state/send';
import { outcomeFaults } from '../state/outcomeFaults';
import { Vessel } from '../vessel/Vessel';
import { measured } from './filterPart';
import styles from './NewFilter.module.css';

/** A picture of a kind shows no figure that a tank decides. */
const ANY_TANK = newTank('any', 'Any', 0.1);
const NO_IDS = { id: 'any', tankId: 'any' };
const PICTURE_ROOM = { width: 172, height: 190 };

/** What is entered of a new filter; volumes m³, flow m³/s. */
interface Entry {
  readonly name: string;
  readonly volume: number | null;
  readonly labelFlow: number | null;
  readonly kind: FilterKind | null;
  readonly size: PresetSize;
}

const FIRST_ENTRY: Entry = { name: '', volume: null, labelFlow: null, kind: null, size: 'middle' };
/** In the order in which they stand in the form. */
const FIELDS = ['name', 'volume', 'labelFlow', 'kind', 'size'] as const;

/** The first minute with a filter: whose water, how much, and how the water goes through it. */
export function NewFilter({ tank }: { tank: Tank | null }) {
  const router = useRouter();
  const words = useWords();
  const form = useForm<Entry>({ defaultValues: FIRST_ENTRY, reValidateMode: 'onSubmit' });
  const { control, formState, handleSubmit } = form;
  const kind = useWatch({ control, name: 'kind' });
  const [refused, setRefused] = useState<readonly string[]>([]);
  const identity = useRef<{ id: string; tankId: string } | null>(null);
  const missing = FIELDS.flatMap((field) => formState.errors[field]?.message ?? []);
  const faults = missing.length > 0 ? missing : refused;

  const add = async ({ name, volume, labelFlow, kind: chosen, size }: Entry) => {
    if (chosen === null) return;
    setRefused([]);
    // One whose answer was lost is the same filter when it is added again.
    identity.current ??= { id: crypto.randomUUID(), tankId: tank?.id ?? crypto.randomUUID() };
    const ids = identity.current;
    const preset = presetFilter(chosen, ids, name.trim(), size);
    const outcome = await send('POST', '/api/filters', {
      ...(tank === null && volume !== null ? { tank: newTank(ids.tankId, name.trim(), volume) } : {}),
      filter: labelFlow === null ? preset : { ...preset, labelFlow, assumed: measured(preset, 'labelFlow') },
    });
    if (outcome.kind === 'saved') {
      router.push(`/filter/${ids.id}/measure`);
      return;
    }
    if (isAnswered(outcome)) identity.current = null;
    setRefused(outcomeFaults(outcome, 'What you typed is still here.'));
  };

  return (
    <PageLayout
      title="Add a filter"
      subtitle="a name, the litres and the kind of filter are enough"
      nav={<TabRow label="Main" links={mainLinks('/new')} />}
      shortcuts={[
        { keys: '↑ ↓', does: 'previous or next kind of filter' },
        { keys: 'Enter', does: 'add the filter' },
      ]}
    >
      <form className={styles.sheet} onSubmit={(event) => void handleSubmit(add)(event)}>
        <div className={styles.fields}>
          <Controller
            control={control}
            name="name"
            rules={{ validate: (name) => name.trim() !== '' || 'Enter a name.' }}
            render={({ field: { value, onChange } }) => (
              <NameField
                label={tank === null ? 'Name of the tank or filter' : 'Name of the filter'}
                value={value}
                onChange={onChange}
              />
            )}
          />
          {tank === null ? (
            <Controller
              control={control}
              name="volume"
              rules={{ validate: (volume) => volume !== null || 'Enter how much water is in the tank.' }}
              render={({ field: { value, onChange } }) => (
                <QuantityField
                  label="Water in the tank"
                  bounds={WATER_BOUNDS.volume}
                  value={value}
                  onChange={onChange}
                />
              )}
            />
          ) : (
            <p className={styles.onTank}>
              On {tank.name}, {words.show({ kind: 'volume', si: netVolume(tank.water).value })} of water
            </p>
          )}
          <Controller
            control={control}
            name="labelFlow"
            render={({ field: { value, onChange } }) => (
              <QuantityField
                label="Flow on the label, if known"
                optional
                bounds={FILTER_BOUNDS.labelFlow}
                value={value}
                onChange={onChange}
              />
            )}
          />
        </div>
        <fieldset className={styles.kinds}>
          <legend className="caption">How does water flow through the filter?</legend>
          <Controller
            control={control}
            name="kind"
            rules={{ validate: (chosen) => chosen !== null || 'Choose how water flows through the filter.' }}
            render={({ field: { value, onChange } }) => (
              <RadioGroup
                name="kind"
                aria-label="How does water flow through the filter?"
                value={value}
                onChange={(_, chosen) => onChange(chosen)}
                className={styles.pictures}
              >
                {FILTER_KIND_IDS.map((option) => (
                  <label key={option} className={styles.kind} data-chosen={value === option}>
                    <Radio value={option} className={styles.radio} />
                    <KindPicture kind={option} />
                    <span className={styles.name}>{FILTER_KINDS[option].name}</span>
                    <span className={styles.way}>{FILTER_KINDS[option].way}</span>
                  </label>
                ))}
              </RadioGroup>
            )}
          />
        </fieldset>
        <div className={styles.foot}>
          {faults.length === 0 ? null : (
            <ul role="alert" className={styles.faults}>
              {faults.map((fault) => (
                <li key={fault}>{fault}</li>
              ))}
            </ul>
          )}
          {kind === null ? null : (
            <div className={styles.size}>
              <Controller
                control={control}
                name="size"
                render={({ field: { value: size, onChange } }) => (
                  <ChoiceField<PresetSize>
                    label="Size, roughly"
                    value={size}
                    choices={PRESET_SIZES.map((value) => {
                      const room = mediaVolume(presetFilter(kind, NO_IDS, kind, value));
                      return {
                        value,
                        label: `${value}, ${words.show({ kind: 'volume', si: room }, 1)} for media`,
                      };
                    })}
                    onChange={onChange}
                  />
                )}
              />
              <span className="quiet">These are typical sizes. You can change them under Measure.</span>
            </div>
          )}
          <Button type="submit" variant="contained" disabled={formState.isSubmitting}>
            Add this filter
          </Button>
        </div>
      </form>
      <div className={styles.file}>
        <p className="caption">Or open a saved Neat Layer file:</p>
        <FileDrop />
      </div>
    </PageLayout>
  );
}

function KindPicture({ kind }: { kind: FilterKind }) {
  const filter = useMemo(() => presetFilter(kind, NO_IDS, kind), [kind]);
  const report = useMemo(
    () => packMeasures({ ...aloneOn(ANY_TANK), filter, layers: [], flow: null }).measures,
    [filter],
  );
  return <Vessel filter={filter} layers={[]} report={report} room={PICTURE_ROOM} plain />;
}
