'use client';
import { EDGE_BOUNDS, type OpenEdge } from '@/core/filter/openEdge';
import { useWords } from '../fields/UnitsProvider';
import { QuantityField } from '../fields/QuantityField';
import { CollapsibleSection } from '../frame/CollapsibleSection';
import styles from './filterPart.module.css';

interface Props {
  readonly edge: OpenEdge;
  readonly assumed: boolean;
  readonly onChange: (edge: OpenEdge) => void;
}

const SIZES = [
  { key: 'belowWater', label: 'Below tank water' },
  { key: 'width', label: 'Width of the edge' },
] as const;

/** The open top edge of the dividers in a filter that hangs in the tank. */
export function EdgeFold({ edge, assumed, onChange }: Props) {
  const words = useWords();
  return (
    <CollapsibleSection
      title="Top of the dividers"
      says={
        edge.belowWater === 0
          ? 'at or above the water level: no water goes over them'
          : `${words.show({ kind: 'gap', si: edge.belowWater })} below the water level`
      }
      attention={assumed || edge.belowWater > 0}
    >
      {SIZES.map(({ key, label }) => (
        <QuantityField
          key={key}
          label={label}
          bounds={EDGE_BOUNDS[key]}
          value={edge[key]}
          onChange={(si) => si !== null && onChange({ ...edge, [key]: si })}
          className={styles.field}
        />
      ))}
    </CollapsibleSection>
  );
}
