'use client';
import { useId, useMemo } from 'react';
import type { Filter } from '@/core/filter/filter';
import { mediumById } from '@/core/media/catalogue';
import type { Finding } from '@/core/findings/finding';
import type { PackBench } from '../bench/usePackBench';
import { useWidth } from '../drawing/useWidth';
import { flowLineLayout } from '../flow-line/flowLineLayout';
import { FlowSection } from '../flow-line/FlowSection';
import styles from './EvidenceLine.module.css';

const SECTION_HEIGHT = 118;
/** Side of a finding’s number, px, and what lies between two in a column. */
const MARK = 18;
const MARK_STEP = MARK + 3;

interface Props {
  readonly filter: Filter;
  readonly bench: PackBench;
  /** In the order of their numbers. */
  readonly findings: readonly Finding[];
}

/** The pack as found, with the number of every finding at the layers it is about. */
export function EvidenceLine({ filter, bench, findings }: Props) {
  const prefix = useId();
  const [room, width] = useWidth<HTMLDivElement>(640);
  const { report, editing, selectedId, select } = bench;
  const byId = useMemo(() => new Map(editing.layers.map((layer) => [layer.id, layer])), [editing.layers]);
  const layout = useMemo(() => {
    const cuts = new Map(
      editing.layers.flatMap((layer) => (layer.cut === null ? [] : [[layer.id, layer.cut.length] as const])),
    );
    return flowLineLayout(filter, report, cuts, { width, height: SECTION_HEIGHT });
  }, [filter, report, editing.layers, width]);
  const marksOf = (layerId: string) =>
    findings.flatMap((finding, at) =>
      finding.layers.includes(layerId) ? [{ number: at + 1, level: finding.level }] : [],
    );
  const boxes = layout.chambers.flatMap((chamber) => chamber.layers);
  const most = Math.max(0, ...boxes.map((box) => marksOf(box.report.layerId).length));
  const height = layout.height + most * MARK_STEP;
  const told = boxes
    .map((box) => {
      const layer = byId.get(box.report.layerId);
      const numbers = marksOf(box.report.layerId).map(({ number }) => number);
      return layer === undefined
        ? ''
        : `${mediumById(layer.medium).name}${numbers.length === 0 ? '' : `: finding ${numbers.join(', ')}`}`;
    })
    .join('; ');
  return (
    <div className={styles.room}>
      <div ref={room} />
      <svg width={layout.width} height={height} role="img" aria-label={`The pack as found. ${told}`}>
        <FlowSection prefix={prefix} layout={layout} layers={byId} selectedId={selectedId} />
        {boxes.map((box) => (
          <g key={box.report.layerId} onClick={() => select(box.report.layerId)} className={styles.layer}>
            <rect x={box.x} y={0} width={box.width} height={layout.height} fill="transparent" />
            {marksOf(box.report.layerId).map(({ number, level }, row) => (
              <g
                key={number}
                transform={`translate(${box.x + box.width / 2} ${layout.height + MARK / 2 + row * MARK_STEP})`}
                data-level={level}
                className={styles.mark}
              >
                <rect x={-MARK / 2} y={-MARK / 2} width={MARK} height={MARK} />
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
