import type { Chamber } from '../filter/filter';
import { usableDepth } from '../filter/usableDepth';
import { HOUR } from '../units/time';
import { sumOf } from '../maths/sum';
import type { Block } from './block';

/** Materials that last in water, with their density, kg/m³ (from memory of data sheets). */
export const PRINT_MATERIALS = {
  PETG: { density: 1270, note: 'lasts for years in water' },
  ASA: { density: 1070, note: 'lasts for years in water; prints with fumes, air the room' },
  PP: { density: 900, note: 'lasts for years in water; hard to print' },
  PLA: { density: 1240, note: 'softens and weakens within a year or two in warm water' },
} as const;
export type PrintMaterial = keyof typeof PRINT_MATERIALS;

/** A cuboid by its lowest corner and sides, m. */
export interface Cuboid {
  readonly at: readonly [x: number, y: number, z: number];
  readonly size: readonly [x: number, y: number, z: number];
}

/** What a block comes to. */
export interface BlockFigures {
  readonly ribs: number;
  /** Between two ribs as they are spread, m. */
  readonly spacing: number;
  /** Plastic, m³. */
  readonly solid: number;
  /** All faces that water touches, m². */
  readonly surface: number;
  /** Share of the block’s room that is open, 0–1, and of its face. */
  readonly porosity: number;
  readonly openShare: number;
  /** Hours of printing, as a range. */
  readonly hours: { readonly low: number; readonly high: number };
}

/** Plastic that a usual printer lays down with thin walls, m³/s (from memory: 3 to 8 mm³/s). */
const PRINT_RATE = { low: 3e-9, high: 8e-9 } as const;
/** Room that is left on each side so that a block slides in, m (common practice, no source). */
const SIDE_CLEARANCE = 0.5e-3;
/** Side of a foot against the wall that it stands under. */
const FOOT_WALLS = 2;

/** Ribs that fit, and the space between them. */
function spread({ length, wall, rib, gap }: Block): { readonly ribs: number; readonly spacing: number } {
  const inside = length - 2 * wall;
  const ribs = Math.max(0, Math.floor((inside - gap) / (rib + gap) + 1e-9));
  return { ribs, spacing: (inside - ribs * rib) / (ribs + 1) };
}

/**
 * What a block comes to.
 *
 * @source solid geometry: walls and ribs as prisms, less the notches; faces where parts meet are not counted.
 */
export function blockFigures(block: Block): BlockFigures {
  const { length, width, height, wall, rib, notch, feet } = block;
  const { ribs, spacing } = spread(block);
  const [inLength, inWidth] = [length - 2 * wall, width - 2 * wall];
  const foot = FOOT_WALLS * wall;
  const plan = length * width - inLength * inWidth + ribs * rib * inWidth;
  const solid = plan * height - 2 * inLength * wall * notch + 4 * foot * foot * feet;
  const upright =
    2 * (length + width) * height +
    2 * (inLength + inWidth) * height -
    2 * ribs * rib * height +
    2 * ribs * inWidth * height;
  // By notch: both faces of the wall go, its two ends and the ends of the ribs come.
  const notched = 2 * notch * (-2 * inLength + 2 * wall + 2 * ribs * rib);
  // A foot reaches inward past the wall: there its top is bare, and its bottom covers none.
  const covered = sumOf(
    Array.from({ length: ribs }, (_, index) => wall + (index + 1) * spacing + index * rib),
    (from) => Math.max(0, Math.min(foot, from + rib) - Math.min(foot, from)),
  );
  const bare = feet > 0 ? 4 * 2 * wall * (wall - covered) : 0;
  const surface = upright + notched + 2 * plan + 16 * foot * feet + bare;
  const room = length * width * height;
  return {
    ribs,
    spacing,
    solid,
    surface,
    porosity: 1 - solid / room,
    openShare: 1 - plan / (length * width),
    hours: { low: solid / PRINT_RATE.high / HOUR, high: solid / PRINT_RATE.low / HOUR },
  };
}

/** Mass of a block of a material, kg. */
export const blockMass = ({ solid }: Pick<BlockFigures, 'solid'>, material: PrintMaterial): number =>
  solid * PRINT_MATERIALS[material].density;

/** A block as cuboids that are put together, and others that are cut out of them. */
export function blockSolids(block: Block): {
  readonly solid: readonly Cuboid[];
  readonly cut: readonly Cuboid[];
} {
  const { length, width, height, wall, rib, notch, feet } = block;
  const { ribs, spacing } = spread(block);
  const foot = FOOT_WALLS * wall;
  const [inLength, inWidth] = [length - 2 * wall, width - 2 * wall];
  const cuboid = (at: Cuboid['at'], size: Cuboid['size']): Cuboid => ({ at, size });
  return {
    solid: [
      cuboid([0, 0, feet], [wall, width, height]),
      cuboid([length - wall, 0, feet], [wall, width, height]),
      cuboid([wall, 0, feet], [inLength, wall, height]),
      cuboid([wall, width - wall, feet], [inLength, wall, height]),
      ...Array.from({ length: ribs }, (_, index) =>
        cuboid([wall + (index + 1) * spacing + index * rib, wall, feet], [rib, inWidth, height]),
      ),
      ...(feet > 0
        ? [0, length - foot].flatMap((x) =>
            [0, width - foot].map((y) => cuboid([x, y, 0], [foot, foot, feet])),
          )
        : []),
    ],
    cut:
      notch > 0
        ? [0, width - wall].map((y) => cuboid([wall, y, feet + height - notch], [inLength, wall, notch]))
        : [],
  };
}

/** A block to begin with for a chamber, as large as it takes; null for one that is not a box. */
export function blockFor(chamber: Chamber): Block | null {
  const { shape } = chamber;
  if (shape.form !== 'box') return null;
  return {
    length: Math.max(shape.length, shape.width) - 2 * SIDE_CLEARANCE - chamber.narrows / 2,
    width: Math.min(shape.length, shape.width) - 2 * SIDE_CLEARANCE - chamber.narrows / 2,
    height: Math.min(0.03, usableDepth(chamber) / 2),
    wall: 1.2e-3,
    rib: 0.8e-3,
    gap: 2.5e-3,
    notch: 5e-3,
    feet: 5e-3,
  };
}
