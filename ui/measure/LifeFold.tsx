'use client';
import { FEED_BOUNDS } from '@/core/tank/feedBounds';
import { LITTER_BOUNDS } from '@/core/tank/litterBounds';
import { usualLitter } from '@/core/tank/litterPerDay';
import type { Plants } from '@/core/tank/plants';
import { ANIMALS } from '@/core/tank/animals';
import type { Animal } from '@/core/tank/tank';
import { CheckList } from '../fields/CheckList';
import { ChoiceField } from '../fields/ChoiceField';
import { useWords } from '../fields/UnitsProvider';
import { QuantityField } from '../fields/QuantityField';
import { CollapsibleSection } from '../frame/CollapsibleSection';
import type { TankPart } from './tankPart';
import styles from './WaterForm.module.css';

const ANIMAL_WORDS: Readonly<Record<Animal, string>> = {
  fry: 'fry',
  shrimp: 'small shrimp',
  'strong flow': 'animals that need strong flow',
  'still water': 'animals that need still water',
  'dirty eaters': 'messy eaters, large predators',
};

const PLANT_WORDS: Readonly<Record<Plants, string>> = {
  none: 'no plants',
  some: 'some plants',
  dense: 'dense plants',
};

/** What lives in the water, as far as it changes the advice. */
export function LifeFold({ tank, onChange }: TankPart) {
  const words = useWords();
  const { feed } = tank;
  const says = [
    PLANT_WORDS[tank.plants],
    ...(tank.litter.floating ? ['some float'] : []),
    ...tank.animals.map((animal) => ANIMAL_WORDS[animal]),
  ];
  return (
    <CollapsibleSection title="Plants and animals" says={says.join(', ')}>
      <div className={styles.fields}>
        <ChoiceField<Plants>
          label="Plants"
          value={tank.plants}
          choices={[
            { value: 'none', label: 'none' },
            { value: 'some', label: 'some' },
            { value: 'dense', label: 'dense' },
          ]}
          onChange={(plants) => onChange({ plants })}
        />
        <QuantityField
          label="Plant waste"
          optional
          bounds={LITTER_BOUNDS.perDay}
          value={tank.litter.perDay}
          placeholder={words.parts({ kind: 'feed', si: usualLitter(tank) }).number}
          onChange={(perDay) => onChange({ litter: { ...tank.litter, perDay } })}
        />
        <QuantityField
          label="Protein in the food"
          bounds={FEED_BOUNDS.protein}
          value={feed.protein}
          onChange={(si) => si !== null && onChange({ feed: { ...feed, protein: si } })}
        />
      </div>
      <CheckList<'floating'>
        legend="Do any of these apply? Plants"
        items={[{ value: 'floating', label: 'floating plants, whose leaves reach the intake' }]}
        chosen={tank.litter.floating ? ['floating'] : []}
        onChange={(chosen) => onChange({ litter: { ...tank.litter, floating: chosen.length > 0 } })}
      />
      <CheckList<Animal>
        legend="Do any of these apply? Animals"
        items={ANIMALS.map((value) => ({ value, label: ANIMAL_WORDS[value] }))}
        chosen={tank.animals}
        onChange={(animals) => onChange({ animals })}
      />
    </CollapsibleSection>
  );
}
