'use client';
import { useDraggable, useDroppable } from '@dnd-kit/core';
import { useId, useRef, type KeyboardEvent, type PointerEvent, type ReactNode } from 'react';
import { usableDepth } from '@/core/filter/usableDepth';
import { mediumOf } from '@/core/layers/mediumOf';
import type { Layer } from '@/core/layers/layer';
import { LAYER_BOUNDS } from '@/core/layers/layerBounds';
import { useWords } from '../fields/UnitsProvider';
import { LetterMark } from '../drawing/Swatch';
import styles from './FlowLine.module.css';
import { useFlowLine } from './FlowLineContext';
import { worstFindingLevel } from './worstFindingLevel';
import type { ChamberBox, LayerBox } from './flowLineLayout';
import { FlowSection } from './FlowSection';
import type { Insertion } from './insertionAt';
import { layerEdits } from './layerEdits';
import { Ruler } from './Ruler';
import { CUT_STEP, snapThickness } from './snapThickness';

export const FLOW_LINE_DROP = 'flow-line';
/** Width of an edge's handle, px; on a thin layer less, so that the layer itself can still be pressed. */
const WIDEST_GRIP = 12;
/** Px within which a dragged edge is drawn to the stop. */
const SNAP_REACH = 7;
/** Below these widths, px, a label has no room for the name, then none for the number. */
const NAME_ROOM = 62;
const NUMBER_ROOM = 22;
/** Width of a chamber, px, from which its free depth is written beside its name. */
const FREE_ROOM = 130;
/** Free depth, m, that is not worth a word. */
const FREE_DEPTH_TOLERANCE = 0.002;

interface Props {
  /** Where a dragged piece would go in. */
  readonly insertion: Insertion | null;
  /** Enter on a layer: its sizes are to be typed. */
  readonly onOpen: () => void;
  /** On the drawing: where layers can be put in. */
  readonly children?: ReactNode;
}

/**
 * The pack as a section in flow order, water from the left. Layers are buttons: arrows select, Alt with arrows moves,
 * plus and minus change the thickness, Delete removes; every edge is a slider; pieces are dragged with the pointer.
 */
export function FlowLine({ insertion, onOpen, children }: Props) {
  const prefix = useId();
  const { filter, report, editing, selectedId, select, sludge, layout, layerById, room } = useFlowLine();
  const freeDepths = new Map(report.chambers.map((chamber) => [chamber.chamberId, chamber.freeDepth]));
  const { setNodeRef } = useDroppable({ id: FLOW_LINE_DROP });

  const press = (event: KeyboardEvent, id: string) => {
    if (event.target !== event.currentTarget) return;
    const action = layerEdits(filter, editing.layers, id, event);
    if (action === null) return;
    event.preventDefault();
    event.stopPropagation();
    if (action.type === 'open') onOpen();
    else if (action.type === 'select') focusLayer(action.layerId);
    else {
      editing.edit(action.edit, action.mark);
      if (action.then !== undefined) select(action.then);
    }
  };
  const focusLayer = (id: string) => {
    select(id);
    document.getElementById(`${prefix}-${id}`)?.focus();
  };

  return (
    <div className={styles.room}>
      <div ref={room} />
      <div
        ref={setNodeRef}
        className={styles.line}
        style={{ width: layout.width, height: layout.height }}
        data-testid="flow-line"
      >
        <svg className={styles.drawing} width={layout.width} height={layout.height} aria-hidden="true">
          <FlowSection
            prefix={prefix}
            layout={layout}
            layers={layerById}
            selectedId={selectedId}
            sludge={sludge}
          />
          {insertion === null ? null : (
            <path d={`M${insertion.x} -6 V${layout.height + 6}`} stroke="var(--river)" strokeWidth={5} />
          )}
        </svg>
        <Water />
        <ol className={styles.layers} aria-label="Layers in flow order">
          {layout.chambers.flatMap((chamber) =>
            chamber.layers.map((box) => {
              const layer = layerById.get(box.report.layerId);
              return layer === undefined ? null : (
                <LayerButton
                  key={layer.id}
                  domId={`${prefix}-${layer.id}`}
                  layer={layer}
                  box={box}
                  chamber={chamber}
                  onPress={press}
                />
              );
            }),
          )}
        </ol>
        {children}
        {layout.chambers.map((chamber) => (
          <ChamberCaption
            key={chamber.chamber.id}
            box={chamber}
            free={freeDepths.get(chamber.chamber.id) ?? 0}
          />
        ))}
      </div>
      <Ruler />
    </div>
  );
}

interface LayerButtonProps {
  readonly domId: string;
  readonly layer: Layer;
  readonly box: LayerBox;
  readonly chamber: ChamberBox;
  readonly onPress: (event: KeyboardEvent, id: string) => void;
}

function LayerButton({ domId, layer, box, chamber, onPress }: LayerButtonProps) {
  const words = useWords();
  const { layout, report, selectedId, select } = useFlowLine();
  const medium = mediumOf(layer);
  const { setNodeRef, listeners, isDragging } = useDraggable({ id: layer.id, data: { layerId: layer.id } });
  const thickness = words.show({ kind: 'length', si: layer.thickness });
  const grave = worstFindingLevel(report, layer.id);
  return (
    <li
      className={styles.layer}
      style={{
        left: box.x,
        width: box.width,
        top: layout.height / 2 - chamber.half,
        height: chamber.half * 2,
      }}
      data-dragging={isDragging}
    >
      <button
        ref={setNodeRef}
        {...listeners}
        id={domId}
        type="button"
        className={styles.piece}
        aria-pressed={layer.id === selectedId}
        aria-label={`${box.report.flowNumber} of ${report.layers.length}: ${medium.name}, ${thickness}, in ${chamber.chamber.name}, covers ${words.show({ kind: 'share', si: box.report.coverShare })}${grave === null ? '' : `; ${grave === 'urgent' ? 'urgent' : 'to check'}`}`}
        onClick={() => select(layer.id)}
        onFocus={() => select(layer.id)}
        onKeyDown={(event) => onPress(event, layer.id)}
      >
        {grave === null ? null : <span className={styles.grave} data-level={grave} aria-hidden="true" />}
        <svg className={styles.letter} width={27} height={18} aria-hidden="true">
          <LetterMark letter={medium.letter} x={0.5} y={0.5} />
        </svg>
      </button>
      <EdgeHandle layer={layer} name={medium.name} chamber={chamber} width={box.width} />
      <div className={styles.label} aria-hidden="true">
        {box.width >= NAME_ROOM ? <span className={styles.name}>{medium.name.split(',')[0]}</span> : null}
        {box.width >= NUMBER_ROOM ? (
          <span className={styles.size}>{words.parts({ kind: 'length', si: layer.thickness }).number}</span>
        ) : null}
      </div>
    </li>
  );
}

interface EdgeHandleProps {
  readonly layer: Layer;
  readonly name: string;
  readonly chamber: ChamberBox;
  /** Of the layer, px. */
  readonly width: number;
}

/** The downstream edge of a layer: drag it, or use the arrow keys, to change the thickness. */
function EdgeHandle({ layer, name, chamber, width }: EdgeHandleProps) {
  const words = useWords();
  const { layout, editing, select } = useFlowLine();
  const { along } = layout;
  const drag = useRef<{ x: number; thickness: number; along: number; mark: string } | null>(null);
  const filled = chamber.layers.at(-1)?.report.to ?? 0;
  const grip = Math.min(WIDEST_GRIP, width * 0.4);
  const set = (thickness: number, mark: string, reach: number) => {
    const next = snapThickness(thickness, {
      filledWithout: filled - layer.thickness,
      usableDepth: usableDepth(chamber.chamber),
      reach,
    });
    if (next !== layer.thickness)
      editing.edit({ type: 'set', layerId: layer.id, change: { thickness: next } }, mark);
  };
  return (
    <div
      role="slider"
      tabIndex={0}
      className={styles.edge}
      style={{ width: grip, right: -grip / 2 }}
      aria-label={`Thickness of ${name}`}
      aria-valuenow={Math.round(layer.thickness * 1000) / 10}
      aria-valuemin={LAYER_BOUNDS.thickness.min * 100}
      aria-valuemax={LAYER_BOUNDS.thickness.max * 100}
      aria-valuetext={words.show({ kind: 'length', si: layer.thickness })}
      onPointerDown={(event: PointerEvent<HTMLDivElement>) => {
        event.stopPropagation();
        event.currentTarget.setPointerCapture(event.pointerId);
        select(layer.id);
        drag.current = {
          x: event.clientX,
          thickness: layer.thickness,
          along,
          mark: `edge ${layer.id} ${event.timeStamp}`,
        };
      }}
      onPointerMove={(event) => {
        if (drag.current === null) return;
        const { x, thickness, along: scale, mark } = drag.current;
        set(thickness + (event.clientX - x) / scale, mark, SNAP_REACH / scale);
      }}
      onPointerUp={() => (drag.current = null)}
      onPointerCancel={() => (drag.current = null)}
      onKeyDown={(event) => {
        const step = { ArrowRight: 1, ArrowUp: 1, ArrowLeft: -1, ArrowDown: -1 }[event.key];
        if (step === undefined) return;
        event.preventDefault();
        event.stopPropagation();
        set(layer.thickness + step * CUT_STEP * (event.shiftKey ? 10 : 1), `keys ${layer.id}`, 0);
      }}
    />
  );
}

/** Px of room for the arrows at either side of the section. */
const ARROW_ROOM = 20;
/** A gap thinner than this, px, is not seen and not drawn. */
const SEEN_GAP = 0.5;

/** Water in at the left, on to the next chamber, around short pieces, out at the right. On a layer of its own: it moves. */
function Water() {
  const { layout } = useFlowLine();
  const y = layout.height / 2;
  const gaps = layout.chambers.flatMap((chamber) =>
    chamber.layers.flatMap((box) => {
      const gap = chamber.half - box.half;
      return gap > SEEN_GAP ? [-1, 1].map((side) => ({ box, gap, y: y + side * (box.half + gap / 2) })) : [];
    }),
  );
  return (
    <svg
      className={styles.water}
      width={layout.width + 2 * ARROW_ROOM}
      height={layout.height}
      aria-hidden="true"
    >
      {[2, layout.width + ARROW_ROOM + 2].map((x) => (
        <path
          key={x}
          d={`M${x} ${y} h13 m-5 -5 l5 5 l-5 5`}
          fill="none"
          stroke="var(--river)"
          strokeWidth={2.4}
        />
      ))}
      {layout.chambers.slice(1).map((box) => (
        <path
          key={box.chamber.id}
          d={`M${ARROW_ROOM + box.x - 12} ${y} h9`}
          stroke="var(--river)"
          strokeWidth={2.4}
          strokeDasharray="3 2"
        />
      ))}
      {gaps.map(({ box, gap, y: middle }) => (
        <path
          key={`${box.report.layerId} ${middle}`}
          className={styles.runs}
          d={`M${ARROW_ROOM + box.x} ${middle} h${box.width}`}
          stroke="var(--river)"
          strokeWidth={Math.min(3, Math.max(1.2, gap / 3))}
        />
      ))}
    </svg>
  );
}

function ChamberCaption({ box, free }: { box: ChamberBox; free: number }) {
  const words = useWords();
  return (
    <div
      className={styles.caption}
      style={{ left: box.x, width: (box.stopX ?? box.x + box.width) - box.x - 4 }}
    >
      <span className={styles.chamberName}>{box.chamber.name}</span>
      {free > FREE_DEPTH_TOLERANCE && box.width > FREE_ROOM ? (
        <span className={styles.free}>{words.show({ kind: 'length', si: free })} free</span>
      ) : null}
    </div>
  );
}
