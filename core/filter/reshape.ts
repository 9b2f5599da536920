import type { ChamberShape } from './chamberShape';
import { faceSides, deepest, isInward } from './chamberGeometry';
import type { UnplacedChamber } from './chamberLayout';

/** Bore of a centre pipe as a share of the tray's width, when it is not known yet. */
const USUAL_BORE = 0.16;

/** The chamber with a cross-section of another form, as near in size as the form allows; all of it stays valid. */
export function reshape(chamber: UnplacedChamber, form: ChamberShape['form']): UnplacedChamber {
  const { shown, into } = faceSides(chamber.shape);
  const height = isInward(chamber.shape) ? shown : chamber.depth;
  const width = isInward(chamber.shape) && 'diameter' in chamber.shape ? chamber.shape.diameter : shown;
  const shape = shapeOf(form, { width, into: isInward(chamber.shape) ? width : into, height });
  const depth = Math.min(chamber.depth, deepest(shape) / 2);
  if (isInward(shape)) return { ...chamber, shape, depth, stop: null, way: 'inward' };
  const way = chamber.way === 'inward' ? 'up' : chamber.way;
  return {
    ...chamber,
    shape,
    way,
    depth,
    stop: chamber.stop === null ? null : Math.min(chamber.stop, depth),
  };
}

function shapeOf(
  form: ChamberShape['form'],
  size: { width: number; into: number; height: number },
): ChamberShape {
  const { width, into, height } = size;
  switch (form) {
    case 'box':
      return { form, length: width, width: into };
    case 'cylinder':
      return { form, diameter: width };
    case 'annulus':
      return { form, diameter: width, bore: width * USUAL_BORE };
    case 'perimeter':
      return { form, length: width, width: into, height };
    case 'sleeve':
      return { form, diameter: width, height };
  }
}
