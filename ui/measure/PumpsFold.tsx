'use client';
import Button from '@mui/material/Button';
import { MAX_CIRCULATION, TANK_BOUNDS } from '@/core/tank/tankBounds';
import type { Circulation } from '@/core/tank/tank';
import { ChoiceField } from '../fields/ChoiceField';
import { useWords } from '../fields/UnitsProvider';
import { QuantityField } from '../fields/QuantityField';
import { CollapsibleSection } from '../frame/CollapsibleSection';
import styles from './filterPart.module.css';
import { AIM_CHOICES, PLACE_CHOICES } from './portWords';
import type { TankPart } from './tankPart';
import { sumOf } from '@/core/maths/sum';

/** A small circulation pump, to be typed over, m³/s. */
const DEFAULT_CIRCULATION: Circulation = { place: 'right', aim: 'along the tank', flow: 1e-3 / 3.6 };

/** Pumps that only move the water. */
export function PumpsFold({ tank, onChange }: TankPart) {
  const words = useWords();
  const { circulation } = tank;
  const put = (next: Circulation[]) => onChange({ circulation: next });
  const set = (position: number, change: Partial<Circulation>) =>
    put(circulation.map((item, index) => (index === position ? { ...item, ...change } : item)));
  const moved = sumOf(circulation, ({ flow }) => flow);
  return (
    <CollapsibleSection
      title="Circulation pumps"
      says={
        circulation.length === 0
          ? 'none'
          : `${circulation.length === 1 ? '1 pump' : `${circulation.length} pumps`}, ${words.show({ kind: 'flow', si: moved })} in all`
      }
    >
      <div className={styles.rows} role="group" aria-label="Circulation pumps">
        {circulation.map((pump, at) => (
          <div key={at} className={styles.line}>
            <ChoiceField
              label={`Place of pump ${at + 1}`}
              value={pump.place}
              choices={PLACE_CHOICES}
              onChange={(place) => set(at, { place })}
            />
            <ChoiceField
              label="Points"
              value={pump.aim}
              choices={AIM_CHOICES}
              onChange={(aim) => set(at, { aim })}
            />
            <QuantityField
              label="Flow of the pump"
              bounds={TANK_BOUNDS.circulation}
              value={pump.flow}
              onChange={(flow) => flow !== null && set(at, { flow })}
              className={styles.field}
            />
            <Button
              aria-label={`Remove circulation pump ${at + 1}`}
              onClick={() => put(circulation.filter((_, index) => index !== at))}
            >
              ×
            </Button>
          </div>
        ))}
        <Button
          disabled={circulation.length >= MAX_CIRCULATION}
          onClick={() => put([...circulation, DEFAULT_CIRCULATION])}
        >
          Add a circulation pump
        </Button>
      </div>
    </CollapsibleSection>
  );
}
