import { memo } from 'react';
import type { SludgeSlice } from '@/core/dirt/dayState';
import { mediaOf, mediumOf } from '@/core/layers/mediumOf';
import type { Layer } from '@/core/layers/layer';
import { MediumPattern, patternFill } from '../drawing/MediumPattern';
import { Sludge } from './Sludge';
import type { ChamberBox, FlowLineLayout, LayerBox } from './flowLineLayout';
import styles from './FlowSection.module.css';

const NO_SLICES: readonly SludgeSlice[] = [];

interface Props {
  readonly prefix: string;
  readonly layout: FlowLineLayout;
  readonly layers: ReadonlyMap<string, Layer>;
  readonly selectedId: string | null;
  /** What sits in each layer on the day shown, by layer id. */
  readonly sludge?: ReadonlyMap<string, readonly SludgeSlice[]> | null;
}

/** The drawn part of the flow line: chambers, textures, open gaps with the water that takes them, stops. */
export const FlowSection = memo(function FlowSection({
  prefix,
  layout,
  layers,
  selectedId,
  sludge = null,
}: Props) {
  const axis = layout.height / 2;
  return (
    <g>
      <defs>
        {mediaOf(layers.values()).map((medium) => (
          <MediumPattern key={medium.id} prefix={prefix} medium={medium} scale={layout.along} />
        ))}
        <pattern
          id={`${prefix}-over`}
          width={6}
          height={6}
          patternUnits="userSpaceOnUse"
          patternTransform="rotate(45)"
        >
          <path d="M0 0 V6" stroke="var(--stop)" strokeWidth={2.4} />
        </pattern>
      </defs>
      {layout.chambers.map((box) => (
        <g key={box.chamber.id}>
          <ChamberGround box={box} axis={axis} />
          {box.layers.map((layer) => (
            <LayerPiece
              key={layer.report.layerId}
              prefix={prefix}
              layer={layers.get(layer.report.layerId)}
              box={layer}
              chamberHalf={box.half}
              axis={axis}
              selected={layer.report.layerId === selectedId}
            />
          ))}
          {sludge === null
            ? null
            : box.layers.map((layer) => (
                <Sludge
                  key={layer.report.layerId}
                  slices={sludge.get(layer.report.layerId) ?? NO_SLICES}
                  box={layer}
                  along={layout.along}
                  axis={axis}
                />
              ))}
          <Overfill prefix={prefix} box={box} axis={axis} />
          <rect
            x={box.x}
            y={axis - box.half}
            width={box.depthWidth}
            height={box.half * 2}
            fill="none"
            stroke="var(--ink)"
            strokeWidth={1.5}
            pointerEvents="none"
          />
          <Stop box={box} axis={axis} />
        </g>
      ))}
    </g>
  );
});

function ChamberGround({ box, axis }: { box: ChamberBox; axis: number }) {
  return (
    <rect x={box.x} y={axis - box.half} width={box.depthWidth} height={box.half * 2} fill="var(--sheet)" />
  );
}

interface PieceProps {
  readonly prefix: string;
  readonly layer: Layer | undefined;
  readonly box: LayerBox;
  readonly chamberHalf: number;
  readonly axis: number;
  readonly selected: boolean;
}

function LayerPiece({ prefix, layer, box, chamberHalf, axis, selected }: PieceProps) {
  if (layer === undefined) return null;
  const medium = mediumOf(layer);
  const gap = chamberHalf - box.half;
  return (
    <g>
      {gap > 0.5
        ? [axis - chamberHalf, axis + box.half].map((y) => (
            <rect key={y} x={box.x} y={y} width={box.width} height={gap} fill="var(--wash)" />
          ))
        : null}
      <rect
        x={box.x}
        y={axis - box.half}
        width={box.width}
        height={box.half * 2}
        fill={patternFill(prefix, medium)}
        stroke={selected ? 'var(--river)' : 'var(--ink)'}
        strokeWidth={selected ? 3 : 1}
        strokeDasharray={layer.holder === 'bag' || layer.holder === 'small bags' ? '7 3' : undefined}
      />
      {layer.holder === 'wrapper' ? (
        <rect
          x={box.x + 3}
          y={axis - box.half + 3}
          width={Math.max(0, box.width - 6)}
          height={box.half * 2 - 6}
          fill="none"
          stroke="var(--stop)"
          strokeWidth={2}
        />
      ) : null}
    </g>
  );
}

/** What stands over the stop or the end. */
function Overfill({ prefix, box, axis }: { prefix: string; box: ChamberBox; axis: number }) {
  const limit = box.stopX ?? box.x + box.depthWidth;
  const over = box.x + box.filledWidth - limit;
  if (over < 0.5) return null;
  return (
    <rect
      x={limit}
      y={axis - box.half}
      width={over}
      height={box.half * 2}
      fill={`url(#${prefix}-over)`}
      stroke="var(--stop)"
      pointerEvents="none"
    />
  );
}

function Stop({ box, axis }: { box: ChamberBox; axis: number }) {
  if (box.stopX === null) return null;
  const top = axis - box.half;
  return (
    <g pointerEvents="none">
      <path
        d={`M${box.stopX} ${top - 18} V${top + box.half * 2 + 5}`}
        stroke="var(--stop)"
        strokeWidth={1.5}
        strokeDasharray="5 3"
      />
      <text x={box.stopX + 5} y={top - 8} className={styles.stop}>
        fill limit
      </text>
    </g>
  );
}
