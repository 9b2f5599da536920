import type { Chamber } from '../filter/filter';
import type { Layer } from './layer';
import { measureLayer } from './measureLayer';
import { mediumOf } from './mediumOf';
import { solidsFactor } from './solidsFactor';

/**
 * How much of a loose medium is in a layer, as it would be poured, m³: what is placed by hand lies closer, small bags
 * leave gaps.
 *
 * @param from where it begins along its chamber, m: matters only where water goes inward from all sides
 */
export const pouredVolume = (chamber: Chamber, layer: Layer, from: number): number =>
  measureLayer(chamber, layer, from).volume * solidsFactor(mediumOf(layer), layer);
