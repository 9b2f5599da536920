'use client';
import type { Filter } from '@/core/filter/filter';
import { netVolume } from '@/core/tank/netVolume';
import { TANK_BOUNDS, type Tank } from '@/core/tank/tank';
import { TANK_SHAPE_BOUNDS, type TankShape } from '@/core/tank/tankShape';
import { WATER_BOUNDS, type MeasuredWater, type Water } from '@/core/tank/water';
import { ChoiceField } from '../fields/ChoiceField';
import { NameField } from '../fields/NameField';
import { QuantityField } from '../fields/QuantityField';
import { TankDrawing } from './TankDrawing';
import styles from './WaterForm.module.css';

type Form = TankShape['form'] | 'known';

const FORMS: readonly { value: Form; label: string }[] = [
  { value: 'known', label: 'litres are known' },
  { value: 'box', label: 'box or cube' },
  { value: 'bow', label: 'bow front' },
  { value: 'cylinder', label: 'round' },
];

/** Where measuring begins when only the litres were known: a usual tank of that size, for the keeper to type over. */
const USUAL = { proportion: 1.9, porosity: 0.4, rockDensity: 2600, bow: 0.08, air: 0.03 };

interface Props {
  readonly tank: Tank;
  /** Drawn where they take in and give back. */
  readonly filters: readonly Filter[];
  readonly onChange: (change: Partial<Tank>) => void;
}

/** How much water there is, and how warm, hard and sour: the drawing answers as it is typed. */
export function WaterForm({ tank, filters, onChange }: Props) {
  const { water } = tank;
  const setWater = (next: Water) => onChange({ water: next });
  return (
    <section aria-label="Water">
      <h2 className={`caption ${styles.heading}`}>Water</h2>
      <TankDrawing tank={tank} filters={filters} />
      <div className={styles.fields}>
        <NameField label="Tank" value={tank.name} onChange={(name) => onChange({ name })} />
        <ChoiceField<Form>
          label="Shape"
          value={water.how === 'known' ? 'known' : water.shape.form}
          choices={FORMS}
          onChange={(form) => setWater(turned(water, form))}
        />
        {water.how === 'known' ? (
          <QuantityField
            label="Water in it, net"
            bounds={WATER_BOUNDS.volume}
            value={water.volume}
            onChange={(si) => si !== null && setWater({ how: 'known', volume: si })}
          />
        ) : (
          <MeasuredFields water={water} onChange={setWater} />
        )}
        <QuantityField
          label="Temperature"
          bounds={TANK_BOUNDS.temperature}
          value={tank.temperature}
          onChange={(si) => si !== null && onChange({ temperature: si })}
        />
        <QuantityField
          label="pH"
          optional
          bounds={TANK_BOUNDS.pH}
          value={tank.pH}
          onChange={(si) => onChange({ pH: si })}
        />
        <QuantityField
          label="General hardness"
          optional
          bounds={TANK_BOUNDS.hardness}
          value={tank.generalHardness}
          onChange={(si) => onChange({ generalHardness: si })}
        />
        <QuantityField
          label="Carbonate hardness"
          optional
          bounds={TANK_BOUNDS.hardness}
          value={tank.carbonateHardness}
          onChange={(si) => onChange({ carbonateHardness: si })}
        />
        <QuantityField
          label="Altitude"
          bounds={TANK_BOUNDS.altitude}
          value={tank.altitude}
          onChange={(si) => si !== null && onChange({ altitude: si })}
        />
      </div>
    </section>
  );
}

const SIDES: readonly { key: keyof typeof TANK_SHAPE_BOUNDS; label: string }[] = [
  { key: 'length', label: 'Tank length, inside' },
  { key: 'width', label: 'Tank width, inside' },
  { key: 'diameter', label: 'Tank diameter' },
  { key: 'bow', label: 'Bow, in the middle' },
  { key: 'height', label: 'Tank height' },
];

function MeasuredFields({ water, onChange }: { water: MeasuredWater; onChange: (water: Water) => void }) {
  const sides = water.shape as Partial<Record<keyof typeof TANK_SHAPE_BOUNDS, number>>;
  const { substrate, hardscape } = water;
  return (
    <>
      {SIDES.map(({ key, label }) => {
        const value = sides[key];
        return value === undefined ? null : (
          <QuantityField
            key={key}
            label={label}
            bounds={TANK_SHAPE_BOUNDS[key]}
            value={value}
            onChange={(si) => si !== null && onChange({ ...water, shape: { ...water.shape, [key]: si } })}
          />
        );
      })}
      <QuantityField
        label="Water level"
        bounds={WATER_BOUNDS.fill}
        value={water.fill}
        onChange={(si) => si !== null && onChange({ ...water, fill: si })}
      />
      <QuantityField
        label="Substrate depth"
        bounds={WATER_BOUNDS.substrateDepth}
        value={substrate.depth}
        onChange={(si) => si !== null && onChange({ ...water, substrate: { ...substrate, depth: si } })}
      />
      <QuantityField
        label="Water in the substrate"
        bounds={WATER_BOUNDS.substratePorosity}
        value={substrate.porosity}
        onChange={(si) => si !== null && onChange({ ...water, substrate: { ...substrate, porosity: si } })}
      />
      <ChoiceField
        label="Rock and wood"
        value={hardscape.by}
        choices={[
          { value: 'weight', label: 'by weight' },
          { value: 'volume', label: 'by room' },
        ]}
        onChange={(by) =>
          onChange({
            ...water,
            hardscape: by === 'volume' ? { by, volume: 0 } : { by, mass: 0, density: USUAL.rockDensity },
          })
        }
      />
      {hardscape.by === 'volume' ? (
        <QuantityField
          label="Room it takes"
          bounds={WATER_BOUNDS.hardscapeVolume}
          value={hardscape.volume}
          onChange={(si) => si !== null && onChange({ ...water, hardscape: { by: 'volume', volume: si } })}
        />
      ) : (
        <>
          <QuantityField
            label="It weighs"
            bounds={WATER_BOUNDS.hardscapeMass}
            value={hardscape.mass}
            onChange={(si) => si !== null && onChange({ ...water, hardscape: { ...hardscape, mass: si } })}
          />
          <QuantityField
            label="Weight per litre"
            bounds={WATER_BOUNDS.hardscapeDensity}
            value={hardscape.density}
            onChange={(si) => si !== null && onChange({ ...water, hardscape: { ...hardscape, density: si } })}
          />
        </>
      )}
    </>
  );
}

/** The water described another way, as near to what was known as that way allows. */
function turned(water: Water, form: Form): Water {
  if (form === 'known')
    return { how: 'known', volume: Math.max(WATER_BOUNDS.volume.min, netVolume(water).value) };
  const measured = water.how === 'measured' ? water : usualTank(water.volume);
  const { shape } = measured;
  const height = shape.height;
  const length = shape.form === 'cylinder' ? shape.diameter : shape.length;
  const width = shape.form === 'cylinder' ? shape.diameter : shape.width;
  if (form === 'cylinder') return { ...measured, shape: { form, diameter: width, height } };
  if (form === 'bow')
    return { ...measured, shape: { form, length, width, bow: Math.min(USUAL.bow, length / 2), height } };
  return { ...measured, shape: { form, length, width, height } };
}

function usualTank(volume: number): MeasuredWater {
  const side = Math.cbrt(volume / USUAL.proportion);
  const toMillimetre = (value: number): number => Math.round(value * 1e3) / 1e3;
  return {
    how: 'measured',
    shape: {
      form: 'box',
      length: toMillimetre(side * USUAL.proportion),
      width: toMillimetre(side),
      height: toMillimetre(side + USUAL.air),
    },
    fill: toMillimetre(side),
    substrate: { depth: 0, porosity: USUAL.porosity },
    hardscape: { by: 'weight', mass: 0, density: USUAL.rockDensity },
  };
}
