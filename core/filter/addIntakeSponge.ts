import { STRAIGHT_WALLS } from './straightWalls';
import type { Filter } from './filter';
import { chamberLayout, type UnplacedChamber } from './chamberLayout';
import { tubeOf } from './tubeOf';

/** Wall and length of a usual sponge, m (common practice, no source). */
const USUAL_WALL = 0.02;
const USUAL_LENGTH = 0.08;

/** A sleeve of sponge that fits the filter's intake: its bore is the tube. */
export function spongeFor({ intakes }: Pick<Filter, 'intakes'>): UnplacedChamber {
  const tube = tubeOf(intakes);
  return {
    id: 'intake-sponge',
    name: 'Intake sponge',
    where: 'intake',
    shape: { form: 'sleeve', diameter: tube + 2 * USUAL_WALL, height: USUAL_LENGTH },
    depth: USUAL_WALL,
    stop: null,
    upperStop: null,
    ...STRAIGHT_WALLS,
    way: 'inward',
    lift: [],
  };
}

/** The filter with a sponge on its intake, first in flow; unchanged when it has one. */
export function addIntakeSponge(filter: Filter): Filter {
  if (filter.chambers.some((chamber) => chamber.where === 'intake')) return filter;
  return { ...filter, ...chamberLayout(filter.kind, [spongeFor(filter), ...filter.chambers], filter.spill) };
}

/** Inside diameter of a sleeve, m, that its tube has to fill. */
export const spongeBore = (sponge: UnplacedChamber): number =>
  sponge.shape.form === 'sleeve' ? sponge.shape.diameter - 2 * sponge.depth : 0;
