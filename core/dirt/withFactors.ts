import { pumpAtSpeed } from '../hydraulics/pumpAtSpeed';
import { variedFilter } from '../hydraulics/variedFilter';
import type { PlacedLayer } from '../layers/placedLayer';
import type { Geometry } from '../media/geometry';
import type { CloggingInput } from './clogging';
import { USUAL_DIRT, type DIRT_SPREAD, type DirtNumbers } from './dirtNumbers';

/** The numbers of the dirt model that are uncertain. */
type UncertainNumber = keyof typeof DIRT_SPREAD;

/** What is uncertain of a simulation, each as a factor on what it begins from; left out: 1. */
export interface ClogFactors extends Partial<Readonly<Record<UncertainNumber, number>>> {
  /** Food. */
  readonly fed?: number;
  /** Head of the pump, bore of the hoses, speed of the pump. */
  readonly head?: number;
  readonly bore?: number;
  readonly speed?: number;
  /** Thickness of the fibres and struts of generic media. */
  readonly solid?: number;
  /** No factor, but the share by which media that stand above a lip narrow it; left out: the usual. */
  readonly narrowed?: number;
}

/** A simulation with everything uncertain times its factor. */
export function withFactors(input: CloggingInput, factors: ClogFactors): CloggingInput {
  const { fed = 1, head = 1, bore = 1, speed = 1, solid = 1, narrowed, ...ofNumbers } = factors;
  const numbers: DirtNumbers = { ...(input.numbers ?? USUAL_DIRT) };
  const drawn = Object.fromEntries(
    Object.entries(ofNumbers).map(([key, factor]) => [key, numbers[key as UncertainNumber] * factor]),
  );
  const filter =
    head === 1 && bore === 1 && narrowed === undefined
      ? input.own.filter
      : variedFilter(input.own.filter, { head, bore, loss: 1, narrowed });
  return {
    ...input,
    fed: (input.fed ?? 1) * fed,
    numbers: { ...numbers, ...drawn },
    own: {
      ...input.own,
      filter: speed === 1 ? filter : pumpAtSpeed(filter, speed),
      inFlow: input.own.inFlow.map((placed) => layerWith(placed, solid)),
    },
  };
}

const layerWith = (placed: PlacedLayer, solid: number): PlacedLayer => ({
  ...placed,
  medium: { ...placed.medium, geometry: geometryWith(placed.medium.geometry, solid) },
});

/** Fibres and struts are as thick as somebody guessed; grains and rings are what they are sold as. */
function geometryWith(geometry: Geometry, solid: number): Geometry {
  if (geometry.form === 'fibre') return { ...geometry, fibreDiameter: geometry.fibreDiameter * solid };
  return geometry.form === 'foam' ? { ...geometry, poresPerInch: geometry.poresPerInch / solid } : geometry;
}
