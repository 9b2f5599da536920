'use client';
import { createContext, useContext, useMemo, type ReactNode, type RefObject } from 'react';
import type { SludgeSlice } from '@/core/dirt/dayState';
import type { Filter } from '@/core/filter/filter';
import type { Layer } from '@/core/layers/layer';
import type { OwnMedium } from '@/core/media/ownMediumSchema';
import type { PackReport } from '@/core/report/evaluatePack';
import { useWidth } from '../drawing/useWidth';
import type { PackEditing } from '../state/usePackEditing';
import { flowLineLayout, type FlowLineLayout } from './flowLineLayout';

/** Height of the section, px. */
const SECTION_HEIGHT = 148;
/** Width until it is measured, px. */
const FIRST_WIDTH = 640;

interface Shown {
  readonly filter: Filter;
  readonly report: PackReport;
  readonly editing: PackEditing;
  readonly selectedId: string | null;
  readonly select: (layerId: string | null) => void;
  /** What sits in each layer on the day shown, by layer id. */
  readonly sludge: ReadonlyMap<string, readonly SludgeSlice[]> | null;
  /** Media of the keeper’s own that can be put in. */
  readonly ownMedia: readonly OwnMedium[];
}

/** A pack on the flow line: how it is laid out, what is chosen, and how it is changed. */
export interface FlowLineValue extends Shown {
  readonly layout: FlowLineLayout;
  readonly layerById: ReadonlyMap<string, Layer>;
  /** The room that the layout fills: an element as wide as it. */
  readonly room: RefObject<HTMLDivElement | null>;
}

const FlowLineContext = createContext<FlowLineValue | null>(null);

/** Lays a pack out and gives the layout, the choice and the editing to all that is drawn along it. */
export function FlowLineProvider({ children, ...shown }: Shown & { readonly children: ReactNode }) {
  const { filter, report, editing, selectedId, select, sludge, ownMedia } = shown;
  const [room, width] = useWidth<HTMLDivElement>(FIRST_WIDTH);
  const layerById = useMemo(
    () => new Map(editing.layers.map((layer) => [layer.id, layer])),
    [editing.layers],
  );
  const layout = useMemo(() => {
    const cuts = new Map(
      editing.layers.flatMap((layer) => (layer.cut === null ? [] : [[layer.id, layer.cut.length] as const])),
    );
    return flowLineLayout(filter, report, cuts, { width, height: SECTION_HEIGHT });
  }, [filter, report, editing.layers, width]);
  const value = useMemo(
    () => ({ filter, report, editing, selectedId, select, sludge, ownMedia, layout, layerById, room }),
    [filter, report, editing, selectedId, select, sludge, ownMedia, layout, layerById, room],
  );
  return <FlowLineContext value={value}>{children}</FlowLineContext>;
}

/** The pack on the flow line around this element. */
export function useFlowLine(): FlowLineValue {
  const value = useContext(FlowLineContext);
  if (value === null) throw new Error('This belongs on a flow line.');
  return value;
}
