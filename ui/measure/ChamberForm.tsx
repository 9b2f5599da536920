'use client';
import Button from '@mui/material/Button';
import { TextInput } from '../fields/TextInput';
import { nameFault } from '@/core/document/nameFault';
import { CHAMBER_BOUNDS } from '@/core/filter/chamberBounds';
import type { ChamberShape } from '@/core/filter/chamberShape';
import { volumeBetween, isInward } from '@/core/filter/chamberGeometry';
import { FILTER_BOUNDS } from '@/core/filter/filterBounds';
import type { Chamber, FlowWay } from '@/core/filter/filter';
import { mostVolume, scaleToVolume } from '@/core/filter/scaleToVolume';
import { usableDepth } from '@/core/filter/usableDepth';
import { reshape } from '@/core/filter/reshape';
import type { UnplacedChamber } from '@/core/filter/chamberLayout';
import { ChoiceField } from '../fields/ChoiceField';
import { NameField } from '../fields/NameField';
import { Quantity } from '../fields/Quantity';
import { QuantityField } from '../fields/QuantityField';
import { useDraftField } from '../fields/useDraftField';
import styles from './ChamberForm.module.css';

interface Props {
  readonly chamber: Chamber;
  readonly number: number;
  readonly onChange: (chamber: UnplacedChamber) => void;
  /** Its sides were worked out from what it holds: they stay assumed. */
  readonly onHolds: (chamber: UnplacedChamber) => void;
  readonly onPlace: (place: Chamber['place']) => void;
  /** Changes places with the one before or after it in flow; left out where there is none. */
  readonly onEarlier: (() => void) | undefined;
  readonly onLater: (() => void) | undefined;
  /** Left out for the only chamber: a filter needs one. */
  readonly onRemove?: () => void;
}

const FORMS: readonly { value: ChamberShape['form']; label: string }[] = [
  { value: 'box', label: 'box' },
  { value: 'cylinder', label: 'round' },
  { value: 'annulus', label: 'round, centre pipe' },
  { value: 'perimeter', label: 'foam around trays' },
  { value: 'sleeve', label: 'sleeve' },
];

const FLOW_WAYS: readonly { value: FlowWay; label: string }[] = [
  { value: 'up', label: 'up' },
  { value: 'down', label: 'down' },
  { value: 'across', label: 'across' },
];

const SIDES: readonly { key: 'length' | 'width' | 'diameter' | 'bore' | 'height'; label: string }[] = [
  { key: 'length', label: 'Length' },
  { key: 'width', label: 'Width' },
  { key: 'diameter', label: 'Diameter' },
  { key: 'bore', label: 'Pipe' },
  { key: 'height', label: 'Height' },
];

/** Least that a chamber holds, m³. */
const MIN_HELD = 1e-5;

/** One chamber in one row: what it is called, its inside, its stop, the way of the water, and what it holds. */
export function ChamberForm({
  chamber,
  number,
  onChange,
  onHolds,
  onPlace,
  onEarlier,
  onLater,
  onRemove,
}: Props) {
  const { shape, place } = chamber;
  const depth = usableDepth(chamber);
  const holds = volumeBetween(shape, 0, depth);
  const sides = shape as unknown as Partial<Record<(typeof SIDES)[number]['key'], number>>;
  return (
    <li className={styles.row} aria-label={`Chamber ${number}: ${chamber.name}`}>
      <span className={styles.number}>{number}</span>
      <div className={styles.fields}>
        <NameField
          label="Chamber"
          value={chamber.name}
          className={styles.name}
          onChange={(name) => onChange({ ...chamber, name })}
        />
        {SIDES.map(({ key, label }) => {
          const value = sides[key];
          return value === undefined ? null : (
            <QuantityField
              key={key}
              label={label}
              bounds={CHAMBER_BOUNDS[key]}
              value={value}
              onChange={(si) => si !== null && onChange({ ...chamber, shape: { ...shape, [key]: si } })}
              className={styles.size}
            />
          );
        })}
        <QuantityField
          label={isInward(shape) ? 'Wall' : 'Depth'}
          bounds={CHAMBER_BOUNDS.depth}
          value={chamber.depth}
          onChange={(si) => si !== null && onChange({ ...chamber, depth: si })}
          className={styles.size}
        />
        {isInward(shape) ? null : (
          <QuantityField
            label="Fill limit at"
            optional
            bounds={CHAMBER_BOUNDS.stop}
            value={chamber.stop}
            onChange={(si) => onChange({ ...chamber, stop: si })}
            className={styles.size}
          />
        )}
      </div>
      {isInward(shape) ? (
        <span className={styles.volume}>
          <Quantity value={{ kind: 'volume', si: holds }} />
        </span>
      ) : (
        <QuantityField
          label="Holds"
          bounds={{ what: 'Volume', kind: 'volume', min: MIN_HELD, max: mostVolume(shape, depth) }}
          value={holds}
          onChange={(si) => {
            const scaled = si === null ? null : scaleToVolume(shape, depth, si);
            if (scaled !== null) onHolds({ ...chamber, shape: scaled });
          }}
          className={styles.size}
        />
      )}
      <details className={styles.more}>
        <summary>
          {isInward(shape) ? '' : `Water flows ${chamber.way}. `}
          {chamber.lift.length === 0
            ? 'Nothing to remove first.'
            : `Remove first: ${chamber.lift.join(', ')}.`}
        </summary>
        <div className={styles.fields}>
          <ChoiceField
            label="Shape"
            value={shape.form}
            choices={FORMS}
            onChange={(form) => onChange(reshape(chamber, form))}
          />
          {shape.form === 'box' ? (
            <QuantityField
              label="Corner radius"
              bounds={CHAMBER_BOUNDS.corner}
              value={chamber.cornerRadius}
              onChange={(si) => si !== null && onChange({ ...chamber, cornerRadius: si })}
              className={styles.size}
            />
          ) : null}
          {isInward(shape) || chamber.way === 'across' ? null : (
            <QuantityField
              label="Narrower at the bottom by"
              bounds={CHAMBER_BOUNDS.narrows}
              value={chamber.narrows}
              onChange={(si) => si !== null && onChange({ ...chamber, narrows: si })}
            />
          )}
          {isInward(shape) ? null : (
            <>
              {chamber.stop === null ? null : (
                <QuantityField
                  label="Upper fill limit"
                  optional
                  bounds={{ ...CHAMBER_BOUNDS.stop, what: 'Upper fill limit' }}
                  value={chamber.upperStop}
                  onChange={(si) => onChange({ ...chamber, upperStop: si })}
                  className={styles.size}
                />
              )}
              <ChoiceField
                label="Water flows"
                value={chamber.way}
                choices={FLOW_WAYS}
                onChange={(way) => onChange({ ...chamber, way })}
              />
            </>
          )}
          {chamber.where === 'intake' ? null : (
            <>
              <LiftField lift={chamber.lift} onChange={(lift) => onChange({ ...chamber, lift })} />
              <QuantityField
                label="From left"
                bounds={FILTER_BOUNDS.place}
                value={place.x}
                onChange={(x) => x !== null && onPlace({ ...place, x })}
                className={styles.size}
              />
              <QuantityField
                label="From floor"
                bounds={FILTER_BOUNDS.place}
                value={place.y}
                onChange={(y) => y !== null && onPlace({ ...place, y })}
                className={styles.size}
              />
            </>
          )}
        </div>
        <span className={styles.tools}>
          {onEarlier === undefined ? null : (
            <Button aria-label={`${chamber.name}: earlier in flow`} onClick={onEarlier}>
              Earlier
            </Button>
          )}
          {onLater === undefined ? null : (
            <Button aria-label={`${chamber.name}: later in flow`} onClick={onLater}>
              Later
            </Button>
          )}
          {onRemove === undefined ? null : <Button onClick={onRemove}>Remove</Button>}
        </span>
      </details>
    </li>
  );
}

/** Most things that are lifted before one chamber. */
const MAX_LIFTED = 8;

/** What is lifted to reach a chamber, in order, parted by commas. */
function LiftField({ lift, onChange }: { lift: readonly string[]; onChange: (lift: string[]) => void }) {
  const { fault, props } = useDraftField({
    shown: lift.join(', '),
    read: (text) => {
      const names = text
        .split(',')
        .map((name) => name.trim())
        .filter((name) => name !== '');
      return names.length <= MAX_LIFTED && names.every((name) => nameFault('Name', name) === null)
        ? { ok: true, value: names }
        : { ok: false, fault: `At most ${MAX_LIFTED} short names, separated by commas.` };
    },
    onValue: onChange,
  });
  return <TextInput {...props} label="Remove first" helperText={fault} className={styles.lift} />;
}
