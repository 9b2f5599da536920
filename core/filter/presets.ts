import { LITRES_PER_HOUR } from '../units/siFactors';
import { STRAIGHT_WALLS } from './straightWalls';
import type { Filter } from './filter';
import type { FilterKind } from './filterKind';
import type { UnplacedChamber } from './chamberLayout';
import { BOTTOM_SPACE } from './settlementPlace';

type Preset = Pick<Filter, 'labelFlow' | 'spill'> &
  Partial<Pick<Filter, 'openEdge'>> & { readonly chambers: readonly UnplacedChamber[] };

/**
 * What is the same for every hang-on-back until it is measured: a level body with its foot in and nothing sent round.
 * Baskets and cartridges stand in an open well, and the water passes over their top edge once they are blocked: an
 * edge as wide as the well, below the rim (common practice, no source).
 */
const LEVEL_BODY = { hangerToBack: 0.11, foot: 'in', tilt: 0, recirculated: 0 } as const;

const canisterTray = (number: number, of: number, way: 'up' | 'down'): UnplacedChamber => ({
  id: `tray-${number}`,
  where: 'body',
  name: number === 1 ? 'Bottom tray' : number === of ? 'Top tray' : `Tray ${number}, from below`,
  shape: { form: 'box', length: 0.19, width: 0.19 },
  depth: 0.08,
  stop: null,
  upperStop: null,
  ...STRAIGHT_WALLS,
  way,
  lift: ['lid', ...Array.from({ length: of - number }, (_, index) => `tray ${of - index}`)],
});

/** A stack of square trays in flow order: from below when the water rises, from above when it falls. */
function trays(count: number, way: 'up' | 'down'): UnplacedChamber[] {
  const fromBelow = Array.from({ length: count }, (_, index) => canisterTray(index + 1, count, way));
  return way === 'up' ? fromBelow : fromBelow.reverse();
}

/**
 * A filter of each kind in a generic size, to start a survey from. Sizes are typical of the kind
 * (common practice, no source) and stay marked as assumed until the keeper has measured.
 */
export const PRESETS: Readonly<Record<FilterKind, Preset>> = {
  'canister-centre-pipe': {
    labelFlow: 1000 * LITRES_PER_HOUR,
    spill: null,
    chambers: [
      {
        id: BOTTOM_SPACE,
        name: 'Space under the trays',
        where: 'body' as const,
        depth: 0.03,
        stop: null,
        upperStop: null,
        ...STRAIGHT_WALLS,
        way: 'up' as const,
        lift: ['lid', 'tray 4', 'tray 3', 'tray 2', 'tray 1'],
      },
      ...trays(4, 'up'),
    ].map((chamber) => ({
      ...chamber,
      shape: { form: 'annulus' as const, diameter: 0.19, bore: 0.03 },
    })),
  },
  'canister-side-riser': {
    labelFlow: 1000 * LITRES_PER_HOUR,
    spill: null,
    chambers: [
      {
        id: 'column',
        name: 'Foam column',
        where: 'body',
        shape: { form: 'box', length: 0.05, width: 0.19 },
        depth: 0.25,
        stop: null,
        upperStop: null,
        ...STRAIGHT_WALLS,
        way: 'down',
        lift: ['lid'],
      },
      ...trays(3, 'up'),
    ],
  },
  'canister-down-flow': {
    labelFlow: 1000 * LITRES_PER_HOUR,
    spill: null,
    chambers: trays(4, 'down'),
  },
  'canister-outside-in': {
    labelFlow: 1800 * LITRES_PER_HOUR,
    spill: null,
    chambers: [
      {
        id: 'perimeter',
        name: 'Perimeter foams',
        where: 'body',
        shape: { form: 'perimeter', length: 0.28, width: 0.28, height: 0.3 },
        depth: 0.03,
        stop: null,
        upperStop: null,
        ...STRAIGHT_WALLS,
        way: 'inward',
        lift: ['lid'],
      },
      ...trays(3, 'down'),
    ],
  },
  'canister-prefilter': {
    labelFlow: 1200 * LITRES_PER_HOUR,
    spill: null,
    chambers: [
      {
        id: 'prefilter',
        name: 'Pull-out prefilter',
        where: 'body',
        shape: { form: 'box', length: 0.05, width: 0.12 },
        depth: 0.24,
        stop: null,
        upperStop: null,
        ...STRAIGHT_WALLS,
        way: 'down',
        lift: [],
      },
      ...trays(3, 'up'),
    ],
  },
  'hang-on-back-basket': {
    labelFlow: 600 * LITRES_PER_HOUR,
    spill: {
      ...LEVEL_BODY,
      lipAboveFloor: 0.095,
      rimAboveLip: 0.025,
      lipAboveTank: 0.02,
      lipWidth: 0.09,
      notch: { aboveLip: 0.015, width: 0.12 },
    },
    chambers: [
      {
        id: 'basket',
        name: 'Basket',
        where: 'body',
        shape: { form: 'box', length: 0.12, width: 0.08 },
        depth: 0.12,
        stop: 0.105,
        upperStop: null,
        ...STRAIGHT_WALLS,
        way: 'up',
        lift: ['lid'],
      },
    ],
  },
  'hang-on-back-cartridge': {
    labelFlow: 500 * LITRES_PER_HOUR,
    spill: {
      ...LEVEL_BODY,
      lipAboveFloor: 0.11,
      rimAboveLip: 0.02,
      lipAboveTank: 0.02,
      lipWidth: 0.1,
      notch: { aboveLip: 0.01, width: 0.11 },
    },
    chambers: [
      {
        id: 'well',
        name: 'Well before the cartridges',
        where: 'body',
        shape: { form: 'box', length: 0.11, width: 0.15 },
        depth: 0.03,
        stop: null,
        upperStop: null,
        ...STRAIGHT_WALLS,
        way: 'across',
        lift: ['lid'],
      },
      {
        id: 'slot-1',
        name: 'First cartridge slot',
        where: 'body',
        shape: { form: 'box', length: 0.11, width: 0.15 },
        depth: 0.02,
        stop: null,
        upperStop: null,
        ...STRAIGHT_WALLS,
        way: 'across',
        lift: ['lid'],
      },
      {
        id: 'slot-2',
        name: 'Second cartridge slot',
        where: 'body',
        shape: { form: 'box', length: 0.11, width: 0.15 },
        depth: 0.02,
        stop: null,
        upperStop: null,
        ...STRAIGHT_WALLS,
        way: 'across',
        lift: ['lid'],
      },
    ],
  },
  'internal-sponge': {
    labelFlow: 300 * LITRES_PER_HOUR,
    spill: null,
    chambers: [
      {
        id: 'sponge',
        name: 'Sponge',
        where: 'body',
        shape: { form: 'sleeve', diameter: 0.07, height: 0.12 },
        depth: 0.025,
        stop: null,
        upperStop: null,
        ...STRAIGHT_WALLS,
        way: 'inward',
        lift: ['filter head'],
      },
    ],
  },
  'internal-compartments': {
    labelFlow: 600 * LITRES_PER_HOUR,
    spill: null,
    // As wide as the slots, and just as high as the tank’s water (common practice, no source).
    openEdge: { belowWater: 0, width: 0.22 },
    chambers: [1, 2, 3].map((number): UnplacedChamber => ({
      id: `slot-${number}`,
      where: 'body',
      name: number === 1 ? 'Inlet slot' : `Slot ${number}`,
      shape: { form: 'box', length: 0.22, width: 0.1 },
      depth: 0.06,
      stop: null,
      upperStop: null,
      ...STRAIGHT_WALLS,
      way: 'across',
      lift: ['lid'],
    })),
  },
  composed: {
    labelFlow: 600 * LITRES_PER_HOUR,
    spill: null,
    chambers: [
      {
        id: 'chamber-1',
        name: 'Chamber 1',
        where: 'body',
        shape: { form: 'box', length: 0.15, width: 0.15 },
        depth: 0.1,
        stop: null,
        upperStop: null,
        ...STRAIGHT_WALLS,
        way: 'across',
        lift: [],
      },
    ],
  },
};
