'use client';
import { FOOT_STATES, type Spill } from '@/core/filter/spill';
import { SPILL_BOUNDS } from '@/core/filter/spillBounds';
import type { Bounds } from '@/core/units/bounds';
import { ChoiceField } from '../fields/ChoiceField';
import { useWords } from '../fields/UnitsProvider';
import { QuantityField } from '../fields/QuantityField';
import { CollapsibleSection } from '../frame/CollapsibleSection';
import styles from './filterPart.module.css';
import { NotchFields } from './NotchFields';
import { Explanation } from '../frame/Explanation';

interface Props {
  readonly spill: Spill;
  readonly assumed: boolean;
  readonly onChange: (spill: Spill) => void;
}

type Size = { [K in keyof Spill]: Spill[K] extends number ? K : never }[keyof Spill];

const SIZES: readonly { key: Size; label: string; bounds: Bounds }[] = [
  {
    key: 'lipAboveFloor',
    label: 'Lip above floor',
    bounds: SPILL_BOUNDS.lip,
  },
  {
    key: 'rimAboveLip',
    label: 'Rim above lip',
    bounds: SPILL_BOUNDS.rim,
  },
  { key: 'lipAboveTank', label: 'Lip above tank water', bounds: SPILL_BOUNDS.drop },
  { key: 'lipWidth', label: 'Width of the lip', bounds: SPILL_BOUNDS.lipWidth },
  { key: 'hangerToBack', label: 'Tank edge to back rim', bounds: SPILL_BOUNDS.hangerToBack },
  { key: 'tilt', label: 'Leans back by', bounds: SPILL_BOUNDS.tilt },
  { key: 'recirculated', label: 'Share recirculated', bounds: SPILL_BOUNDS.recirculated },
];

const FOOT_WORDS = { in: 'in its place', missing: 'missing', none: 'it never had one' } as const;

/** Lip, rim, tilt and the control of a hang-on-back: all that decides where its water goes when the pack clogs. */
export function SpillFold({ spill, assumed, onChange }: Props) {
  const words = useWords();
  return (
    <CollapsibleSection
      title="Lip and rim"
      says={`rim ${words.show({ kind: 'gap', si: spill.rimAboveLip })} above the lip; foot ${FOOT_WORDS[spill.foot]}`}
      attention={assumed || spill.foot === 'missing' || spill.tilt > 0}
    >
      <Explanation of="Outflow lip" line />
      <Explanation of="Back rim" line />
      {SIZES.map(({ key, label, bounds }) => (
        <QuantityField
          key={key}
          label={label}
          bounds={bounds}
          value={spill[key]}
          onChange={(si) => si !== null && onChange({ ...spill, [key]: si })}
          className={styles.field}
        />
      ))}
      <ChoiceField
        label="Levelling foot"
        value={spill.foot}
        choices={FOOT_STATES.map((value) => ({ value, label: FOOT_WORDS[value] }))}
        onChange={(foot) => onChange({ ...spill, foot })}
      />
      <NotchFields spill={spill} onChange={onChange} />
    </CollapsibleSection>
  );
}
