import { area, line } from 'd3-shape';
import { linearScale } from '../drawing/linearScale';
import type { DayState } from '@/core/dirt/dayState';
import type { PackReport } from '@/core/report/evaluatePack';
import { useWords } from '../fields/UnitsProvider';
import type { FlowLineLayout } from '../flow-line/flowLineLayout';
import lanes from './Lanes.module.css';
import { DIRT_GROUPS, groupShare, type DirtGroup } from '../drawing/dirtGroups';

const HEIGHT = 40;

/** Dirt still in the water along the flow: of each size, the share that is left of what comes in. */
export function DirtLane({
  layout,
  report,
  state,
}: {
  layout: FlowLineLayout;
  report: PackReport;
  state: DayState;
}) {
  const words = useWords();
  const boxes = layout.chambers.flatMap(({ layers }) => layers);
  const leftOf = (place: number, group: DirtGroup): number => {
    const first = groupShare(state.along[0] ?? [], group);
    return first > 0 ? groupShare(state.along[place] ?? [], group) / first : 0;
  };
  const y = linearScale([0, 1], [HEIGHT - 1, 3]);
  // Before each layer the water is mixed; through it the dirt falls, drawn as a straight line.
  const pointsOf = (group: DirtGroup) =>
    boxes.flatMap((box, index) => [
      { x: box.x, share: leftOf(index, group) },
      { x: box.x + box.width, share: leftOf(index + 1, group) },
    ]);
  const shape = area<{ x: number; share: number }>()
    .x((point) => point.x)
    .y0(y(0))
    .y1((point) => y(point.share));
  const edge = line<{ x: number; share: number }>()
    .x((point) => point.x)
    .y((point) => y(point.share));
  const biological = report.layers.findIndex((layer) => layer.role === 'biological');
  const place = biological > 0 ? biological : report.layers.length;
  const share = (si: number): string => words.show({ kind: 'share', si });
  const reaching = [...DIRT_GROUPS]
    .reverse()
    .map((group) => `${group.name} ${share(leftOf(place, group))}`)
    .join(', ');
  return (
    <figure className={lanes.lane}>
      <figcaption className={lanes.caption}>
        <span className="caption">Dirt still in the water, of each size, %</span>
        <strong>
          {reaching} {biological > 0 ? 'reach the biological media' : 'go back to the tank'}
        </strong>
      </figcaption>
      <svg
        className={lanes.bars}
        width={layout.width}
        height={HEIGHT}
        role="img"
        aria-label={`Dirt still in the water after each layer: ${DIRT_GROUPS.map(
          (group) =>
            `${group.name} (${group.size}) ${report.layers.map((_, position) => share(leftOf(position + 1, group))).join(', ')}`,
        ).join('; ')}`}
      >
        {DIRT_GROUPS.map((group) => (
          <g key={group.name}>
            <path d={shape(pointsOf(group)) ?? ''} fill={group.colour} fillOpacity={0.75} />
            <path d={edge(pointsOf(group)) ?? ''} fill="none" stroke="var(--ink)" strokeWidth={0.6} />
          </g>
        ))}
        {boxes.map((box) => (
          <path key={box.report.layerId} d={`M${box.x + box.width} 0 V${HEIGHT}`} stroke="var(--hair)" />
        ))}
        <path d={`M0 ${HEIGHT - 0.5} H${layout.width}`} stroke="var(--rule)" />
      </svg>
    </figure>
  );
}
