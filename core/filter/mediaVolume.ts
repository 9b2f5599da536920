import { volumeBetween } from './chamberGeometry';
import type { Filter } from './filter';
import { usableDepth } from './usableDepth';

/** Room for media in the body, to the stops, m³. The sponge on the intake is not counted. */
export const mediaVolume = ({ chambers }: Pick<Filter, 'chambers'>): number =>
  chambers
    .filter((chamber) => chamber.where === 'body')
    .reduce((sum, chamber) => sum + volumeBetween(chamber.shape, 0, usableDepth(chamber)), 0);
