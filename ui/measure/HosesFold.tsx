'use client';
import type { Filter } from '@/core/filter/filter';
import { HOSE_BOUNDS, HOSE_INSIDES } from '@/core/filter/hoseBounds';
import type { Hoses } from '@/core/filter/hoses';
import { USUAL_HOSES } from '@/core/filter/usualHoses';
import { ChoiceField } from '../fields/ChoiceField';
import { CountField } from '../fields/CountField';
import { useWords } from '../fields/UnitsProvider';
import { QuantityField } from '../fields/QuantityField';
import { CollapsibleSection } from '../frame/CollapsibleSection';
import { measured, type FilterPart } from './filterPart';
import styles from './filterPart.module.css';

/** What a keeper sees on looking through a hose. */
const INSIDE_WORDS: Readonly<Record<Hoses['inside'], string>> = {
  clean: 'clean',
  film: 'brown with slime',
  furred: 'thick with slime',
};

/** The hoses of a filter that stands apart from its tank. A composed one may have them or not. */
export function HosesFold({ filter, onChange }: FilterPart) {
  const words = useWords();
  const { hoses } = filter;
  if (hoses === null && filter.kind !== 'composed') return null;
  const set = (change: Partial<Hoses>) =>
    onChange({ hoses: { ...(hoses ?? USUAL_HOSES), ...change }, assumed: measured(filter, 'hoses') });
  const run = (si: number): string => words.show({ kind: 'run', si });
  return (
    <CollapsibleSection
      title="Hoses"
      says={
        hoses === null
          ? 'none: the filter is in or on the tank'
          : `${words.show({ kind: 'gap', si: hoses.bore }, 1)} wide, ${run(hoses.intake + hoses.outlet)} in all, ${run(hoses.height)} below the water`
      }
      attention={filter.assumed.includes('hoses')}
    >
      {filter.kind === 'composed' ? (
        <ChoiceField
          label="Place of the filter"
          value={hoses === null ? 'in' : 'apart'}
          choices={[
            { value: 'in', label: 'in or on the tank' },
            { value: 'apart', label: 'outside the tank, on hoses' },
          ]}
          onChange={(where) => onChange({ hoses: where === 'in' ? null : USUAL_HOSES })}
        />
      ) : null}
      {hoses === null ? null : <HoseFields hoses={hoses} set={set} />}
    </CollapsibleSection>
  );
}

function HoseFields({
  hoses,
  set,
}: {
  hoses: NonNullable<Filter['hoses']>;
  set: (change: Partial<Hoses>) => void;
}) {
  return (
    <>
      <QuantityField
        label="Inside width"
        digits={1}
        bounds={HOSE_BOUNDS.bore}
        value={hoses.bore}
        onChange={(bore) => bore !== null && set({ bore })}
        className={styles.field}
      />
      <QuantityField
        label="To the filter"
        bounds={HOSE_BOUNDS.intake}
        value={hoses.intake}
        onChange={(intake) => intake !== null && set({ intake })}
        className={styles.field}
      />
      <QuantityField
        label="Back to the tank"
        bounds={HOSE_BOUNDS.outlet}
        value={hoses.outlet}
        onChange={(outlet) => outlet !== null && set({ outlet })}
        className={styles.field}
      />
      <CountField
        label="Bends"
        value={hoses.bends}
        max={40}
        onChange={(bends) => bends !== null && set({ bends })}
      />
      <ChoiceField
        label="Inside of the hoses"
        value={hoses.inside}
        choices={HOSE_INSIDES.map((value) => ({ value, label: INSIDE_WORDS[value] }))}
        onChange={(inside) => set({ inside })}
      />
      <QuantityField
        label="Tank water above filter"
        bounds={HOSE_BOUNDS.height}
        value={hoses.height}
        onChange={(height) => height !== null && set({ height })}
        className={styles.field}
        hint="measured from the filter’s lid"
      />
    </>
  );
}
