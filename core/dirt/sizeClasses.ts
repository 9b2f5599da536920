/**
 * The solids of a tank in six sizes: diameter, m; share of what a day’s food makes and of plant litter; and how fast a
 * tank with no current of its own lets it settle, 1/day, resuspension counted: between a sixth, for the finest, and a
 * thirtieth, for the coarsest, of what still water 35 cm deep would let settle by Schiller–Naumann.
 *
 * Calibrated: shares and rates chosen so that intervals agree with the trade’s.
 */
export interface SizeClass {
  readonly name: string;
  readonly diameter: number;
  readonly ofFood: number;
  readonly ofLitter: number;
  readonly settles: number;
}

const MICRON = 1e-6;

export const SIZE_CLASSES: readonly SizeClass[] = [
  { name: '8 µm', diameter: 8 * MICRON, ofFood: 0.1, ofLitter: 0, settles: 0.1 },
  { name: '25 µm', diameter: 25 * MICRON, ofFood: 0.15, ofLitter: 0, settles: 0.5 },
  { name: '70 µm', diameter: 70 * MICRON, ofFood: 0.2, ofLitter: 0, settles: 4 },
  { name: '180 µm', diameter: 180 * MICRON, ofFood: 0.2, ofLitter: 0.2, settles: 25 },
  { name: '450 µm', diameter: 450 * MICRON, ofFood: 0.2, ofLitter: 0.4, settles: 80 },
  { name: '1 mm', diameter: 1000 * MICRON, ofFood: 0.15, ofLitter: 0.4, settles: 150 },
];

/** How many sizes there are. */
export const SIZES = SIZE_CLASSES.length;
