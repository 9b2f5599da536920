import type { Filter } from '../filter/filter';
import { variedFilter } from '../hydraulics/variedFilter';
import type { PlacedLayer } from '../layers/placedLayer';
import type { Geometry } from '../media/geometry';
import { feedPerDay } from '../tank/feedPerDay';
import { normalSample } from '../units/normalSample';
import type { CloggingInput } from './clogging';
import { DIRT_SPREAD, USUAL_DIRT, type DirtNumbers } from './dirtNumbers';
import { fedSpread } from './fedSpread';

/**
 * How far what was assumed of a filter may be off, as a factor either way that about two thirds stay within
 * (calibrated): head of a pump that nobody has measured or that a label gives, bore that a lining leaves, and the
 * fibres and struts of generic media.
 */
const HEAD_SPREAD = { assumed: 1.2, label: 1.05 } as const;
const BORE_SPREAD = { assumed: 1.08, entered: 1.03 } as const;
const SOLID_SPREAD = 1.15;

/** A set of runs that belong together; the same seed draws the same. */
export interface Sample {
  readonly runs: number;
  readonly seed: number;
}

/**
 * What a simulation begins from with everything uncertain drawn anew: food, the numbers of the dirt model, and what
 * was assumed of pump, hoses and media. Null when nobody has said what is fed.
 *
 * @param run number of the run, from 0 to sample.runs − 1
 */
export function drawnInput(input: CloggingInput, run: number, { runs, seed }: Sample): CloggingInput | null {
  const { tank, own } = input;
  const food = feedPerDay(tank.feed);
  if (food === null) return null;
  const spreads = [
    ...NUMBER_KEYS.map((key) => DIRT_SPREAD[key]),
    ...filterSpreads(own.filter),
    fedSpread(food),
  ];
  const point = normalSample(runs, spreads.length, seed)[run] ?? [];
  const factors = spreads.map((spread, index) => spread ** point[index]!);
  const numbers: DirtNumbers = { ...(input.numbers ?? USUAL_DIRT) };
  const drawn = Object.fromEntries(NUMBER_KEYS.map((key, index) => [key, numbers[key] * factors[index]!]));
  const [head = 1, bore = 1, solid = 1, fed = 1] = factors.slice(NUMBER_KEYS.length);
  return {
    ...input,
    fed,
    numbers: { ...numbers, ...drawn },
    own: {
      ...own,
      filter: variedFilter(own.filter, { head, bore, loss: 1 }),
      inFlow: own.inFlow.map((placed) => drawnLayer(placed, solid)),
    },
  };
}

const NUMBER_KEYS = Object.keys(DIRT_SPREAD) as readonly (keyof typeof DIRT_SPREAD)[];

const filterSpreads = ({ pump, assumed }: Filter): readonly number[] => [
  pump.head.by === 'assumed' ? HEAD_SPREAD.assumed : HEAD_SPREAD.label,
  assumed.includes('hoses') ? BORE_SPREAD.assumed : BORE_SPREAD.entered,
  SOLID_SPREAD,
];

const drawnLayer = (placed: PlacedLayer, solid: number): PlacedLayer => ({
  ...placed,
  medium: { ...placed.medium, geometry: drawnGeometry(placed.medium.geometry, solid) },
});

/** Fibres and struts are as thick as somebody guessed; grains and rings are what they are sold as. */
function drawnGeometry(geometry: Geometry, solid: number): Geometry {
  if (geometry.form === 'fibre') return { ...geometry, fibreDiameter: geometry.fibreDiameter * solid };
  return geometry.form === 'foam' ? { ...geometry, poresPerInch: geometry.poresPerInch / solid } : geometry;
}
