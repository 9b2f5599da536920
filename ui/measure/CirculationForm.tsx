'use client';
import Button from '@mui/material/Button';
import { MOST_CIRCULATION, TANK_BOUNDS, type Circulation, type Tank } from '@/core/tank/tank';
import { ChoiceField } from '../fields/ChoiceField';
import { QuantityField } from '../fields/QuantityField';
import styles from './filterPart.module.css';
import { AIM_CHOICES, PLACE_CHOICES } from './portWords';

interface Props {
  readonly tank: Tank;
  readonly onChange: (change: Partial<Tank>) => void;
}

/** A small circulation pump, to be typed over, m³/s. */
const FIRST: Circulation = { place: 'right', aim: 'along the tank', flow: 1e-3 / 3.6 };

/** Pumps that only move the water. */
export function CirculationForm({ tank, onChange }: Props) {
  const { circulation } = tank;
  const put = (next: Circulation[]) => onChange({ circulation: next });
  const set = (position: number, change: Partial<Circulation>) =>
    put(circulation.map((item, index) => (index === position ? { ...item, ...change } : item)));
  return (
    <div className={styles.rows} role="group" aria-label="Circulation pumps">
      {circulation.map((pump, at) => (
        <div key={at} className={styles.line}>
          <ChoiceField
            label={`Pump ${at + 1} sits`}
            value={pump.place}
            choices={PLACE_CHOICES}
            onChange={(place) => set(at, { place })}
          />
          <ChoiceField
            label="It points"
            value={pump.aim}
            choices={AIM_CHOICES}
            onChange={(aim) => set(at, { aim })}
          />
          <QuantityField
            label="It moves"
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
      <Button disabled={circulation.length >= MOST_CIRCULATION} onClick={() => put([...circulation, FIRST])}>
        Add a circulation pump
      </Button>
    </div>
  );
}
