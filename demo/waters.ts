import { LITRES_PER_HOUR } from '@/core/units/siFactors';
import type { Filter } from '@/core/filter/filter';
import type { FilterKind } from '@/core/filter/filterKind';
import { presetFilter } from '@/core/filter/presetFilter';
import type { Layer } from '@/core/layers/layer';
import { plainLayer } from '@/core/layers/plainLayer';
import { USUAL_PROTEIN } from '@/core/tank/feedBounds';
import type { Tank } from '@/core/tank/tank';

/*
 * Heron Yard, one keeper, four waters. All of it is made up.
 */

/** A water of the demo: its tank and filter, what is in the filter, and when it is repacked. */
export interface DemoWater {
  readonly tank: Tank;
  readonly filter: Filter;
  readonly layers: readonly Layer[];
  readonly daysBetween: number;
  /** Days since the last repack. */
  readonly daysSince: number;
  /** Days since the water was changed last. */
  readonly daysSinceChange: number;
}

const filterOf = (kind: FilterKind, id: string, name: string, labelFlow: number): Filter => ({
  ...presetFilter(kind, { id, tankId: `${id}-tank` }, name),
  labelFlow: labelFlow * LITRES_PER_HOUR,
  assumed: [],
});

/** Porosity of sand and gravel, and weight of a litre of rock, kg/m³ (common practice, no source). */
const GRAVEL_POROSITY = 0.4;
const ROCK_DENSITY = 2600;

interface TankStory {
  readonly name: string;
  readonly note: string;
  /** Inside length, width, height and water level; substrate depth, m; rock, kg. */
  readonly inside: readonly [length: number, width: number, height: number, fill: number];
  readonly substrate: number;
  readonly rock: number;
  readonly temperature: number;
  readonly pH: number;
  readonly hardness: readonly [general: number, carbonate: number];
  /** Dry food a day, kg. */
  readonly food: number;
  readonly plants: Tank['plants'];
  readonly animals: Tank['animals'];
  readonly circulation?: Tank['circulation'];
  readonly lid: boolean;
  /** Share of the water changed a week. */
  readonly changes: number;
}

const tankOf = (id: string, story: TankStory): Tank => {
  const [length, width, height, fill] = story.inside;
  return {
    id: `${id}-tank`,
    name: story.name,
    note: story.note,
    water: {
      how: 'measured',
      shape: { form: 'box', length, width, height },
      fill,
      substrate: { depth: story.substrate, porosity: GRAVEL_POROSITY },
      hardscape: { by: 'weight', mass: story.rock, density: ROCK_DENSITY },
    },
    temperature: story.temperature,
    pH: story.pH,
    generalHardness: story.hardness[0],
    carbonateHardness: story.hardness[1],
    altitude: 140,
    feed: { amount: { by: 'weight', perDay: story.food }, protein: USUAL_PROTEIN },
    plants: story.plants,
    litter: { perDay: null, floating: false },
    animals: story.animals,
    circulation: story.circulation ?? [],
    airFilters: [],
    routine: {
      waterChange: { share: story.changes, every: 7 },
      tapNitrate: null,
      nitrateRemoved: 0,
    },
    cover: story.lid ? 'lid' : 'open',
    room: { temperature: null, humidity: null },
  };
};

const cut = (layer: Layer, length: number, width: number): Layer => ({ ...layer, cut: { length, width } });
const bagged = (layer: Layer): Layer => ({ ...layer, holder: 'bag' });

export const WATERS: readonly DemoWater[] = [
  {
    tank: tankOf('window-sill', {
      name: 'Window sill',
      note: 'Rice fish. The sun is on it until noon.',
      inside: [0.6, 0.34, 0.4, 0.343],
      substrate: 0.04,
      rock: 2.5,
      temperature: 24,
      pH: 7.2,
      hardness: [9, 6],
      food: 0.9e-3,
      plants: 'some',
      animals: [],
      lid: true,
      changes: 0.25,
    }),
    filter: filterOf('hang-on-back-basket', 'window-sill', 'Window sill', 650),
    layers: [
      cut(plainLayer('ws-coarse', 'foam-15', 'basket', 0.03), 0.108, 0.068),
      bagged(plainLayer('ws-stone', 'sintered-glass', 'basket', 0.045)),
      cut(plainLayer('ws-fine', 'foam-45', 'basket', 0.015), 0.11, 0.07),
      cut(plainLayer('ws-medium', 'foam-30', 'basket', 0.02), 0.11, 0.07),
    ],
    daysBetween: 32,
    daysSince: 12,
    daysSinceChange: 4,
  },
  {
    tank: tankOf('reed-bench', {
      name: 'Reed bench',
      note: 'Planted. Honey gouramis, panda corydoras, cherry shrimp.',
      inside: [1.0, 0.45, 0.55, 0.495],
      substrate: 0.06,
      rock: 17,
      temperature: 25,
      pH: 6.9,
      hardness: [7, 4],
      food: 2.5e-3,
      plants: 'dense',
      animals: ['shrimp'],
      lid: false,
      changes: 0.3,
    }),
    filter: filterOf('canister-centre-pipe', 'reed-bench', 'Reed bench', 1080),
    layers: [
      plainLayer('rb-rings', 'rings-dense', 'tray-1', 0.045),
      plainLayer('rb-coarse', 'foam-15', 'tray-1', 0.03),
      plainLayer('rb-medium', 'foam-30', 'tray-2', 0.04),
      plainLayer('rb-floss', 'floss-bonded', 'tray-2', 0.02),
      bagged(plainLayer('rb-stone-1', 'porous-ceramic', 'tray-3', 0.08)),
      bagged(plainLayer('rb-stone-2', 'porous-ceramic', 'tray-4', 0.045)),
    ],
    daysBetween: 72,
    daysSince: 68,
    daysSinceChange: 2,
  },
  {
    tank: tankOf('long-run', {
      name: 'Long run',
      note: 'Stream tank, hillstream loaches.',
      inside: [1.5, 0.6, 0.55, 0.47],
      substrate: 0.03,
      rock: 70,
      temperature: 22,
      pH: 7.4,
      hardness: [10, 7],
      food: 4e-3,
      plants: 'none',
      animals: ['strong flow'],
      lid: false,
      changes: 0.35,
      circulation: [{ place: 'right', aim: 'along the tank', flow: 2500 * LITRES_PER_HOUR }],
    }),
    filter: filterOf('canister-outside-in', 'long-run', 'Long run', 2400),
    layers: [
      plainLayer('lr-perimeter', 'foam-15', 'perimeter', 0.03),
      plainLayer('lr-medium', 'foam-30', 'tray-3', 0.03),
      plainLayer('lr-fine', 'floss-bonded', 'tray-3', 0.02),
      bagged(plainLayer('lr-stone-1', 'pumice', 'tray-3', 0.03)),
      bagged(plainLayer('lr-stone-2', 'pumice', 'tray-2', 0.08)),
      bagged(plainLayer('lr-stone-3', 'pumice', 'tray-1', 0.08)),
    ],
    daysBetween: 47,
    daysSince: 46,
    daysSinceChange: 5,
  },
  {
    tank: tankOf('hatchery', {
      name: 'Hatchery',
      note: 'Fry.',
      inside: [0.4, 0.3, 0.3, 0.25],
      substrate: 0,
      rock: 0,
      temperature: 26,
      pH: 7,
      hardness: [8, 5],
      food: 0.3e-3,
      plants: 'some',
      animals: ['fry', 'still water'],
      lid: false,
      changes: 0.3,
    }),
    filter: filterOf('internal-sponge', 'hatchery', 'Hatchery', 280),
    layers: [plainLayer('ha-sponge', 'foam-30', 'sponge', 0.025)],
    daysBetween: 30,
    daysSince: 11,
    daysSinceChange: 1,
  },
];
