import type { Layer } from '../layers/layer';
import { plainLayer } from '../layers/plainLayer';
import { mediumById } from '../media/catalogue';
import { ownMediumLike } from '../media/ownMedium';
import type { OwnMedium } from '../media/ownMediumSchema';
import type { Block } from './block';
import { blockFigures } from './printedBlock';

/** Water that stays on its faces when it drips, as a share of its mass (calibrated). */
const STAYS_WET = 0.1;

/**
 * A printed block as a medium of the keeper’s own and a layer of it: its figures are those of its geometry.
 *
 * @param density of the material, kg/m³
 * @param id of the layer and its medium
 */
export function blockMedium(
  block: Block,
  density: number,
  chamberId: string,
  id: string,
): { readonly medium: OwnMedium; readonly layer: Layer } {
  const { porosity } = blockFigures(block);
  const dryBulk = (1 - porosity) * density;
  const medium: OwnMedium = {
    ...ownMediumLike(id, mediumById('printed-block')),
    name: `Printed block, ${Math.round(block.rib * 1e4) / 10} mm ribs`,
    geometry: { form: 'ribbon', thickness: block.rib, porosity },
    dryBulk,
    drainedBulk: dryBulk * (1 + STAYS_WET),
  };
  const cut = { length: block.length, width: block.width };
  return { medium, layer: { ...plainLayer(id, id, chamberId, block.height), own: medium, cut } };
}
