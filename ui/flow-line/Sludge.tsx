import { memo } from 'react';
import type { SludgeSlice } from '@/core/dirt/dayState';
import type { LayerBox } from './flowLineLayout';
import { DIRT_GROUPS, groupShare } from '../drawing/dirtGroups';

/** Shares of what fits below which nothing is drawn. */
const VISIBLE = 0.004;

/**
 * Sludge in a layer, slice by slice in flow order: each rises from the bottom by its share of what fits, the finest
 * lowest. A slice filled to the top catches nothing any more.
 */
export const Sludge = memo(function Sludge({
  slices,
  box,
  along,
  axis,
}: {
  slices: readonly SludgeSlice[];
  box: LayerBox;
  along: number;
  axis: number;
}) {
  const height = box.half * 2;
  return (
    <g pointerEvents="none" data-sludge={box.report.layerId}>
      {slices.flatMap((slice) => {
        const x = box.x + (slice.from - box.report.from) * along;
        const width = (slice.to - slice.from) * along;
        let under = 0;
        return DIRT_GROUPS.flatMap((group) => {
          const share = Math.min(1 - under, groupShare(slice.bySize, group));
          if (share < VISIBLE) return [];
          under += share;
          return [
            <rect
              key={`${slice.from} ${group.name}`}
              x={x}
              y={axis + box.half - under * height}
              width={width}
              height={share * height}
              fill={group.colour}
              fillOpacity={0.86}
            />,
          ];
        });
      })}
    </g>
  );
});
