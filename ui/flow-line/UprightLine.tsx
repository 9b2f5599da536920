'use client';
import { useId } from 'react';
import { mediaOf, mediumOf } from '@/core/layers/mediumOf';
import { MAX_DARKNESS, meanSludge } from '../drawing/meanSludge';
import { MediumPattern, patternFill } from '../drawing/MediumPattern';
import { LetterMark } from '../drawing/Swatch';
import { useWords } from '../fields/UnitsProvider';
import type { ChamberBox, LayerBox } from './flowLineLayout';
import { useFlowLine } from './FlowLineContext';
import { worstFindingLevel } from './worstFindingLevel';
import { describeInsertion } from './describeInsertion';
import type { InsertionPoint } from './insertionPoints';
import styles from './UprightLine.module.css';

/** Px per metre along the flow, and the least height of a layer: a finger must hit it. */
const SCALE = 1700;
const MIN_HEIGHT = 44;
/** Width of the section, px. */
const WIDTH = 118;

interface Props {
  /** Opens the media for a place; null while layers are only read off. */
  readonly onOpen: ((point: InsertionPoint, where: string) => void) | null;
}

/** The pack on a phone: the water goes from top to bottom, a layer a row, pressed to be changed. */
export function UprightLine({ onOpen }: Props) {
  const { filter, layout, layerById, editing } = useFlowLine();
  const prefix = useId();
  const pointAt = ({ chamber, layers }: ChamberBox, index: number): InsertionPoint => ({
    chamberId: chamber.id,
    index,
    x: 0,
    before: layers[index - 1]?.report.layerId ?? null,
    after: layers[index]?.report.layerId ?? null,
  });
  const add = (chamber: ChamberBox, index: number) => {
    if (onOpen === null || editing.full) return null;
    const point = pointAt(chamber, index);
    const where = describeInsertion(point, filter, layerById);
    return (
      <button
        type="button"
        className={styles.add}
        aria-label={`Add a layer ${where}`}
        onClick={() => onOpen(point, where)}
      >
        +
      </button>
    );
  };
  return (
    <div className={styles.upright} data-testid="flow-line">
      <svg width={0} height={0} className={styles.patterns} aria-hidden="true">
        <defs>
          {mediaOf([...layerById.values()]).map((medium) => (
            <MediumPattern key={medium.id} prefix={prefix} medium={medium} scale={SCALE} />
          ))}
        </defs>
      </svg>
      <Arrow />
      {layout.chambers.map((chamber) => (
        <section key={chamber.chamber.id} aria-label={chamber.chamber.name} className={styles.chamber}>
          <h3 className="caption">{chamber.chamber.name}</h3>
          <ol className={styles.layers}>
            {chamber.layers.map((box, index) => (
              <li key={box.report.layerId} className={styles.row}>
                {add(chamber, index)}
                <LayerRow box={box} half={chamber.half} prefix={prefix} />
              </li>
            ))}
          </ol>
          <div className={styles.end}>
            {add(chamber, chamber.layers.length)}
            {chamber.layers.length === 0 ? <p className="quiet">empty</p> : null}
          </div>
        </section>
      ))}
      <Arrow />
    </div>
  );
}

function LayerRow({ box, half, prefix }: { box: LayerBox; half: number; prefix: string }) {
  const words = useWords();
  const { report, layerById, selectedId, select, sludge } = useFlowLine();
  const layer = layerById.get(box.report.layerId);
  if (layer === undefined) return null;
  const medium = mediumOf(layer);
  const grave = worstFindingLevel(report, layer.id);
  const height = Math.max(MIN_HEIGHT, layer.thickness * SCALE);
  const piece = (WIDTH * box.half) / half;
  const x = (WIDTH - piece) / 2;
  const size = words.show({ kind: 'length', si: layer.thickness });
  const share = words.show({ kind: 'share', si: box.report.passThrough });
  return (
    <button
      type="button"
      className={styles.layer}
      style={{ minHeight: height }}
      aria-pressed={layer.id === selectedId}
      aria-label={`${box.report.flowNumber} of ${report.layers.length}: ${medium.name}, ${size}, ${share} of the water goes through${grave === null ? '' : `; ${grave === 'urgent' ? 'urgent' : 'to check'}`}`}
      onClick={() => select(layer.id === selectedId ? null : layer.id)}
    >
      <svg width={WIDTH} height={height} aria-hidden="true">
        <rect width={WIDTH} height={height} fill="var(--wash)" />
        <rect x={x} width={piece} height={height} fill={patternFill(prefix, medium)} />
        {sludge === null ? null : (
          <rect
            x={x}
            width={piece}
            height={height}
            fill="var(--dirtMiddle)"
            fillOpacity={MAX_DARKNESS * meanSludge(sludge.get(layer.id) ?? [])}
          />
        )}
        <rect x={0.5} y={0.5} width={WIDTH - 1} height={height - 1} fill="none" stroke="var(--ink)" />
        <LetterMark letter={medium.letter} x={5} y={5} />
      </svg>
      <span>
        <strong>{medium.name}</strong>
        <span className={styles.about}>
          {size} · {share} through{' '}
          {grave === null ? null : (
            <span className={styles.grave} data-level={grave}>
              {grave === 'urgent' ? '■' : '△'}
            </span>
          )}
        </span>
      </span>
    </button>
  );
}

/** The water comes in at the top, and leaves at the bottom. */
const Arrow = () => (
  <svg width={WIDTH} height={18} aria-hidden="true" className={styles.arrow}>
    <path d={`M${WIDTH / 2} 1 v13 m-5 -5 l5 5 l5 -5`} fill="none" stroke="var(--river)" strokeWidth={2.4} />
  </svg>
);
