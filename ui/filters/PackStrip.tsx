import { useId } from 'react';
import { mediaOf, mediumOf } from '@/core/layers/mediumOf';
import type { HomeRow } from '@/server/homeRow';
import type { Dirt, Layer } from '@/core/layers/layer';
import type { Words } from '../fields/wordsFor';
import { MediumPattern, patternFill } from '../drawing/MediumPattern';
import styles from './PackStrip.module.css';
import { sum } from '@/core/maths/sum';

const WIDTH = 230;
const HEIGHT = 48;
const ARROW = 20;
/** Below the layers: room for the dots of dirt, or for the line around them. */
const DOTS = 18;
const EDGE = 2;
/** Px per metre of every strip in the round, so that long packs look long; a very long one shrinks to fit. */
const COMMON_SCALE = 700;

const DIRT_FILL: Readonly<Record<Dirt, string>> = {
  clean: 'var(--sheet)',
  dusted: 'var(--hair)',
  loaded: 'var(--attention)',
  blocked: 'var(--stop)',
};

/** Px per metre by which the marks of a pattern are drawn: larger than the strip, so that they can be told apart. */
const PATTERN_SCALE = 1500;

interface Props {
  /** How many chambers its filter has. */
  readonly chambers: number;
  readonly layers: readonly Pick<Layer, 'id' | 'medium' | 'own' | 'mix' | 'dirt'>[];
  readonly report: NonNullable<HomeRow['pack']>['report'];
  readonly words: Words;
  /** Prefix of the patterns of its media where the page has them already; left out: it brings its own. */
  readonly patterns?: string;
}

/** A pack in one glance: its layers in flow order and to scale, a dot where dirt was seen. Words as in `FlowChart`. */
export function PackStrip({ chambers, layers, report, words, patterns }: Props) {
  const own = useId();
  const prefix = patterns ?? own;
  const byId = new Map(layers.map((layer) => [layer.id, layer]));
  const scale = Math.min(COMMON_SCALE, WIDTH / Math.max(0.01, report.thickness));
  const widths = report.layers.map((item) => (item.to - item.from) * scale);
  const boxes = report.layers.map((candidate, index) => ({
    one: candidate,
    left: ARROW + sum(widths.slice(0, index)),
    width: widths[index] ?? 0,
  }));
  const end = ARROW + report.thickness * scale;
  const names = report.layers
    .flatMap(({ layerId }) => byId.get(layerId) ?? [])
    .map((layer) => mediumOf(layer).name)
    .join(', ');
  const height = HEIGHT + (layers.some(({ dirt }) => dirt !== null) ? DOTS : EDGE);
  return (
    <figure className={styles.pack}>
      <svg
        width={WIDTH + 2 * ARROW}
        height={height}
        viewBox={`0 0 ${WIDTH + 2 * ARROW} ${height}`}
        role="img"
        aria-label={`In flow order: ${names}`}
      >
        {patterns === undefined ? <StripPatterns prefix={own} layers={layers} /> : null}
        {boxes.map(({ one, left, width }) => {
          const layer = byId.get(one.layerId);
          if (layer === undefined) return null;
          const inset = ((1 - Math.sqrt(one.coverShare)) * HEIGHT) / 2;
          return (
            <g key={one.layerId}>
              {inset > 0.5 ? <rect x={left} y={1} width={width} height={HEIGHT} fill="var(--wash)" /> : null}
              <rect
                x={left}
                y={1 + inset}
                width={width}
                height={HEIGHT - 2 * inset}
                fill={patternFill(prefix, mediumOf(layer))}
                stroke="var(--ink)"
                strokeWidth={0.8}
              />
              {layer.dirt === null ? null : (
                <circle
                  cx={left + width / 2}
                  cy={HEIGHT + 12}
                  r={3.4}
                  fill={DIRT_FILL[layer.dirt]}
                  stroke="var(--rule)"
                />
              )}
            </g>
          );
        })}
        {[0, end + 3].map((place) => (
          <path
            key={place}
            d={`M${place + 2} ${HEIGHT / 2} h12 m-5 -4.5 l5 4.5 l-5 4.5`}
            fill="none"
            stroke="var(--river)"
            strokeWidth={2.2}
          />
        ))}
      </svg>
      <figcaption>
        {words.show({ kind: 'length', si: report.thickness })} in {chambers}{' '}
        {chambers === 1 ? 'chamber' : 'chambers'}
      </figcaption>
    </figure>
  );
}

/** The patterns of all media that strips show. */
export function StripPatterns({
  prefix,
  layers,
}: {
  readonly prefix: string;
  readonly layers: Parameters<typeof mediaOf>[0];
}) {
  return (
    <defs>
      {mediaOf(layers).map((medium) => (
        <MediumPattern key={medium.id} prefix={prefix} medium={medium} scale={PATTERN_SCALE} />
      ))}
    </defs>
  );
}
