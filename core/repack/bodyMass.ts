import type { Filter } from '../filter/filter';
import { deepest, volumeBetween } from '../filter/chamberGeometry';
import { sumOf } from '../maths/sum';

/** Mass of a litre of water, kg: near enough for hands. */
const WATER = 1000;

/**
 * What a body full of water weighs at least, kg: the water of its chambers; head, walls and media come on top.
 *
 * @source a wet canister’s volume in litres is about its weight in kilograms (common practice, no source)
 */
export const bodyMass = ({ chambers }: Pick<Filter, 'chambers'>): number =>
  sumOf(
    chambers.filter(({ where }) => where === 'body'),
    ({ shape, depth }) => WATER * volumeBetween(shape, 0, Math.min(depth, deepest(shape))),
  );
