'use client';
import { LITRE } from '@/core/units/siFactors';
import { bedGeometry } from '@/core/media/bedGeometry';
import type { Medium } from '@/core/media/medium';
import { usableSurface } from '@/core/layers/usableSurface';
import { useWords } from '../fields/UnitsProvider';

/** Surface of a litre of a medium: what bacteria can use, with its range, against what is there and what is claimed. */
export function SurfaceLine({ medium }: { medium: Medium }) {
  const words = useWords();
  const show = (si: number): string => words.show({ kind: 'surface', si });
  const { low, likely, high } = usableSurface(medium, LITRE);
  if (likely === 0) return null;
  const geometric = bedGeometry(medium.geometry).specificSurface * LITRE;
  const claimed = medium.claimedSurface;
  return (
    <p className="quiet">
      Surface for bacteria in {words.show({ kind: 'volume', si: LITRE }, 0)}: {show(likely)} usable, likely
      range {show(low)} to {show(high)} ({medium.provenance.surface}). Outer surface {show(geometric)}
      {claimed === null
        ? '.'
        : `; makers claim about ${words.show({ kind: 'surface', si: claimed * LITRE }, 0)}, but nearly all of it is in pores too narrow for water to flow through.`}
    </p>
  );
}
