'use client';
import { TANK_BOUNDS } from '@/core/tank/tankBounds';
import { useWords } from '../fields/UnitsProvider';
import { QuantityField } from '../fields/QuantityField';
import { CollapsibleSection } from '../frame/CollapsibleSection';
import type { TankPart } from './tankPart';
import styles from './WaterForm.module.css';

/** How warm, hard and sour the water is. */
export function QualityFold({ tank, onChange }: TankPart) {
  const words = useWords();
  const says = [
    words.show({ kind: 'temperature', si: tank.temperature }),
    tank.pH === null ? 'pH not entered' : `pH ${words.show({ kind: 'plain', si: tank.pH }, 1)}`,
    tank.generalHardness === null
      ? 'hardness not entered'
      : words.show({ kind: 'hardness', si: tank.generalHardness }),
  ];
  return (
    <CollapsibleSection title="Water quality" says={says.join(', ')}>
      <div className={styles.fields}>
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
    </CollapsibleSection>
  );
}
