'use client';
import { linearScale } from '../drawing/linearScale';
import { useState } from 'react';
import type { DayState } from '@/core/dirt/dayState';
import type { PackReport } from '@/core/report/evaluatePack';
import type { Quantity } from '@/core/units/quantity';
import { useWords } from '../fields/UnitsProvider';
import type { Words } from '../fields/wordsFor';
import { ToggleManyField } from '../fields/ToggleField';
import { useFlowLine } from '../flow-line/FlowLineContext';
import type { FlowLineLayout } from '../flow-line/flowLineLayout';
import { lazyPart } from '../frame/lazyPart';
import styles from './Lanes.module.css';
import { Explanation } from '../frame/Explanation';
import { sumOf } from '@/core/maths/sum';

// Loaded when it is asked for.
const DirtLane = lazyPart(() => import('./DirtLane').then((module) => module.DirtLane));

const LANE_HEIGHT = 34;
/** Width of a bar, px, from which its number fits inside or above it. */
const NUMBER_ROOM = 26;

type LaneKey = 'head' | 'dirt' | 'through' | 'time' | 'surface' | 'ammonia' | 'oxygen';

/** Shown until the keeper turns others on. */
const FIRST_LANES: readonly LaneKey[] = ['through'];
/** What the answer on bacteria is made of: offered once that answer asks for it, and what of it is drawn then. */
const BACTERIA_LANES: readonly LaneKey[] = ['time', 'surface', 'ammonia', 'oxygen'];
const FIRST_BACTERIA_LANES: readonly LaneKey[] = ['ammonia', 'oxygen'];

/** The lane that is not drawn as bars, and its place among the others. */
const DIRT = { key: 'dirt', name: 'dirt' } as const;

interface Lane {
  readonly key: LaneKey;
  readonly name: string;
  readonly title: string;
  readonly summary: string;
  readonly of: (layer: PackReport['layers'][number]) => Quantity;
  /** Digits after the point, if other than the unit's own. */
  readonly digits?: number;
  readonly top: number;
  readonly colour: string;
}

interface Props {
  /** The day shown; null while it is not known. */
  readonly state: DayState | null;
  /** The answer on bacteria asks for what it is made of. */
  readonly ofBacteria: boolean;
}

/** Figures of each layer under the section, on the same axis in flow order. */
export function Lanes({ state, ofBacteria }: Props) {
  const words = useWords();
  const { layout, report } = useFlowLine();
  const [shown, setShown] = useState(FIRST_LANES);
  const [offers, setOffers] = useState(false);
  if (ofBacteria !== offers) {
    setOffers(ofBacteria);
    setShown([
      ...shown.filter((key) => !BACTERIA_LANES.includes(key)),
      ...(ofBacteria ? FIRST_BACTERIA_LANES : []),
    ]);
  }
  if (report.layers.length === 0) return null;
  const { water } = report;
  const longest = Math.max(...report.layers.map((layer) => layer.bedTime ?? 0));
  const head: Lane = {
    key: 'head',
    name: 'pressure lost',
    title: `Pressure lost, ${words.unit('gap').symbol} of water`,
    summary: `${words.show({ kind: 'gap', si: water.heads.pack }, 1)} in the pack`,
    of: (layer) => ({ kind: 'gap', si: layer.head }),
    digits: 1,
    top: Math.max(...report.layers.map((layer) => layer.head)),
    colour: 'var(--attention)',
  };
  const all: Lane[] = [
    {
      key: 'through',
      name: 'water through',
      title: 'Share of the water that goes through, %',
      summary: `lowest ${words.show({ kind: 'share', si: report.leastPassThrough ?? 0 })}`,
      of: (layer) => ({ kind: 'share', si: layer.passThrough }),
      top: 1,
      colour: 'var(--river)',
    },
    {
      key: 'time',
      name: 'contact time',
      title: `Contact time: how long the water is in each layer, ${words.unit('time').symbol}`,
      summary: `${words.show({ kind: 'time', si: sumOf(report.layers, (layer) => layer.bedTime ?? 0) })} in all`,
      of: (layer) => ({ kind: 'time', si: layer.bedTime ?? 0 }),
      top: longest,
      colour: 'var(--stoneLine)',
    },
    {
      key: 'surface',
      name: 'surface',
      title: `Surface for bacteria, ${words.unit('surface').symbol}`,
      summary: `${words.show({ kind: 'surface', si: report.totals.biologicalSurface })} in biological media`,
      of: (layer) => ({ kind: 'surface', si: layer.surface }),
      top: Math.max(...report.layers.map((layer) => layer.surface)),
      colour: 'var(--plasticLine)',
    },
    ...bacteriaLanes(report, words),
  ];
  const others = all.filter(({ key }) => ofBacteria || !BACTERIA_LANES.includes(key));
  return (
    <div className={styles.lanes}>
      <ToggleManyField<LaneKey>
        label="Charts along the flow"
        options={[head, ...(state === null ? [] : [DIRT]), ...others].map(({ key, name }) => ({
          value: key,
          label: name,
        }))}
        values={shown}
        onChange={setShown}
        className={styles.switches}
      />
      {shown.includes('head') ? <BarLane lane={head} layout={layout} report={report} /> : null}
      {shown.includes('dirt') && state !== null && state.along.length === report.layers.length + 1 ? (
        <DirtLane layout={layout} report={report} state={state} />
      ) : null}
      {others
        .filter(({ key }) => shown.includes(key))
        .map((lane) => (
          <BarLane key={lane.key} lane={lane} layout={layout} report={report} />
        ))}
    </div>
  );
}

/** What the bacteria of each layer take up, and the oxygen they leave; none where nothing is fed. */
function bacteriaLanes({ bacteria }: PackReport, words: Words): Lane[] {
  if (bacteria === null) return [];
  const of = (layerId: string) => bacteria.layers.find((layer) => layer.layerId === layerId);
  const least = Math.min(bacteria.oxygen, ...bacteria.layers.map(({ oxygenAfter }) => oxygenAfter));
  return [
    {
      key: 'ammonia',
      name: 'ammonia',
      title: `Ammonia taken up, ${words.unit('milligram').symbol} a day, as nitrogen (N)`,
      summary: `${words.show({ kind: 'share', si: bacteria.outsideShare })} is taken up outside this filter`,
      of: (layer) => ({ kind: 'milligram', si: of(layer.layerId)?.ammonia ?? 0 }),
      top: Math.max(...bacteria.layers.map(({ ammonia }) => ammonia)),
      colour: 'var(--foamLine)',
    },
    {
      key: 'oxygen',
      name: 'oxygen',
      title: `Oxygen after the layer, ${words.unit('concentration').symbol}`,
      summary: `${words.show({ kind: 'concentration', si: bacteria.oxygen })} in the tank, ${words.show({ kind: 'concentration', si: least })} at the lowest`,
      of: (layer) => ({ kind: 'concentration', si: of(layer.layerId)?.oxygenAfter ?? 0 }),
      top: bacteria.oxygen,
      colour: 'var(--river)',
    },
  ];
}

function BarLane(props: { lane: Lane; layout: FlowLineLayout; report: PackReport }) {
  const { lane } = props;
  return (
    <figure className={styles.lane}>
      <figcaption className={styles.caption}>
        <span className="caption">
          {lane.title}
          {lane.key === 'head' ? <Explanation of="Pressure lost" /> : null}
        </span>
        <strong>{lane.summary}</strong>
      </figcaption>
      <LaneBars {...props} />
    </figure>
  );
}

function LaneBars({ lane, layout, report }: { lane: Lane; layout: FlowLineLayout; report: PackReport }) {
  const words = useWords();
  const height = linearScale([0, lane.top || 1], [0, LANE_HEIGHT - 14]);
  const values = report.layers.map((layer) => words.show(lane.of(layer), lane.digits)).join(', ');
  return (
    <svg
      className={styles.bars}
      width={layout.width}
      height={LANE_HEIGHT}
      role="img"
      aria-label={`${lane.title}, in flow order: ${values}`}
    >
      <path d={`M0 ${LANE_HEIGHT - 0.5} H${layout.width}`} stroke="var(--rule)" />
      {layout.chambers.flatMap((chamber) =>
        chamber.layers.map((box) => {
          const value = lane.of(box.report);
          const rise = height(value.si);
          return (
            <g key={box.report.layerId}>
              <rect
                x={box.x + 0.5}
                y={LANE_HEIGHT - rise}
                width={Math.max(0, box.width - 1)}
                height={rise}
                fill={lane.colour}
              />
              {box.width >= NUMBER_ROOM ? (
                <text
                  x={box.x + box.width / 2}
                  y={LANE_HEIGHT - rise - 3}
                  textAnchor="middle"
                  className={styles.number}
                >
                  {words.parts(value, lane.digits).number}
                </text>
              ) : null}
            </g>
          );
        }),
      )}
    </svg>
  );
}
