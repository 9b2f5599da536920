import type { Filter } from '@/core/filter/filter';
import type { PackedStep } from '@/core/job/job';
import type { Layer } from '@/core/layers/layer';
import type { PackMeasures } from '@/core/report/packMeasures';
import { Vessel } from '../vessel/Vessel';
import styles from './RepackSheet.module.css';

/** The drawing: beside the step at a desk, under it on a phone. */
const VESSEL_ROOM = { desk: { width: 320, height: 470 }, phone: { width: 340, height: 185 } } as const;

interface Props {
  readonly filter: Filter;
  readonly layers: readonly Layer[];
  readonly measures: PackMeasures;
  readonly packed: readonly PackedStep[];
  /** The layer of this step; null: it is about no layer. */
  readonly layerId: string | null;
  readonly isPhone: boolean;
}

/** The filter as it is packed so far, with the layer of this step. */
export function StepVessel({ filter, layers, measures, packed, layerId, isPhone }: Props) {
  const present = packed.map((step) => step.layerId);
  return (
    <div className={styles.vessel} data-layer={layerId !== null}>
      <Vessel
        filter={filter}
        layers={layers}
        report={measures}
        room={VESSEL_ROOM[isPhone ? 'phone' : 'desk']}
        selectedId={layerId}
        present={new Set(layerId === null ? present : [...present, layerId])}
      />
    </div>
  );
}
