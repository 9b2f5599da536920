'use client';
import Button from '@mui/material/Button';
import { useRouter } from 'next/navigation';
import { useMemo, useRef, useState } from 'react';
import { FILTER_BOUNDS } from '@/core/filter/filter';
import { FilterKindSchema, type FilterKind } from '@/core/filter/filterKind';
import { FILTER_KINDS } from '@/core/filter/filterKindWords';
import { mediaRoom } from '@/core/filter/mediaRoom';
import { presetFilter } from '@/core/filter/presetFilter';
import { PRESET_SIZES, type PresetSize } from '@/core/filter/presetSize';
import { aloneOn, evaluatePack } from '@/core/report/evaluatePack';
import { netVolume } from '@/core/tank/netVolume';
import { newTank } from '@/core/tank/newTank';
import type { Tank } from '@/core/tank/tank';
import { WATER_BOUNDS } from '@/core/tank/water';
import { ChoiceField } from '../fields/ChoiceField';
import { useWords } from '../fields/Habits';
import { NameField } from '../fields/NameField';
import { QuantityField } from '../fields/QuantityField';
import { FileDrop } from '../files/FileDrop';
import { Frame } from '../frame/Frame';
import { mainLinks } from '../frame/mainLinks';
import { send } from '../state/send';
import { Vessel } from '../vessel/Vessel';
import { measured } from './filterPart';
import styles from './NewFilter.module.css';

/** A picture of a kind shows no figure that a tank decides. */
const ANY_TANK = newTank('any', 'Any', 0.1);
const NO_IDS = { id: 'any', tankId: 'any' };
const PICTURE_ROOM = { width: 172, height: 190 };

/** The first minute with a filter: whose water, how much, and how the water goes through it. */
export function NewFilter({ tank }: { tank: Tank | null }) {
  const router = useRouter();
  const words = useWords();
  const [kind, setKind] = useState<FilterKind | null>(null);
  const [size, setSize] = useState<PresetSize>('middle');
  const [name, setName] = useState('');
  const [volume, setVolume] = useState<number | null>(null);
  const [labelFlow, setLabelFlow] = useState<number | null>(null);
  const [faults, setFaults] = useState<readonly string[]>([]);
  const [busy, setBusy] = useState(false);
  const identity = useRef<{ id: string; tankId: string } | null>(null);

  const add = async () => {
    const missing = [
      ...(name.trim() === '' ? ['Type a name for it.'] : []),
      ...(tank === null && volume === null ? ['Type how much water is in the tank.'] : []),
      ...(kind === null ? ['Choose how the water goes through it.'] : []),
    ];
    setFaults(missing);
    if (missing.length > 0 || kind === null) return;
    setBusy(true);
    // One whose answer was lost is the same filter when it is added again.
    identity.current ??= { id: crypto.randomUUID(), tankId: tank?.id ?? crypto.randomUUID() };
    const ids = identity.current;
    const preset = presetFilter(kind, ids, name.trim(), size);
    const outcome = await send('POST', '/api/filters', {
      ...(tank === null && volume !== null ? { tank: newTank(ids.tankId, name.trim(), volume) } : {}),
      filter: labelFlow === null ? preset : { ...preset, labelFlow, assumed: measured(preset, 'labelFlow') },
    });
    if (outcome.kind === 'saved') {
      router.push(`/filter/${ids.id}/measure`);
      return;
    }
    setBusy(false);
    if (outcome.kind !== 'unreachable') identity.current = null;
    setFaults(
      outcome.kind === 'refused'
        ? outcome.faults
        : ['The app does not answer. What you typed is still here; try again.'],
    );
  };

  return (
    <Frame
      title="A new filter"
      subtitle="half of it is enough to begin"
      links={mainLinks('/new')}
      linksLabel="Main"
    >
      <form
        className={styles.sheet}
        onSubmit={(event) => {
          event.preventDefault();
          void add();
        }}
      >
        <div className={styles.fields}>
          <NameField
            label={tank === null ? 'Name of the tank or filter' : 'Name of the filter'}
            value={name}
            onChange={setName}
          />
          {tank === null ? (
            <QuantityField
              label="Water in the tank, net"
              bounds={WATER_BOUNDS.volume}
              value={volume}
              onChange={setVolume}
            />
          ) : (
            <p className={styles.onTank}>
              On {tank.name}, {words.show({ kind: 'volume', si: netVolume(tank.water).value })} of water
            </p>
          )}
          <QuantityField
            label="Flow on the label, if known"
            optional
            bounds={FILTER_BOUNDS.labelFlow}
            value={labelFlow}
            onChange={setLabelFlow}
          />
        </div>
        <fieldset className={styles.kinds}>
          <legend className="caption">How does the water go through it?</legend>
          <div className={styles.pictures}>
            {FilterKindSchema.options.map((one) => (
              <label key={one} className={styles.kind} data-chosen={kind === one}>
                <input
                  type="radio"
                  name="kind"
                  value={one}
                  checked={kind === one}
                  onChange={() => setKind(one)}
                  className="unseen"
                />
                <KindPicture kind={one} />
                <span className={styles.name}>{FILTER_KINDS[one].name}</span>
                <span className={styles.way}>{FILTER_KINDS[one].way}</span>
              </label>
            ))}
          </div>
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
              <ChoiceField<PresetSize>
                label="About how large"
                value={size}
                choices={PRESET_SIZES.map((value) => {
                  const room = mediaRoom(presetFilter(kind, NO_IDS, kind, value));
                  return {
                    value,
                    label: `${value}, ${words.show({ kind: 'volume', si: room }, 1)} for media`,
                  };
                })}
                onChange={setSize}
              />
              <span className="quiet">
                It only sets where you begin: every size is typed over in the survey.
              </span>
            </div>
          )}
          <Button type="submit" variant="contained" disabled={busy}>
            Enter it
          </Button>
        </div>
      </form>
      <div className={styles.file}>
        <p className="caption">Or bring one in from a Neat Layer file:</p>
        <FileDrop />
      </div>
    </Frame>
  );
}

function KindPicture({ kind }: { kind: FilterKind }) {
  const filter = useMemo(() => presetFilter(kind, NO_IDS, kind), [kind]);
  const report = useMemo(
    () => evaluatePack({ ...aloneOn(ANY_TANK), filter, layers: [], flow: null }),
    [filter],
  );
  return <Vessel filter={filter} layers={[]} report={report} room={PICTURE_ROOM} plain />;
}
