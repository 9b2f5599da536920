import type { ReactNode } from 'react';
import type { Medium } from '@/core/media/medium';
import { bedGeometry } from '@/core/media/bedGeometry';
import { catalogueId } from '@/core/media/catalogueId';

/** Smallest and largest bubble that still reads as foam, px, and how much larger than life bubbles are drawn. */
const MIN_BUBBLE = 3.3;
const MAX_BUBBLE = 14;
const BUBBLE_PER_PORE = 5200;

/** Smallest and largest grain or ring, px. */
const MIN_GRAIN = 12;
const MAX_GRAIN = 24;

const within = (least: number, size: number, most: number): number => Math.min(most, Math.max(least, size));

/** The fill that a medium's own pattern gives, once its {@link MediumPattern} stands in the drawing. */
export const patternFill = (prefix: string, medium: Medium): string => `url(#${prefix}-${medium.id})`;

interface Props {
  /** Unique in the page: patterns are found by id. */
  readonly prefix: string;
  readonly medium: Medium;
  /** Pixels per metre of the drawing. */
  readonly scale: number;
}

/**
 * The texture of a medium as an SVG pattern: the coarser the medium, the larger its marks. Grains and rings are to
 * the drawing's scale as far as they can be seen; pores are drawn larger than life, so that grades tell apart. So:
 * bubbles for foam, strands for floss, rings for rings, broken stone, curls of ribbon, crumbs of carbon, beads.
 */
export function MediumPattern({ prefix, medium, scale }: Props) {
  const { tile, marks, ground } = texture(medium, scale);
  return (
    <pattern id={`${prefix}-${medium.id}`} width={tile[0]} height={tile[1]} patternUnits="userSpaceOnUse">
      <rect width={tile[0]} height={tile[1]} fill={ground} />
      {marks}
    </pattern>
  );
}

/** Stone as it was broken. */
const BROKEN_STONE: readonly string[] = ['lava', 'pumice'];

/** Media of stiff walls side by side. */
const STIFF_WALLED: readonly string[] = ['printed-block', 'moulded-grid'];

interface Texture {
  readonly tile: readonly [number, number];
  readonly marks: ReactNode;
  readonly ground: string;
}

function texture(medium: Medium, scale: number): Texture {
  const { pore, solidSize } = bedGeometry(medium.geometry);
  switch (medium.family) {
    case 'foam':
      return foam(
        within(MIN_BUBBLE, pore * BUBBLE_PER_PORE, MAX_BUBBLE),
        catalogueId(medium) === 'foam-bumped',
      );
    case 'floss':
      return floss(catalogueId(medium) === 'floss-bonded');
    case 'cartridge':
      return cartridge();
    case 'dense rings':
      return rings(within(MIN_GRAIN, (solidSize * 2 + pore) * scale, MAX_GRAIN));
    case 'porous mineral':
      return catalogueId(medium) === 'porous-ceramic'
        ? pellets(within(MIN_GRAIN, solidSize * scale, MAX_GRAIN))
        : stone(within(MIN_GRAIN, solidSize * scale, MAX_GRAIN), BROKEN_STONE.includes(catalogueId(medium)));
    case 'plastic':
      return catalogueId(medium) === 'balls'
        ? balls()
        : STIFF_WALLED.includes(catalogueId(medium))
          ? ribs(catalogueId(medium) === 'moulded-grid')
          : curls();
    case 'carbon':
      return catalogueId(medium) === 'carbon-pad' ? carbonPad() : crumbs();
    case 'resin':
      return beads();
    case 'spacer':
      return grid();
    case 'unknown':
      return question();
    case 'zeolite':
      return stone(9, false);
  }
}

/** Bubbles in a hexagonal raft. */
function foam(size: number, bumped: boolean): Texture {
  const step = size * 1.25;
  const rise = step * 1.732;
  const radius = size * 0.46;
  const spots: [number, number][] = [
    [0, 0],
    [step, 0],
    [0, rise],
    [step, rise],
    [step / 2, rise / 2],
  ];
  return {
    tile: [step, rise],
    ground: 'var(--foam)',
    marks: (
      <g
        fill={bumped ? 'var(--sheet)' : 'none'}
        stroke="var(--foamLine)"
        strokeWidth={Math.max(0.6, size * 0.09)}
      >
        {spots.map(([x, y]) => (
          <circle key={`${x}-${y}`} cx={x} cy={y} r={radius} />
        ))}
      </g>
    ),
  };
}

/** Strands that cross at a flat angle. */
function floss(bonded: boolean): Texture {
  return {
    tile: [10, 6],
    ground: 'var(--floss)',
    marks: (
      <g fill="none" stroke="var(--flossLine)" strokeWidth={0.8}>
        <path d="M-2 4.5 Q3 0.5 5 2.2 T12 0" />
        <path d="M-2 7.5 Q4 3 6 5 T12 3.2" />
        <path d="M0 0 L10 6" opacity={0.35} />
        {bonded ? <path d="M0 3 H10 M0 6 H10" opacity={0.6} /> : null}
      </g>
    ),
  };
}

/** Crumbs held in wadding. */
function carbonPad(): Texture {
  return {
    tile: [12, 12],
    ground: 'var(--floss)',
    marks: (
      <g>
        <path d="M0 0 L12 12 M12 0 L0 12" fill="none" stroke="var(--flossLine)" strokeWidth={0.7} />
        <path d="M4.5 1 l3 1 l-1 3 l-3 -1z M0.5 7 l2.4 0.4 l-0.4 2.6 l-2 -0.6z" fill="var(--carbonLine)" />
      </g>
    ),
  };
}

/** Strands over crumbs. */
function cartridge(): Texture {
  return {
    tile: [10, 12],
    ground: 'var(--floss)',
    marks: (
      <g>
        <path d="M-2 4.5 Q3 0.5 5 2.2 T12 0" fill="none" stroke="var(--flossLine)" strokeWidth={0.8} />
        <path d="M2 8 l3 -1 l1 3 l-3 1z M7 9.5 l2.4 -0.8 l0.6 2.2 l-2.4 0.4z" fill="var(--carbonLine)" />
      </g>
    ),
  };
}

/** Short tubes seen from all sides. */
function rings(size: number): Texture {
  const tile = size * 2.1;
  const ring = (x: number, y: number, flat: number, turn: number) => (
    <g key={`${x}-${y}`} transform={`translate(${x} ${y}) rotate(${turn})`}>
      <ellipse rx={size * 0.46} ry={size * 0.46 * flat} fill="var(--sheet)" />
      <ellipse rx={size * 0.2} ry={size * 0.2 * flat} fill="var(--ring)" />
    </g>
  );
  return {
    tile: [tile, tile],
    ground: 'var(--ring)',
    marks: (
      <g stroke="var(--ringLine)" strokeWidth={1.1}>
        {ring(size * 0.52, size * 0.52, 1, 0)}
        {ring(size * 1.57, size * 0.6, 0.72, 24)}
        {ring(size * 0.6, size * 1.58, 0.66, -38)}
        {ring(size * 1.56, size * 1.6, 0.94, 10)}
      </g>
    ),
  };
}

/** Corners of broken stone, in parts of the grain. */
const GRAINS: readonly (readonly [number, number, string])[] = [
  [0.5, 0.5, '-0.44 -0.1 -0.16 -0.42 0.3 -0.38 0.46 0.02 0.2 0.42 -0.28 0.36'],
  [1.55, 0.42, '-0.4 -0.24 0.02 -0.4 0.42 -0.18 0.36 0.28 -0.1 0.38 -0.42 0.16'],
  [0.42, 1.5, '-0.36 -0.3 0.14 -0.38 0.4 0 0.24 0.36 -0.22 0.34 -0.4 0.08'],
  [1.46, 1.48, '-0.42 -0.14 -0.06 -0.44 0.36 -0.26 0.44 0.2 0.04 0.44 -0.34 0.28'],
  [1, 1, '-0.13 -0.1 0.08 -0.15 0.15 0.06 -0.04 0.15'],
  [1.98, 0.95, '-0.12 -0.08 0.06 -0.14 0.13 0.07 -0.05 0.13'],
  [0.02, 0.98, '-0.1 -0.1 0.1 -0.1 0.12 0.09 -0.06 0.12'],
];

/** Round pellets with their pores. */
function pellets(size: number): Texture {
  const tile = size * 2;
  const pores: readonly (readonly [number, number])[] = [
    [-0.14, -0.12],
    [0.16, -0.04],
    [-0.02, 0.18],
  ];
  return {
    tile: [tile, tile],
    ground: 'var(--stone)',
    marks: (
      <g fill="var(--stoneGrain)" stroke="var(--stoneLine)" strokeWidth={0.9}>
        {GRAINS.slice(0, 4).map(([x, y]) => (
          <g key={`${x}-${y}`} transform={`translate(${x * size} ${y * size})`}>
            <circle r={size * 0.45} />
            {pores.map(([dx, dy]) => (
              <circle
                key={dx}
                cx={dx * size}
                cy={dy * size}
                r={size * 0.055}
                fill="var(--stoneLine)"
                stroke="none"
              />
            ))}
          </g>
        ))}
      </g>
    ),
  };
}

function stone(size: number, pitted: boolean): Texture {
  const tile = size * 2;
  return {
    tile: [tile, tile],
    ground: 'var(--stone)',
    marks: (
      <g fill="var(--stoneGrain)" stroke="var(--stoneLine)" strokeWidth={0.9} strokeLinejoin="round">
        {GRAINS.map(([x, y, corners]) => (
          <polygon
            key={`${x}-${y}`}
            transform={`translate(${x * size} ${y * size})`}
            points={corners
              .split(' ')
              .map((part) => Number(part) * size)
              .join(' ')}
          />
        ))}
        {pitted
          ? [0.42, 0.62].map((index) => (
              <circle
                key={index}
                cx={index * size}
                cy={(1 - index) * size}
                r={size * 0.06}
                fill="var(--stoneLine)"
                stroke="none"
              />
            ))
          : null}
      </g>
    ),
  };
}

/** Loops of ribbon. */
function curls(): Texture {
  return {
    tile: [14, 14],
    ground: 'var(--plastic)',
    marks: (
      <g fill="none" stroke="var(--plasticLine)" strokeWidth={1}>
        <path d="M-1 4 q4 -6 7 0 t-5 4 t9 2 t5 -7" />
        <path d="M2 13 q3 -4 6 -1 t7 -2" />
      </g>
    ),
  };
}

/** Open balls with their meridians. */
function balls(): Texture {
  return {
    tile: [20, 20],
    ground: 'var(--plastic)',
    marks: (
      <g fill="var(--sheet)" stroke="var(--plasticLine)" strokeWidth={0.9}>
        {[
          [5, 5],
          [15, 15],
        ].map(([x, y]) => (
          <g key={x} transform={`translate(${x} ${y})`}>
            <circle r={4.8} />
            <path d="M-4.8 0 H4.8 M0 -4.8 V4.8 M-3.4 -3.4 Q0 0 -3.4 3.4 M3.4 -3.4 Q0 0 3.4 3.4" fill="none" />
          </g>
        ))}
      </g>
    ),
  };
}

/** Printed ribs. */
function ribs(crossed: boolean): Texture {
  return {
    tile: [6, 18],
    ground: 'var(--plastic)',
    marks: (
      <path
        d={crossed ? 'M1.5 0 V18 M0 3 H6 M0 9 H6 M0 15 H6' : 'M1.5 0 V18 M1.5 2 H6 M1.5 11 H6'}
        fill="none"
        stroke="var(--plasticLine)"
        strokeWidth={1.1}
      />
    ),
  };
}

/** Crumbs of carbon. */
function crumbs(): Texture {
  return {
    tile: [11, 11],
    ground: 'var(--carbon)',
    marks: (
      <path
        d="M1 2 l3 -1.4 l1.4 2.6 l-2.6 1.8z M7 1 l2.6 0.6 l-0.4 2.6 l-2.6 -0.4z M3.4 7 l3 -0.8 l0.8 2.8 l-2.8 1z M8.6 6.2 l1.8 0.6 l-0.8 2.4 l-1.8 -0.8z"
        fill="var(--carbonLine)"
      />
    ),
  };
}

/** An open grid. */
function grid(): Texture {
  return {
    tile: [9, 9],
    ground: 'var(--sheet)',
    marks: <path d="M0 4.5 H9 M4.5 0 V9" fill="none" stroke="var(--plasticLine)" strokeWidth={1.4} />,
  };
}

/** The medium is unknown. */
function question(): Texture {
  return {
    tile: [14, 14],
    ground: 'var(--sheet)',
    marks: (
      <path
        d="M0 14 L14 0 M-2 2 L2 -2 M12 16 L16 12"
        fill="none"
        stroke="var(--rule)"
        strokeWidth={0.9}
        strokeDasharray="2 3"
      />
    ),
  };
}

/** Small beads. */
function beads(): Texture {
  return {
    tile: [6, 6],
    ground: 'var(--resin)',
    marks: (
      <g fill="var(--resinLine)">
        <circle cx={1.6} cy={1.6} r={1.1} />
        <circle cx={4.6} cy={4.6} r={1.1} />
      </g>
    ),
  };
}
