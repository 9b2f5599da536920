import { volumeBetween } from './chamberGeometry';
import type { Filter } from './filter';
import { usableDepth } from './usableDepth';
import { sumOf } from '../maths/sum';

/** Room for media in the body, to the stops, m³. The sponge on the intake is not counted. */
export const mediaVolume = ({ chambers }: Pick<Filter, 'chambers'>): number =>
  sumOf(
    chambers.filter((chamber) => chamber.where === 'body'),
    (chamber) => volumeBetween(chamber.shape, 0, usableDepth(chamber)),
  );
