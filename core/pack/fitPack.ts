import type { Filter } from '../filter/filter';
import { madeOnlyOf } from '../layers/madeOnlyOf';
import { unknownMedia } from '../layers/unknownMedia';
import { UNKNOWN_MEDIUM } from '../media/catalogue';
import type { Pack } from './pack';

/**
 * The pack made to fit its filter: a medium that the catalogue does not have becomes the unknown one, and a layer of
 * a chamber that is not there moves to the first chamber of the body. A pack that fits comes back as it is.
 */
export function fitPack(filter: Filter, pack: Pack): Pack {
  const chambers = new Set(filter.chambers.map((chamber) => chamber.id));
  const home = (filter.chambers.find((chamber) => chamber.where === 'body') ?? filter.chambers[0])?.id;
  const layers = pack.layers.map((layer) => {
    const made = unknownMedia(layer).length > 0 ? madeOnlyOf(UNKNOWN_MEDIUM) : null;
    const chamber = chambers.has(layer.chamber) ? layer.chamber : (home ?? layer.chamber);
    return made === null && chamber === layer.chamber ? layer : { ...layer, ...made, chamber };
  });
  return layers.every((layer, index) => layer === pack.layers[index]) ? pack : { ...pack, layers };
}
