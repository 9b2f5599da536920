import { addIntakeSponge, spongeFor } from '../filter/addIntakeSponge';
import { isInward } from '../filter/chamberGeometry';
import type { Filter } from '../filter/filter';
import { intakeSponge } from '../filter/intakeSponge';
import { usableDepth } from '../filter/usableDepth';
import { presetFilter } from '../filter/presetFilter';
import { gradeRank } from '../media/gradeRank';
import { hasRole } from '../media/hasRole';
import type { Layer } from '../layers/layer';
import { placeLayers } from '../layers/placeLayers';
import { plainLayer } from '../layers/plainLayer';
import type { PlacedLayer } from '../layers/placedLayer';
import { isBiologicalOnly } from '../layers/layerRole';
import { forecast } from '../dirt/forecast';
import type { ForecastInput } from '../dirt/cloggingInput';
import type { ServiceCourse } from '../dirt/serviceCourse';
import { sumOf } from '../maths/sum';

/** Another way to lay out the same filter, to be held against the plan. */
export interface Variant {
  readonly key: VariantKey;
  readonly name: string;
  readonly input: ForecastInput;
  /** How far a chamber is overfull, m; 0 when all of it fits. */
  readonly overfill: number;
}

export type VariantKey =
  | 'plan'
  | 'fine before'
  | 'fine after'
  | 'fine both'
  | 'foam only'
  | 'coarse foam'
  | 'dense foam'
  | 'sponge'
  | 'second filter'
  | 'settlement';

/** Pads and rings that stand in where the plan has none of the kind; m (common practice, no source). */
const FINE_PAD = { medium: 'floss-bonded', thickness: 0.015 } as const;
const RINGS = { medium: 'rings-dense', thickness: 0.03 } as const;
/** Grades of the school of foam alone. */
const FOAMS = [
  { key: 'foam only', medium: 'foam-30', name: 'Foam only, 30 ppi' },
  { key: 'coarse foam', medium: 'foam-10', name: 'Coarse foam throughout' },
  { key: 'dense foam', medium: 'foam-45', name: 'Dense foam throughout' },
] as const;
const SPONGE_FOAM = 'foam-20';

/** The plan and other ways to lay it out: where the finest pad goes, foam alone, with and without a helper. */
export function variantsOf(input: ForecastInput): Variant[] {
  const inFlow = placeLayers(input.filter, input.layers);
  const body = inFlow.filter(({ chamber }) => chamber.where === 'body');
  const made = (key: VariantKey, name: string, change: Partial<ForecastInput>): Variant => {
    const next = { ...input, ...change };
    return { key, name, input: next, overfill: overfillOf(next) };
  };
  const biological = body.filter(({ layer, role }) => isBiologicalOnly(layer) && role !== 'settle');
  return [
    made('plan', 'As planned', {}),
    ...(biological.length === 0 ? [] : finePads(inFlow, biological, made)),
    ...FOAMS.map(({ key, medium, name }) =>
      made(key, name, {
        layers: input.layers.map((layer) =>
          body.some((placed) => placed.layer === layer)
            ? { ...plainLayer(layer.id, medium, layer.chamber, layer.thickness), cut: layer.cut }
            : layer,
        ),
      }),
    ),
    spongeVariant(input, made),
    made('second filter', 'With a second filter filled with floss', {
      others: [...input.others, helper(input)],
    }),
    ...settlement(input, inFlow, made),
  ];
}

type Make = (key: VariantKey, name: string, change: Partial<ForecastInput>) => Variant;

function finePads(inFlow: readonly PlacedLayer[], biological: readonly PlacedLayer[], made: Make): Variant[] {
  const [first, last] = [biological[0], biological.at(-1)];
  if (first === undefined || last === undefined) return [];
  const rank = ({ medium }: PlacedLayer): number => gradeRank(medium) ?? -1;
  const graded = inFlow.filter(
    ({ chamber, medium }) => chamber.where === 'body' && hasRole(medium, 'mechanical'),
  );
  const finest = Math.max(2, ...graded.map(rank));
  const pads = graded.filter((placed) => rank(placed) === finest).map(({ layer }) => layer);
  const rest = inFlow.map(({ layer }) => layer).filter((layer) => !pads.includes(layer));
  const pad = pads[0] ?? plainLayer('variant-fine', FINE_PAD.medium, first.chamber.id, FINE_PAD.thickness);
  const laid = (before: boolean, after: boolean): Layer[] =>
    rest.flatMap((layer) => [
      ...(before && layer === first.layer ? [{ ...pad, id: 'variant-before', chamber: layer.chamber }] : []),
      layer,
      ...(after && layer === last.layer ? [{ ...pad, id: 'variant-after', chamber: layer.chamber }] : []),
    ]);
  return [
    made('fine before', 'Finest pad before the biological media', { layers: laid(true, false) }),
    made('fine after', 'Finest pad after the biological media', { layers: laid(false, true) }),
    made('fine both', 'Finest pads on both sides', { layers: laid(true, true) }),
  ];
}

/** The layer of foam that a new sponge on the intake is. */
export const spongeLayer = (filter: Filter): Layer => {
  const chamber = intakeSponge(filter) ?? spongeFor(filter);
  return plainLayer('intake-sponge-foam', SPONGE_FOAM, chamber.id, chamber.depth);
};

function spongeVariant(input: ForecastInput, made: Make): Variant {
  const sponge = intakeSponge(input.filter);
  const inIt = input.layers.filter((layer) => layer.chamber === sponge?.id);
  if (sponge !== null && inIt.length > 0)
    return made('sponge', 'Without the intake sponge', {
      layers: input.layers.filter((layer) => layer.chamber !== sponge.id),
    });
  const filter = addIntakeSponge(input.filter);
  return made('sponge', 'With an intake sponge', {
    filter,
    layers: [spongeLayer(filter), ...input.layers],
  });
}

/** A small hang-on-back on the same tank, its basket full of foam and floss up to the stop: above the lip, so that water goes through it. */
function helper({ tank }: ForecastInput): ForecastInput['others'][number] {
  const filter = presetFilter('hang-on-back-basket', { id: 'variant-helper', tankId: tank.id }, 'Helper');
  const [basket] = filter.chambers;
  if (basket === undefined) return { filter, layers: [] };
  const depth = usableDepth(basket);
  return {
    filter,
    layers: [
      plainLayer('variant-helper-coarse', 'foam-20', basket.id, depth / 2),
      plainLayer('variant-helper-floss', 'floss-bonded', basket.id, depth / 2),
    ],
  };
}

function settlement(input: ForecastInput, inFlow: readonly PlacedLayer[], made: Make): Variant[] {
  const rings = inFlow.filter(({ role }) => role === 'settle').map(({ layer }) => layer);
  if (rings.length > 0)
    return [
      made('settlement', 'Without the settlement rings', {
        layers: input.layers.filter((layer) => !rings.includes(layer)),
      }),
    ];
  const chamber = input.filter.chambers.find((item) => item.where === 'body');
  // Foam around the trays leaves no open room for rings before it.
  if (chamber === undefined || isInward(chamber.shape)) return [];
  return [
    made('settlement', 'With settlement rings first', {
      layers: [plainLayer('variant-rings', RINGS.medium, chamber.id, RINGS.thickness), ...input.layers],
    }),
  ];
}

function overfillOf({ filter, layers }: ForecastInput): number {
  const over = filter.chambers.map((chamber) => {
    const filled = sumOf(
      layers.filter((layer) => layer.chamber === chamber.id),
      (layer) => layer.thickness,
    );
    return filled - usableDepth(chamber);
  });
  return Math.max(0, ...over.map((value) => (value > 1e-4 ? value : 0)));
}

/** What another way to lay a filter out comes to. */
export interface VariantOutlook extends Omit<Variant, 'input'> {
  /** By day, shares of the clean value of what decides service. */
  readonly course: ServiceCourse;
  readonly serviceDay: number | null;
  readonly spillDay: number | null;
  readonly siltPerMonth: number;
  /** Suspended solids finer than 100 µm when service is due, kg/m³. */
  readonly fines: number;
  /** Days from one cleaning of the other filters on the tank to the next; null: there are none, or none was due. */
  readonly othersEvery: number | null;
  /** m³/s on day 0. */
  readonly cleanFlow: number;
}

/** The plan and the other ways to lay it out, each forecast. */
export const compareVariants = (input: ForecastInput): VariantOutlook[] =>
  variantsOf(input).flatMap(({ key, name, overfill, input: other }) => {
    const found = forecast({ ...other, brief: true });
    const { course, serviceDay, spillDay, siltPerMonth, simulation, clear } = found;
    return [
      {
        key,
        name,
        overfill,
        course,
        serviceDay,
        spillDay,
        siltPerMonth,
        fines: clear.fines,
        othersEvery: simulation.othersCleaned === 0 ? null : simulation.days / simulation.othersCleaned,
        cleanFlow: simulation.flow[0] ?? 0,
      },
    ];
  });
