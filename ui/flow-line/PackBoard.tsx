'use client';
import {
  DndContext,
  DragOverlay,
  PointerSensor,
  pointerWithin,
  useSensor,
  useSensors,
  type DragEndEvent,
  type DragMoveEvent,
  type DragStartEvent,
} from '@dnd-kit/core';
import { useCallback, useRef, useState, type ReactNode } from 'react';
import type { Layer } from '@/core/layers/layer';
import { mediumOf, type MadeOf } from '@/core/layers/mediumOf';
import { Swatch } from '../drawing/Swatch';
import { FLOW_LINE_DROP, FlowLine } from './FlowLine';
import { useFlowLine } from './FlowLineContext';
import { InsertionButtons } from './InsertionButtons';
import { useIsPhone } from '../drawing/useIsPhone';
import { insertionAt, type Insertion } from './insertionAt';
import type { InsertionPoint } from './insertionPoints';
import { newLayer } from './newLayer';
import styles from './PackBoard.module.css';
import { lazyPart, usePreload } from '../frame/lazyPart';

// Loaded when a layer is chosen.
const LayerEditor = lazyPart(() => import('./LayerEditor').then((module) => module.LayerEditor));

// Loaded on a phone.
const UprightLine = lazyPart(() => import('./UprightLine').then((module) => module.UprightLine));
const MediaPicker = lazyPart(() => import('./MediaPicker').then((module) => module.MediaPicker));
const MakeUp = lazyPart(() => import('./MakeUp').then((module) => module.MakeUp));

/** Px a pointer must travel before a press is a drag: a tap only selects. */
const DRAG_START = 6;

/** Where a layer goes in: its chamber, and its place in the flow order there. */
type Place = Pick<Insertion, 'chamberId' | 'index'>;

interface Props {
  readonly caption: ReactNode;
  /** More to say of the chosen layer, under its sizes. */
  readonly details?: (layer: Layer) => ReactNode;
  /** Where a medium goes that was pressed and not dragged; after the chosen layer when left out. */
  readonly placeNew?: () => Place;
  /** The media beside the drawing, given what adds one; else they are picked at the place where the layer goes in. */
  readonly shelf?: (add: (made: MadeOf) => void) => ReactNode;
  /** Under the section while no layer is chosen: the chosen layer’s sizes take their place. */
  readonly lanes?: ReactNode;
  readonly children?: ReactNode;
}

/** The flow line with all that changes it: drag, exact entry for the chosen layer, and the media to take from. */
export function PackBoard({ caption, details, placeNew, shelf, lanes, children }: Props) {
  const { filter, report, editing, selectedId, select, layout } = useFlowLine();
  const [insertion, setInsertion] = useState<Insertion | null>(null);
  const [dragged, setDragged] = useState<MadeOf | null>(null);
  const phone = useIsPhone();
  const firstField = useRef<HTMLSelectElement>(null);
  const [picking, setPicking] = useState<{ point: InsertionPoint; where: string } | null>(null);
  const closePicker = useCallback(() => setPicking(null), []);
  usePreload(LayerEditor, MakeUp, ...(shelf === undefined ? [MediaPicker] : []));
  const sensors = useSensors(useSensor(PointerSensor, { activationConstraint: { distance: DRAG_START } }));
  const selected = editing.layers.find((layer) => layer.id === selectedId) ?? null;

  const placeOf = (event: DragMoveEvent | DragEndEvent): Insertion | null => {
    if (event.over?.id !== FLOW_LINE_DROP) return null;
    const start = event.activatorEvent as PointerEvent;
    return insertionAt(layout, start.clientX + event.delta.x - event.over.rect.left, layerIdOf(event));
  };

  const add = (made: MadeOf, place: Place | null) => {
    const target = place ?? placeNew?.() ?? placeAfter(selectedId);
    const layer = newLayer(crypto.randomUUID(), made, filter, target.chamberId, report);
    editing.edit({ type: 'add', layer, index: target.index });
    select(layer.id);
  };

  /** After the chosen layer, or at the end of the first chamber with room. */
  const placeAfter = (id: string | null): Place => {
    const layer = editing.layers.find((item) => item.id === id);
    const inside = (chamberId: string) =>
      editing.layers.filter((candidate) => candidate.chamber === chamberId);
    if (layer !== undefined)
      return { chamberId: layer.chamber, index: inside(layer.chamber).indexOf(layer) + 1 };
    const roomy = report.chambers.find((chamber) => chamber.freeDepth > 0) ?? report.chambers.at(-1);
    const chamberId = roomy?.chamberId ?? filter.chambers[0]?.id ?? '';
    return { chamberId, index: inside(chamberId).length };
  };

  const drop = (event: DragEndEvent) => {
    const place = placeOf(event);
    setInsertion(null);
    setDragged(null);
    if (place === null) return;
    const layerId = layerIdOf(event);
    const made = event.active.data.current?.made as MadeOf | undefined;
    if (layerId !== null) {
      editing.edit({ type: 'move', layerId, chamberId: place.chamberId, index: place.index });
      select(layerId);
    } else if (made !== undefined) add(made, place);
  };

  // What is entered next stands before what is said of the last.
  const media = shelf?.((made) => add(made, null));
  return (
    <DndContext
      id="pack-board"
      sensors={sensors}
      collisionDetection={pointerWithin}
      onDragStart={(event: DragStartEvent) => {
        const layer = editing.layers.find((one) => one.id === event.active.data.current?.layerId);
        setDragged(layer ?? (event.active.data.current?.made as MadeOf | undefined) ?? null);
      }}
      onDragMove={(event) => setInsertion(placeOf(event))}
      onDragEnd={drop}
      onDragCancel={() => {
        setInsertion(null);
        setDragged(null);
      }}
    >
      {phone ? media : null}
      <section aria-label="Flow line">
        <div className={styles.head}>
          <h2 className="caption">Flow order: water goes {phone ? 'from top to bottom' : 'left to right'}</h2>
          <span className="caption">{caption}</span>
        </div>
        <div className={styles.board}>
          {phone ? (
            <UprightLine
              onOpen={shelf === undefined ? (point, where) => setPicking({ point, where }) : null}
            />
          ) : (
            <FlowLine insertion={insertion} onOpen={() => firstField.current?.focus()}>
              {shelf !== undefined ? null : (
                <InsertionButtons
                  open={picking?.point ?? null}
                  onOpen={(point, where) => setPicking({ point, where })}
                />
              )}
            </FlowLine>
          )}
          {picking === null ? null : (
            <MediaPicker
              where={picking.where}
              x={picking.point.x}
              onClose={closePicker}
              onPick={(made) => {
                add(made, picking.point);
                closePicker();
              }}
            />
          )}
        </div>
      </section>
      {phone ? null : media}
      <div>
        {selected === null ? (
          editing.layers.length === 0 || lanes === undefined ? (
            <p className={styles.empty}>
              {editing.layers.length > 0
                ? 'Select a layer to change its size.'
                : shelf !== undefined
                  ? 'Choose the first layer from the media above.'
                  : 'Press + in a chamber to add the first layer, or start from a usual pack below.'}
            </p>
          ) : phone ? null : (
            lanes
          )
        ) : (
          <>
            <LayerEditor layer={selected} firstField={firstField} />
            <MakeUp layer={selected} onEdit={editing.edit} />
          </>
        )}
        {selected === null ? null : details?.(selected)}
      </div>
      {children}
      {editing.full && shelf === undefined ? <p>The pack is full. It can have 60 layers.</p> : null}
      <DragOverlay dropAnimation={null}>
        {dragged === null ? null : (
          <div className={styles.dragged}>
            <Swatch medium={mediumOf(dragged)} />
            {mediumOf(dragged).name}
          </div>
        )}
      </DragOverlay>
    </DndContext>
  );
}

const layerIdOf = (event: DragMoveEvent | DragEndEvent): string | null =>
  (event.active.data.current?.layerId as string | undefined) ?? null;
