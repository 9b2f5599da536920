import type { ChamberShape } from '../filter/chamberShape';
import { faceArea, deepest } from '../filter/chamberGeometry';

/** What a path of changing cross-section A does to a flow: ∫dx/A in 1/m and ∫dx/A² in 1/m³. */
export interface PathIntegrals {
  readonly linear: number;
  readonly square: number;
}

/** Share of a shape’s half width from its centre that counts as reached: nearer, the face would shrink to nothing. */
const CORE = 0.02;

/**
 * The integrals from `from` to `to` along a chamber’s flow, m. In straight chambers the face stays the same; in a
 * sleeve it shrinks with the radius, in a perimeter shell with the inset.
 *
 * @source calculus: A = 2πrH gives ln(r₁/r₂)/2πH and (1/r₂ − 1/r₁)/(2πH)²; A = 2H·s, s = L + W − 4x gives
 *   ln(s₁/s₂)/8H and (1/s₂ − 1/s₁)/16H².
 */
export function pathIntegrals(shape: ChamberShape, from: number, to: number): PathIntegrals {
  switch (shape.form) {
    case 'box':
    case 'cylinder':
    case 'annulus': {
      const area = faceArea(shape, 0);
      return { linear: (to - from) / area, square: (to - from) / area ** 2 };
    }
    case 'sleeve': {
      const radius = (index: number): number =>
        Math.max(shape.diameter / 2 - index, (CORE * shape.diameter) / 2);
      const around = 2 * Math.PI * shape.height;
      const [outer, inner] = [radius(from), radius(to)];
      return { linear: Math.log(outer / inner) / around, square: (1 / inner - 1 / outer) / around ** 2 };
    }
    case 'perimeter': {
      const whole = shape.length + shape.width;
      const most = deepest(shape) * (1 - CORE);
      const side = (place: number): number => whole - 4 * Math.min(place, most);
      const [outer, inner] = [side(from), side(to)];
      return {
        linear: Math.log(outer / inner) / (8 * shape.height),
        square: (1 / inner - 1 / outer) / (16 * shape.height ** 2),
      };
    }
  }
}
