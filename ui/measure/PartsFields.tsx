'use client';
import { EQUIPMENT, type Equipment } from '@/core/filter/equipment';
import { equipmentK } from '@/core/hydraulics/internalHead';
import { FILTER_BOUNDS } from '@/core/filter/filterBounds';
import type { Filter } from '@/core/filter/filter';
import { CheckList } from '../fields/CheckList';
import { ChoiceField } from '../fields/ChoiceField';
import { useWords } from '../fields/UnitsProvider';
import { QuantityField } from '../fields/QuantityField';
import { EQUIPMENT_WORDS, SIDES } from './equipmentWords';
import type { FilterPart } from './filterPart';
import styles from './filterPart.module.css';

/** What the body has or has not, and its measures from outside, to be changed. */
export function PartsFields({ filter, onChange }: FilterPart) {
  const words = useWords();
  const { outside, equipment } = filter;
  return (
    <>
      <div className={styles.wide}>
        <CheckList<Equipment>
          legend="It has"
          items={EQUIPMENT.map((value) => ({ value, label: EQUIPMENT_WORDS[value] }))}
          chosen={equipment}
          onChange={(next) => onChange({ equipment: next })}
        />
      </div>
      {equipment.includes('heater') || equipment.includes('UV lamp') ? (
        <QuantityField
          label="Loss at heater or lamp (velocity heads)"
          optional
          bounds={FILTER_BOUNDS.equipmentK}
          value={filter.equipmentK}
          placeholder={words.parts({ kind: 'plain', si: equipmentK(filter) }).number}
          onChange={(value) => onChange({ equipmentK: value })}
          className={styles.field}
        />
      ) : null}
      <ChoiceField
        label="Body, outside"
        value={outside === null ? 'no' : 'yes'}
        choices={[
          { value: 'no', label: 'not measured' },
          { value: 'yes', label: 'measured' },
        ]}
        onChange={(value) => onChange({ outside: value === 'no' ? null : aroundAll(filter) })}
      />
      {outside === null
        ? null
        : SIDES.map((side) => (
            <QuantityField
              key={side}
              label={`Body ${side}`}
              bounds={FILTER_BOUNDS.outside}
              value={outside[side]}
              onChange={(si) => si !== null && onChange({ outside: { ...outside, [side]: si } })}
              className={styles.field}
            />
          ))}
    </>
  );
}

/** A body that holds the chambers as drawn, to be measured and typed over. */
const aroundAll = ({ body }: Filter): NonNullable<Filter['outside']> => ({
  length: body.width,
  width: body.width,
  height: body.height,
});
