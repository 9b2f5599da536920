import { usableDepth } from '../filter/usableDepth';
import type { Layer } from '../layers/layer';
import type { PlacedLayer } from '../layers/placedLayer';
import type { PackEdit } from '../pack/packEdit';
import { sumOf } from '../maths/sum';

/** Rounding of sums of thicknesses, m. */
const DEPTH_ROUNDING = 1e-6;

/** How a piece that came out goes back into a plan. */
export interface KeptPiece {
  readonly edit: PackEdit;
  /** New layers that leave the plan for it. */
  readonly instead: readonly PlacedLayer[];
  /** The chamber holds it. */
  readonly fits: boolean;
}

/**
 * The change that puts a piece back where it was: into its chamber, in place of the new layer that is most like it there
 * (its own medium, else its role), and of more new layers where its thickness needs their space.
 *
 * @param piece as it was in the filter
 * @param inFlow the plan
 * @param isNew true for the layers of the plan that were not in the filter
 */
export function keepPiece(
  piece: PlacedLayer,
  inFlow: readonly PlacedLayer[],
  isNew: (layer: Layer) => boolean,
): KeptPiece {
  const inChamber = inFlow.filter(({ chamber }) => chamber.id === piece.chamber.id);
  const likeness = ({ medium, role }: PlacedLayer): number =>
    medium.id === piece.medium.id ? 2 : role === piece.role ? 1 : 0;
  const candidates = inChamber.filter(({ layer }) => isNew(layer)).sort((a, b) => likeness(b) - likeness(a));
  const thickness = (layers: readonly PlacedLayer[]): number => sumOf(layers, ({ layer }) => layer.thickness);
  const room = usableDepth(piece.chamber) + DEPTH_ROUNDING - piece.layer.thickness;
  const instead: PlacedLayer[] = [];
  const left = (): readonly PlacedLayer[] => inChamber.filter((placed) => !instead.includes(placed));
  for (const candidate of candidates) {
    // What came in its place goes for it, even where both would fit.
    const isInItsPlace = instead.length === 0 && likeness(candidate) > 0;
    if (thickness(left()) <= room && !isInItsPlace) break;
    instead.push(candidate);
  }
  const first = inChamber.findIndex((placed) => instead.includes(placed));
  return {
    edit: {
      type: 'all',
      edits: [
        ...instead.map(({ layer }) => ({ type: 'remove' as const, layerId: layer.id })),
        {
          type: 'add',
          // It goes back whole: what was decided of it no longer holds.
          layer: { ...piece.layer, treatment: 'keep' },
          index: first === -1 ? inChamber.length : first,
        },
      ],
    },
    instead,
    fits: thickness(left()) <= room,
  };
}
