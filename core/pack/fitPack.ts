import type { Filter } from '../filter/filter';
import { findMedium, UNKNOWN_MEDIUM } from '../media/catalogue';
import type { Pack } from './pack';

/**
 * The pack made to fit its filter: a medium that the catalogue does not have becomes the unknown one, and a layer of
 * a chamber that is not there moves to the first chamber of the body. A pack that fits comes back as it is.
 */
export function fitPack(filter: Filter, pack: Pack): Pack {
  const chambers = new Set(filter.chambers.map((chamber) => chamber.id));
  const home = (filter.chambers.find((chamber) => chamber.where === 'body') ?? filter.chambers[0])?.id;
  const layers = pack.layers.map((layer) => {
    const medium = findMedium(layer.medium) === undefined ? UNKNOWN_MEDIUM : layer.medium;
    const chamber = chambers.has(layer.chamber) ? layer.chamber : (home ?? layer.chamber);
    return medium === layer.medium && chamber === layer.chamber ? layer : { ...layer, medium, chamber };
  });
  return layers.every((layer, index) => layer === pack.layers[index]) ? pack : { ...pack, layers };
}
