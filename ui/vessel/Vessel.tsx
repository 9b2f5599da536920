'use client';
import { useId } from 'react';
import type { SludgeSlice } from '@/core/dirt/dayState';
import type { Filter } from '@/core/filter/filter';
import { isCanister, isHangOnBack } from '@/core/filter/kindFamily';
import { FILTER_KINDS } from '@/core/filter/filterKindWords';
import { mediaOf, mediumOf } from '@/core/layers/mediumOf';
import type { PackMeasures } from '@/core/report/packMeasures';
import type { Layer } from '@/core/layers/layer';
import { MAX_DARKNESS, meanSludge } from '../drawing/meanSludge';
import { MediumPattern, patternFill } from '../drawing/MediumPattern';
import {
  chamberRect,
  drawnExtent,
  layerRects,
  levels,
  waterWay,
  type Rect,
} from '@/core/drawing/vesselGeometry';
import type { Words } from '../fields/wordsFor';
import styles from './Vessel.module.css';

/** CSS px per metre of a screen at 96 dpi: the yardstick for "1 : 4". */
const PX_PER_METRE = 96 / 0.0254;
/** Width of a pump head, px, from which its name has room beside the pipe. */
const ROOM_FOR_WORD = 100;
/** Height of a layer's number, px. */
const NUMBER_HEIGHT = 20;
/** Room around the body for arrows and level marks, px. */
const MARGIN_PX = { left: 24, right: 30, top: 18, bottom: 18 };

interface Props {
  readonly filter: Filter;
  readonly layers: readonly Layer[];
  readonly report: PackMeasures;
  readonly room: { readonly width: number; readonly height: number };
  readonly selectedId?: string | null;
  readonly onSelect?: (id: string) => void;
  /** Layers drawn in full; the others are outlines. All when left out. */
  readonly present?: ReadonlySet<string>;
  /** What sits in each layer on the day shown, by layer id. */
  readonly sludge?: ReadonlyMap<string, readonly SludgeSlice[]> | null;
  /** The chamber that lies in the hands. */
  readonly inHand?: string;
  /** No numbers, levels or scale: for pictures of a kind. */
  readonly plain?: boolean;
}

/** Pixels per metre at which a filter fills the room. */
export function vesselScale(filter: Filter, room: Props['room']): number {
  return Math.min(
    (room.width - MARGIN_PX.left - MARGIN_PX.right) / drawnExtent(filter).width,
    (room.height - MARGIN_PX.top - MARGIN_PX.bottom) / filter.body.height,
  );
}

/** "1 : 2.4": how much smaller than life a scale draws. */
export function scaleName(words: Words, scale: number): string {
  const ratio = PX_PER_METRE / scale;
  return ratio >= 1 ? `1 : ${words.number(ratio, ratio < 3 ? 1 : 0)}` : `${words.number(1 / ratio, 1)} : 1`;
}

/** The filter cut open, to scale: chambers where they sit, layers numbered in flow order, the way of the water. */
export function Vessel({
  filter,
  layers,
  report,
  room,
  selectedId = null,
  onSelect,
  present,
  sludge = null,
  inHand,
  plain = false,
}: Props) {
  const prefix = useId();
  const scale = vesselScale(filter, room);
  const { height } = filter.body;
  const extent = drawnExtent(filter);
  /** Where the body's left wall stands, px. */
  const origin = MARGIN_PX.left - extent.left * scale;
  const byId = new Map(layers.map((layer) => [layer.id, layer]));
  const toPx = (rect: Rect) => ({
    x: origin + rect.x * scale,
    y: MARGIN_PX.top + (height - rect.y - rect.height) * scale,
    width: rect.width * scale,
    height: rect.height * scale,
  });
  const media = mediaOf(layers);
  const way = waterWay(filter)
    .map(
      ([x, y], index) =>
        `${index === 0 ? 'M' : 'L'}${origin + x * scale} ${MARGIN_PX.top + (height - y) * scale}`,
    )
    .join(' ');

  const size = {
    width: extent.width * scale + MARGIN_PX.left + MARGIN_PX.right,
    height: height * scale + MARGIN_PX.top + MARGIN_PX.bottom,
  };

  return (
    <div className={styles.vessel} style={size}>
      <svg
        {...size}
        className={styles.still}
        role="img"
        aria-label={`Cutaway of the filter: ${FILTER_KINDS[filter.kind].name}. ${FILTER_KINDS[filter.kind].way}`}
      >
        <defs>
          {media.map((medium) => (
            <MediumPattern key={medium.id} prefix={prefix} medium={medium} scale={scale} />
          ))}
        </defs>
        <Body filter={filter} toPx={toPx} />
        {filter.chambers.map((chamber) => (
          <rect key={chamber.id} {...toPx(chamberRect(chamber))} fill="var(--sheet)" stroke="var(--rule)" />
        ))}
        {report.layers.map((layerReport) => {
          const layer = byId.get(layerReport.layerId);
          const chamber = filter.chambers.find(({ id }) => id === layerReport.chamberId);
          if (layer === undefined || chamber === undefined) return null;
          const shown = present === undefined || present.has(layer.id);
          const chosen = layer.id === selectedId;
          return (
            <g
              key={layer.id}
              onClick={() => onSelect?.(layer.id)}
              className={onSelect === undefined ? undefined : styles.choose}
            >
              {layerRects(chamber, layerReport, layer.cut?.length ?? null).map((rect) => (
                <rect
                  key={rect.x}
                  {...toPx(rect)}
                  fill={shown ? patternFill(prefix, mediumOf(layer)) : 'transparent'}
                  stroke={chosen ? 'var(--river)' : shown ? 'var(--ink)' : 'var(--rule)'}
                  strokeWidth={chosen ? 3 : 1}
                  strokeDasharray={shown ? undefined : '3 3'}
                />
              ))}
              {sludge === null
                ? null
                : layerRects(chamber, layerReport, layer.cut?.length ?? null).map((rect) => (
                    <rect
                      key={rect.x}
                      {...toPx(rect)}
                      fill="var(--dirtMiddle)"
                      fillOpacity={MAX_DARKNESS * meanSludge(sludge.get(layer.id) ?? [])}
                    />
                  ))}
            </g>
          );
        })}
        {filter.chambers
          .filter(({ id }) => id === inHand)
          .map((chamber) => (
            <rect
              key={chamber.id}
              {...toPx(chamberRect(chamber))}
              className={styles.inHand}
              pointerEvents="none"
            />
          ))}
        {plain ? null : (
          <>
            <Levels filter={filter} report={report} scale={scale} origin={origin} />
            {report.layers.map((layerFlow) => {
              const chamber = filter.chambers.find(({ id }) => id === layerFlow.chamberId);
              const layer = byId.get(layerFlow.layerId);
              if (chamber === undefined || layer === undefined) return null;
              const rect = layerRects(chamber, layerFlow, layer.cut?.length ?? null).at(-1);
              if (rect === undefined) return null;
              const at = toPx(rect);
              // Numbers of thin layers step aside by turns, so that none covers the next.
              const aside =
                at.height < NUMBER_HEIGHT && layerFlow.flowNumber % 2 === 0 ? NUMBER_HEIGHT + 3 : 0;
              return (
                <g
                  key={layer.id}
                  transform={`translate(${at.x + at.width - 13 - aside} ${at.y + at.height / 2})`}
                  pointerEvents="none"
                >
                  <circle r={9} fill="var(--sheet)" stroke="var(--ink)" />
                  <text className={styles.number} y={4} textAnchor="middle">
                    {layerFlow.flowNumber}
                  </text>
                </g>
              );
            })}
          </>
        )}
      </svg>
      <svg {...size} className={styles.moving} aria-hidden="true">
        <defs>
          <marker
            id={`${prefix}-arrow`}
            viewBox="0 0 8 8"
            refX={5}
            refY={4}
            markerWidth={4.4}
            markerHeight={4.4}
            orient="auto"
          >
            <path d="M0.5 0.5 L7 4 L0.5 7.5" fill="none" stroke="var(--river)" strokeWidth={2} />
          </marker>
        </defs>
        <path className={styles.way} d={way} markerEnd={`url(#${prefix}-arrow)`} />
      </svg>
    </div>
  );
}

/** The walls: a closed pot with its pump head, an open box, or a cage. */
function Body({ filter, toPx }: { filter: Filter; toPx: (rect: Rect) => Rect }) {
  const { width, height } = filter.body;
  const level = levels(filter);
  if (isHangOnBack(filter.kind) && level !== null) {
    const wall = toPx({ x: 0, y: 0, width, height: level.rim });
    const lip = toPx({ x: 0, y: 0, width, height: level.lip });
    return (
      <g>
        <rect {...lip} fill="var(--wash)" stroke="none" />
        <path
          d={`M${wall.x} ${wall.y} V${wall.y + wall.height} H${wall.x + wall.width} V${lip.y} h10 v5`}
          fill="none"
          stroke="var(--ink)"
          strokeWidth={2}
        />
      </g>
    );
  }
  const pot = toPx({ x: 0, y: 0, width, height });
  const headHeight = Math.max(
    0,
    height -
      Math.max(
        ...filter.chambers
          .filter((chamber) => chamber.where === 'body')
          .map((chamber) => chamberRect(chamber).y + chamberRect(chamber).height),
      ) -
      0.008,
  );
  const head = toPx({ x: 0, y: height - headHeight, width, height: headHeight });
  const sponge = filter.kind === 'internal-sponge';
  return (
    <g stroke="var(--ink)">
      <rect {...pot} rx={isCanister(filter.kind) ? 9 : 3} fill="var(--paper)" strokeWidth={sponge ? 0 : 2} />
      {isCanister(filter.kind) || sponge ? (
        <g>
          <rect {...head} rx={sponge ? 3 : 9} fill="var(--wash)" strokeWidth={sponge ? 2 : 1} />
          {head.width < ROOM_FOR_WORD ? null : (
            <text x={head.x + 26} y={head.y + head.height * 0.5} className={styles.word}>
              pump
            </text>
          )}
        </g>
      ) : null}
    </g>
  );
}

/** Lip, rim and stop of a hang-on-back; stops of other chambers. */
function Levels({
  filter,
  report,
  scale,
  origin,
}: {
  filter: Filter;
  report: PackMeasures;
  scale: number;
  origin: number;
}) {
  const level = levels(filter);
  const basket = filter.chambers.find((chamber) => chamber.where === 'body');
  const water = report.water.level;
  const y = (height: number): number => MARGIN_PX.top + (filter.body.height - height) * scale;
  const right = origin + filter.body.width * scale;
  return (
    <g>
      {level === null ? null : (
        <>
          <path d={`M${origin - 6} ${y(level.lip)} H${right}`} stroke="var(--river)" strokeWidth={1.5} />
          <text x={origin + 5} y={y(level.lip) + 13} className={styles.level}>
            outflow lip
          </text>
          {water === null || basket === undefined ? null : (
            // Before the pack the water stands as high as the pack holds it back.
            <path
              d={`M${origin + 1} ${y(level.lip + water.beforePack)} H${origin + basket.place.x * scale} V${y(level.lip)} H${origin + 1} Z`}
              fill="var(--wash)"
              stroke={water.headroom < 0 ? 'var(--stop)' : 'var(--river)'}
              strokeWidth={1}
            >
              <title>water in front of the pack</title>
            </path>
          )}
          <path d={`M${origin - 14} ${y(level.rim)} h14`} stroke="var(--attention)" strokeWidth={2} />
          <text x={origin - 22} y={y(level.rim) - 5} className={styles.level}>
            back rim
          </text>
        </>
      )}
      {filter.chambers.map((chamber) => {
        if (chamber.stop === null) return null;
        const rect = chamberRect(chamber);
        const index = chamber.way === 'down' ? rect.y + rect.height - chamber.stop : rect.y + chamber.stop;
        if (chamber.way === 'across' || chamber.way === 'inward') return null;
        const left = origin + rect.x * scale;
        return (
          <g key={chamber.id}>
            <path
              d={`M${left - 16} ${y(index)} H${left + rect.width * scale + 4}`}
              stroke="var(--stop)"
              strokeWidth={1.5}
              strokeDasharray="5 3"
            />
            <text x={left - 18} y={y(index) + 4} textAnchor="end" className={styles.stop}>
              fill limit
            </text>
          </g>
        );
      })}
    </g>
  );
}
