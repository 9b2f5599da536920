import { bedGeometry } from '../media/bedGeometry';
import type { Medium } from '../media/medium';
import type { Provenance } from '../media/provenance';
import type { Range } from '../maths/range';

/** Surface of a medium, m² in a m³ of bed: what boxes claim, what its shape has, and what a film can use. */
export interface ClaimedSurface {
  readonly medium: Medium;
  /** null: no claim is known. */
  readonly claimed: number | null;
  /** How many times what a film can use is claimed; null: nothing is. */
  readonly times: number | null;
  readonly geometric: number;
  readonly usable: Range;
  readonly provenance: Provenance;
}

/** Claimed against usable surface of media, the most usable first. */
export const claimedSurfaces = (media: readonly Medium[]): readonly ClaimedSurface[] =>
  media
    .map((medium): ClaimedSurface => {
      const geometric = bedGeometry(medium.geometry).specificSurface;
      const { low, likely, high } = medium.usableShare;
      return {
        medium,
        claimed: medium.claimedSurface,
        times: medium.claimedSurface === null ? null : medium.claimedSurface / (likely * geometric),
        geometric,
        usable: { low: low * geometric, likely: likely * geometric, high: high * geometric },
        provenance: medium.provenance.surface,
      };
    })
    .sort((a, b) => b.usable.likely - a.usable.likely);
