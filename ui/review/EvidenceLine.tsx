'use client';
import { useId } from 'react';
import { mediumOf } from '@/core/layers/mediumOf';
import type { Finding } from '@/core/findings/finding';
import { useFlowLine } from '../flow-line/FlowLineContext';
import { FlowSection } from '../flow-line/FlowSection';
import styles from './EvidenceLine.module.css';

/** Side of a finding’s number, px, and what lies between two in a column. */
const MARK_PX = 18;
const MARK_STEP = MARK_PX + 3;

interface Props {
  /** In the order of their numbers. */
  readonly findings: readonly Finding[];
}

/** The pack as found, with the number of every finding at the layers it is about. */
export function EvidenceLine({ findings }: Props) {
  const prefix = useId();
  const { layout, layerById, selectedId, select, room } = useFlowLine();
  const marksOf = (layerId: string) =>
    findings.flatMap((finding, index) =>
      finding.layers.includes(layerId) ? [{ number: index + 1, level: finding.level }] : [],
    );
  const boxes = layout.chambers.flatMap((chamber) => chamber.layers);
  const most = Math.max(0, ...boxes.map((box) => marksOf(box.report.layerId).length));
  const height = layout.height + most * MARK_STEP;
  const told = boxes
    .map((box) => {
      const layer = layerById.get(box.report.layerId);
      const numbers = marksOf(box.report.layerId).map(({ number }) => number);
      return layer === undefined
        ? ''
        : `${mediumOf(layer).name}${numbers.length === 0 ? '' : `: finding ${numbers.join(', ')}`}`;
    })
    .join('; ');
  return (
    <div className={styles.room}>
      <div ref={room} />
      <svg width={layout.width} height={height} role="img" aria-label={`The pack as found. ${told}`}>
        <FlowSection prefix={prefix} layout={layout} layers={layerById} selectedId={selectedId} />
        {boxes.map((box) => (
          <g key={box.report.layerId} onClick={() => select(box.report.layerId)} className={styles.layer}>
            <rect x={box.x} y={0} width={box.width} height={layout.height} fill="transparent" />
            {marksOf(box.report.layerId).map(({ number, level }, row) => (
              <g
                key={number}
                transform={`translate(${box.x + box.width / 2} ${layout.height + MARK_PX / 2 + row * MARK_STEP})`}
                data-level={level}
                className={styles.mark}
              >
                <rect x={-MARK_PX / 2} y={-MARK_PX / 2} width={MARK_PX} height={MARK_PX} />
                <text y={4.5} textAnchor="middle">
                  {number}
                </text>
              </g>
            ))}
          </g>
        ))}
      </svg>
    </div>
  );
}
