'use client';
import type { Filter } from '@/core/filter/filter';
import type { Tank } from '@/core/tank/tank';
import { WATER_BOUNDS } from '@/core/tank/waterBounds';
import type { Water } from '@/core/tank/water';
import { ChoiceField } from '../fields/ChoiceField';
import { QuantityField } from '../fields/QuantityField';
import { AirFiltersFold } from './AirFiltersFold';
import { FeedForm } from './FeedForm';
import { LifeFold } from './LifeFold';
import { QualityFold } from './QualityFold';
import { TankDrawing } from './TankDrawing';
import { RoomFold } from './RoomFold';
import { RoutineFold } from './RoutineFold';
import { PumpsFold } from './PumpsFold';
import { TankFold } from './TankFold';
import { waterTurned, type WaterShape as Form } from './waterTurned';
import styles from './WaterForm.module.css';

const FORMS: readonly { value: Form; label: string }[] = [
  { value: 'known', label: 'I know the litres' },
  { value: 'box', label: 'box or cube' },
  { value: 'bow', label: 'bow front' },
  { value: 'cylinder', label: 'round' },
];

interface Props {
  readonly tank: Tank;
  /** Drawn where they take in and give back. */
  readonly filters: readonly Filter[];
  readonly onChange: (change: Partial<Tank>) => void;
}

/** How much water there is and what is fed into it, typed on the drawing; what matters less is folded beneath. */
export function WaterForm({ tank, filters, onChange }: Props) {
  const { water } = tank;
  const setWater = (next: Water) => onChange({ water: next });
  return (
    <section aria-label="Water">
      <h2 className={`caption ${styles.heading}`}>Water and food</h2>
      <TankDrawing tank={tank} filters={filters} onWater={setWater} />
      <div className={styles.fields}>
        <ChoiceField<Form>
          label="Tank shape"
          value={water.how === 'known' ? 'known' : water.shape.form}
          choices={FORMS}
          onChange={(form) => setWater(waterTurned(water, form))}
        />
        {water.how === 'known' ? (
          <QuantityField
            label="Water in the tank"
            bounds={WATER_BOUNDS.volume}
            value={water.volume}
            onChange={(si) => si !== null && setWater({ how: 'known', volume: si })}
          />
        ) : (
          <span />
        )}
        <FeedForm tank={tank} onChange={onChange} />
      </div>
      <div className={styles.folds}>
        <TankFold tank={tank} onChange={onChange} />
        <QualityFold tank={tank} onChange={onChange} />
        <LifeFold tank={tank} onChange={onChange} />
        <RoutineFold tank={tank} onChange={onChange} />
        <RoomFold tank={tank} onChange={onChange} />
        <PumpsFold tank={tank} onChange={onChange} />
        <AirFiltersFold tank={tank} onChange={onChange} />
      </div>
    </section>
  );
}
