import type { Filter } from '@/core/filter/filter';
import { mediumOf } from '@/core/layers/mediumOf';
import type { PackReport } from '@/core/report/evaluatePack';
import { packingOrder } from '@/core/layers/packingOrder';
import type { Layer } from '@/core/layers/layer';
import { useWords } from '../fields/UnitsProvider';
import styles from './PackingOrderList.module.css';

interface Props {
  readonly title: string;
  readonly filter: Filter;
  readonly layers: readonly Layer[];
  readonly report: PackReport;
  readonly selectedId: string | null;
  readonly onSelect: (id: string) => void;
  /** Last in, first out: the order of taking apart. */
  readonly removal?: boolean;
}

/** The layers as the hands meet them, beside their number in flow order. */
export function PackingOrderList({
  title,
  filter,
  layers,
  report,
  selectedId,
  onSelect,
  removal = false,
}: Props) {
  const words = useWords();
  const inPackingOrder = packingOrder(filter, layers);
  const rows = removal ? inPackingOrder.reverse() : inPackingOrder;
  const reports = new Map(report.layers.map((layerReport) => [layerReport.layerId, layerReport]));
  return (
    <section aria-label={title}>
      <h2 className={`caption ${styles.heading}`}>{title}</h2>
      {rows.length === 0 ? <p>Nothing in the filter yet.</p> : null}
      <ol className={styles.list}>
        {rows.map((layer, index) => {
          const item = reports.get(layer.id);
          const medium = mediumOf(layer);
          return (
            <li key={layer.id}>
              <button
                type="button"
                className={styles.row}
                aria-pressed={layer.id === selectedId}
                onClick={() => onSelect(layer.id)}
              >
                <span className={styles.number}>{index + 1}</span>
                <span>{medium.name}</span>
                <span className={styles.size}>
                  {medium.supply === 'loose' && item !== undefined
                    ? words.show({ kind: 'volume', si: item.volume })
                    : words.show({ kind: 'length', si: layer.thickness })}
                </span>
                <span className={styles.flow} title="Number in flow order">
                  <span className="unseen">number in flow order </span>
                  {item?.flowNumber}
                </span>
              </button>
            </li>
          );
        })}
      </ol>
    </section>
  );
}
