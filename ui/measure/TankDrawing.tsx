'use client';
import type { Filter } from '@/core/filter/filter';
import { intakeSponge } from '@/core/filter/intakeSponge';
import type { Place } from '@/core/filter/places';
import type { Aim } from '@/core/filter/ports';
import { netVolume } from '@/core/tank/netVolume';
import type { Tank } from '@/core/tank/tank';
import { WATER_BOUNDS } from '@/core/tank/waterBounds';
import type { Water } from '@/core/tank/water';
import { useWords } from '../fields/UnitsProvider';
import { QuantityField } from '../fields/QuantityField';
import { ShapeField } from './ShapeField';
import styles from './TankDrawing.module.css';

const DRAWING_PX = { width: 164, height: 112 };
const MARGIN_PX = { left: 2, right: 120, top: 24, bottom: 14 };
/** How far back the tank is drawn, px: its width runs along that edge. */
const BACK_SHIFT_PX = { x: 20, y: -16 };
/** Room that the volume takes in the drawing, px to either side of its middle. */
const VOLUME_ROOM = 34;
/** An intake whose depth was not measured is drawn this far down, share of the water. */
const USUAL_DEPTH = 0.75;
/** Between two ports at one place, and from an intake to the outlet beside it, px. */
const PORT_STEP = 16;
const OUTLET_STEP = 10;
/** A tank of which only the water is known is drawn in these proportions, width to height. */
const USUAL_PROPORTION = 1.9;

interface Props {
  readonly tank: Tank;
  readonly filters: readonly Filter[];
  readonly onWater: (water: Water) => void;
}

/** The tank from the front, to scale: glass, water level, substrate; its sides are typed on their dimension lines. */
export function TankDrawing({ tank, filters, onWater }: Props) {
  const words = useWords();
  const { water } = tank;
  const volume = netVolume(water);
  const size = drawnSize(tank);
  const scale = Math.min(DRAWING_PX.width / size.width, DRAWING_PX.height / size.height);
  const [width, height] = [size.width * scale, size.height * scale];
  const bottom = MARGIN_PX.top + height;
  const y = (above: number): number => bottom - above * scale;
  const right = MARGIN_PX.left + width;
  const placeX = (place: Place, index: number): number => {
    if (place === 'middle') return MARGIN_PX.left + width / 2 + (index - 0.5) * PORT_STEP;
    return place === 'left' ? MARGIN_PX.left + 12 + index * PORT_STEP : right - 12 - index * PORT_STEP;
  };
  const portX = ({ place }: { place: Place }, index: number): number => placeX(place, index);
  const pipes = [
    ...filters.flatMap(({ intakes, outlets }) => [intakes, outlets].flatMap((ports) => ports.map(portX))),
    ...tank.circulation.map(portX),
  ];
  const volumeX = freeOf(pipes, MARGIN_PX.left, right);
  return (
    <div className={styles.drawing}>
      <svg
        width={DRAWING_PX.width + MARGIN_PX.left + MARGIN_PX.right}
        height={height + MARGIN_PX.top + MARGIN_PX.bottom}
        role="img"
        aria-label={`${tank.name}: ${words.show({ kind: 'volume', si: volume.value })} of water`}
      >
        <path
          d={`M${MARGIN_PX.left} ${MARGIN_PX.top} l${BACK_SHIFT_PX.x} ${BACK_SHIFT_PX.y} H${right + BACK_SHIFT_PX.x} V${bottom + BACK_SHIFT_PX.y} L${right} ${bottom} M${right} ${MARGIN_PX.top} l${BACK_SHIFT_PX.x} ${BACK_SHIFT_PX.y}`}
          fill="none"
          stroke="var(--rule)"
        />
        <rect
          x={MARGIN_PX.left}
          y={y(size.fill)}
          width={width}
          height={size.fill * scale}
          fill="var(--wash)"
        />
        {water.how === 'measured' && water.substrate.depth > 0 ? (
          <g>
            <rect
              x={MARGIN_PX.left}
              y={y(water.substrate.depth)}
              width={width}
              height={water.substrate.depth * scale}
              fill="var(--stone)"
            />
            <path
              d={`M${MARGIN_PX.left} ${y(water.substrate.depth)} h${width}`}
              stroke="var(--stoneLine)"
              strokeDasharray="2 3"
            />
          </g>
        ) : null}
        <path
          d={`M${MARGIN_PX.left} ${MARGIN_PX.top} V${bottom} H${right} V${MARGIN_PX.top}`}
          fill="none"
          stroke="var(--ink)"
          strokeWidth={2}
        />
        <path d={`M${MARGIN_PX.left} ${y(size.fill)} H${right}`} stroke="var(--river)" strokeWidth={2} />
        {filters.map((filter) =>
          filter.intakes.map((intake, position) => (
            <IntakeMark
              // Intakes have no name of their own; their place distinguishes them.
              key={`${filter.id} ${position}`}
              x={placeX(intake.place, position)}
              top={y(size.fill)}
              foot={y(Math.max(0, size.fill - (intake.depth ?? size.fill * USUAL_DEPTH)))}
              sponge={intakeSponge(filter) !== null}
            />
          )),
        )}
        {filters.map((filter) =>
          filter.outlets.map((outlet, at) => (
            <StreamMark
              key={`${filter.id} ${at}`}
              x={placeX(outlet.place, at) + (outlet.place === 'right' ? -OUTLET_STEP : OUTLET_STEP)}
              y={y(size.fill) + 7}
              place={outlet.place}
              aim={outlet.aim}
            />
          )),
        )}
        {tank.circulation.map((pump, at) => (
          <StreamMark
            key={at}
            x={placeX(pump.place, at)}
            y={y(size.fill * 0.62)}
            place={pump.place}
            aim={pump.aim}
            pump
          />
        ))}
        <text x={volumeX} y={y(size.fill / 2) + 2} textAnchor="middle" className={styles.volume}>
          {words.show({ kind: 'volume', si: volume.value })}
        </text>
        <text x={volumeX} y={y(size.fill / 2) + 18} textAnchor="middle" className={styles.spread}>
          ±{words.show({ kind: 'volume', si: volume.spread }, 1)}
        </text>
        {water.how === 'measured' ? (
          <path
            className={styles.dimension}
            d={`M${MARGIN_PX.left} ${bottom + 4} v8 m0 -4 H${right} m0 -4 v8 M${right + BACK_SHIFT_PX.x + 6} ${y(size.fill)} h10 m-5 0 V${bottom} m-5 0 h10`}
          />
        ) : null}
      </svg>
      {water.how === 'measured' ? (
        <>
          <div className={styles.along}>
            <ShapeField side="length" water={water} onWater={onWater} />
            <ShapeField side="diameter" water={water} onWater={onWater} />
          </div>
          <div className={styles.across} style={{ left: right + BACK_SHIFT_PX.x + 22 }}>
            <ShapeField side="width" water={water} onWater={onWater} />
            <QuantityField
              label="Water level"
              bounds={WATER_BOUNDS.fill}
              value={water.fill}
              onChange={(si) => si !== null && onWater({ ...water, fill: si })}
            />
          </div>
        </>
      ) : null}
    </div>
  );
}

/** The middle of the widest stretch of water that no pipe crosses, px: there the volume is written. */
function freeOf(pipes: readonly number[], left: number, right: number): number {
  const middle = (left + right) / 2;
  if (pipes.every((pipe) => Math.abs(pipe - middle) > VOLUME_ROOM)) return middle;
  const edges = [left, ...pipes, right].sort((a, b) => a - b);
  const stretches = edges.slice(1).map((edge, index) => [edges[index] ?? left, edge] as const);
  const [from, to] = stretches.reduce((widest, stretch) =>
    stretch[1] - stretch[0] > widest[1] - widest[0] ? stretch : widest,
  );
  return (from + to) / 2;
}

/** The tube that takes water in, down to its strainer. */
function IntakeMark({ x, top, foot, sponge }: { x: number; top: number; foot: number; sponge: boolean }) {
  return (
    <g>
      <path d={`M${x} ${top - 9} V${foot}`} stroke="var(--ink)" strokeWidth={2.5} />
      {sponge ? (
        <rect x={x - 5} y={foot - 12} width={10} height={14} fill="var(--foam)" stroke="var(--foamLine)" />
      ) : (
        <path d={`M${x - 4} ${foot} h8 M${x - 4} ${foot - 4} h8`} stroke="var(--ink)" strokeWidth={1.5} />
      )}
    </g>
  );
}

/** A stream of water as an arrow the way it points; toward the front it comes at the reader. */
function StreamMark({
  x,
  y,
  place,
  aim,
  pump = false,
}: {
  x: number;
  y: number;
  place: Place;
  aim: Aim;
  pump?: boolean;
}) {
  const along = place === 'right' ? -1 : 1;
  const [dx, dy] = { 'along the tank': [26 * along, 0], up: [0, -11], down: [0, 14], 'to the front': [0, 0] }[
    aim
  ] as [number, number];
  return (
    <g stroke="var(--river)" strokeWidth={2} fill="none">
      {pump ? (
        <circle cx={x} cy={y} r={4.5} fill="var(--sheet)" stroke="var(--ink)" strokeWidth={1.5} />
      ) : null}
      {aim === 'to the front' ? (
        <>
          <circle cx={x} cy={y} r={5} />
          <circle cx={x} cy={y} r={1} />
        </>
      ) : (
        <path
          d={`M${x} ${y} l${dx} ${dy} ${dx === 0 ? `m-3.5 ${-Math.sign(dy) * 4} l3.5 ${Math.sign(dy) * 4} l3.5 ${-Math.sign(dy) * 4}` : `m${-4 * along} -3.5 l${4 * along} 3.5 l${-4 * along} 3.5`}`}
        />
      )}
    </g>
  );
}

function drawnSize({ water }: Tank): { width: number; height: number; fill: number } {
  if (water.how === 'measured') {
    const width = water.shape.form === 'cylinder' ? water.shape.diameter : water.shape.length;
    return { width, height: Math.max(water.shape.height, water.fill), fill: water.fill };
  }
  const height = Math.cbrt(water.volume / USUAL_PROPORTION);
  return { width: height * USUAL_PROPORTION, height: height * 1.08, fill: height };
}
