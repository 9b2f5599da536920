'use client';
import type { TankShape } from '@/core/tank/tankShape';
import { WATER_BOUNDS } from '@/core/tank/waterBounds';
import type { MeasuredWater } from '@/core/tank/water';
import { ChoiceField } from '../fields/ChoiceField';
import { useWords } from '../fields/UnitsProvider';
import { NameField } from '../fields/NameField';
import { QuantityField } from '../fields/QuantityField';
import { CollapsibleSection } from '../frame/CollapsibleSection';
import { ShapeField } from './ShapeField';
import type { TankPart } from './tankPart';
import { DEFAULT_TANK } from './waterTurned';
import styles from './WaterForm.module.css';

const SHAPE_WORDS: Readonly<Record<TankShape['form'], string>> = {
  box: 'box',
  bow: 'bow front',
  cylinder: 'round',
};

/** The tank itself: its name, its height, and what of its room is not water. */
export function TankFold({ tank, onChange }: TankPart) {
  const words = useWords();
  const { water } = tank;
  const says =
    water.how === 'known'
      ? `${tank.name}, not measured`
      : `${SHAPE_WORDS[water.shape.form]}, ${words.show({ kind: 'length', si: water.shape.height })} high, ${words.show({ kind: 'length', si: water.substrate.depth })} of substrate`;
  return (
    <CollapsibleSection title="Tank" says={says}>
      <div className={styles.fields}>
        <NameField label="Tank name" value={tank.name} onChange={(name) => onChange({ name })} />
        {water.how === 'known' ? null : (
          <MeasuredFields water={water} onChange={(next) => onChange({ water: next })} />
        )}
      </div>
    </CollapsibleSection>
  );
}

function MeasuredFields({
  water,
  onChange,
}: {
  water: MeasuredWater;
  onChange: (water: MeasuredWater) => void;
}) {
  const { substrate, hardscape } = water;
  return (
    <>
      <ShapeField side="bow" water={water} onWater={onChange} />
      <ShapeField side="height" water={water} onWater={onChange} />
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
          { value: 'volume', label: 'by volume' },
        ]}
        onChange={(by) =>
          onChange({
            ...water,
            hardscape:
              by === 'volume' ? { by, volume: 0 } : { by, mass: 0, density: DEFAULT_TANK.rockDensity },
          })
        }
      />
      {hardscape.by === 'volume' ? (
        <QuantityField
          label="Volume of rock and wood"
          bounds={WATER_BOUNDS.hardscapeVolume}
          value={hardscape.volume}
          onChange={(si) => si !== null && onChange({ ...water, hardscape: { by: 'volume', volume: si } })}
        />
      ) : (
        <>
          <QuantityField
            label="Weight of rock, wood"
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
