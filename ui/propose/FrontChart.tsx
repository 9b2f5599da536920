'use client';
import { scaleLinear, scaleLog } from 'd3-scale';
import { line } from 'd3-shape';
import { useState } from 'react';
import { nonDominated } from '@/core/propose/dominance';
import type { Considered } from '@/core/propose/search';
import { lossOf, type Figures, type Objective } from '@/core/propose/objectives';
import { DAYS_IN } from '@/core/report/serviceSpan';
import { besideEachOther } from '../drawing/besideEachOther';
import { useWidth } from '../drawing/useWidth';
import { ValueAxis } from '../drawing/ValueAxis';
import { useWords } from '../fields/UnitsProvider';
import { formatLayers } from '../flow-line/formatLayers';
import styles from './Propose.module.css';
import { axisName, formatAxisTick, WISH_NAMES, formatObjective, objectiveValue } from './objectiveWords';
import { sumOf } from '@/core/maths/sum';

const HEIGHT = 280;
const [TOP, RIGHT, FOOT, LEFT] = [12, 16, 40, 64];
/** Wishes that are drawn by ratios: from days to a year, from clear to murky. */
const BY_RATIO: readonly Objective[] = ['service', 'clear'];
/** Radius of the mark of a proposal, px. */
const MARK_RADIUS_PX = 9;
/** Px around the pointer in which a pack is looked for. */
const POINTER_RADIUS_PX = 24;

/** A pack with a letter on the chart. */
export interface Marked {
  readonly letter: string;
  readonly figures: Figures;
}

interface Props {
  readonly considered: readonly Considered[];
  readonly marked: readonly Marked[];
  readonly mine: Figures | null;
  readonly x: Objective;
  readonly y: Objective;
  /** The pack that is chosen. */
  readonly chosen: Considered | null;
  readonly onChoose: (pack: Considered, share: number) => void;
}

/** The packs that no other beats in two wishes, from the best in the one to the best in the other. */
export const paretoFront = (considered: readonly Considered[], x: Objective, y: Objective): Considered[] =>
  nonDominated(considered, ({ figures }) => [lossOf(x, figures), lossOf(y, figures)]).sort(
    (a, b) => lossOf(x, b.figures) - lossOf(x, a.figures) || lossOf(y, a.figures) - lossOf(y, b.figures),
  );

/** Two wishes against each other: every pack that was forecast, the front of those that none beats, the proposals and the plan. */
export function FrontChart({ considered, marked, mine, x, y, chosen, onChoose }: Props) {
  const words = useWords();
  const [room, width] = useWidth<HTMLDivElement>(620);
  const [under, setUnder] = useState<Considered | null>(null);
  const front = paretoFront(considered, x, y);
  const all = [
    ...considered.map(({ figures }) => figures),
    ...marked.map(({ figures }) => figures),
    ...(mine === null ? [] : [mine]),
  ];
  const across = scaleFor(x, all, [LEFT, width - RIGHT]);
  const up = scaleFor(y, all, [HEIGHT - FOOT, TOP]);
  const at = (figures: Figures): readonly [number, number] => [
    across(valueOf(x, figures)),
    up(valueOf(y, figures)),
  ];
  const path = line<Considered>()
    .x(({ figures }) => at(figures)[0])
    .y(({ figures }) => at(figures)[1]);
  const said = (figures: Figures): string =>
    `${WISH_NAMES[x].toLowerCase()} ${formatObjective(words, x, figures)}, ${WISH_NAMES[y].toLowerCase()} ${formatObjective(words, y, figures)}`;
  const place = chosen === null ? -1 : front.indexOf(chosen);
  const choose = (next: number): void => {
    const index = Math.max(0, Math.min(front.length - 1, next));
    const pack = front[index];
    if (pack !== undefined) onChoose(pack, front.length > 1 ? index / (front.length - 1) : 0.5);
  };
  const nearest = (clientX: number, clientY: number, box: DOMRect): Considered | null => {
    let [best, least]: [Considered | null, number] = [null, POINTER_RADIUS_PX];
    for (const pack of considered) {
      const [left, top] = at(pack.figures);
      const far = Math.hypot(left - (clientX - box.left), top - (clientY - box.top));
      if (far < least) [best, least] = [pack, far];
    }
    return best;
  };
  const shown = under ?? chosen;
  return (
    <figure ref={room} className={styles.chart}>
      <svg
        width={width}
        height={HEIGHT}
        role="slider"
        tabIndex={0}
        suppressHydrationWarning
        aria-label={`Best packs: ${WISH_NAMES[x].toLowerCase()} against ${WISH_NAMES[y].toLowerCase()}`}
        aria-valuemin={1}
        aria-valuemax={Math.max(1, front.length)}
        aria-valuenow={Math.max(1, place + 1)}
        aria-valuetext={chosen === null ? 'No pack chosen' : said(chosen.figures)}
        onKeyDown={(event) => {
          const step = STEPS[event.key];
          if (step === undefined || front.length === 0) return;
          event.preventDefault();
          choose(
            step === 'first'
              ? 0
              : step === 'last'
                ? front.length - 1
                : place === -1
                  ? Math.floor(front.length / 2)
                  : place + step,
          );
        }}
        onPointerMove={(event) =>
          setUnder(nearest(event.clientX, event.clientY, event.currentTarget.getBoundingClientRect()))
        }
        onPointerLeave={() => setUnder(null)}
        onClick={(event) => {
          const pack = nearest(event.clientX, event.clientY, event.currentTarget.getBoundingClientRect());
          if (pack === null) return;
          const index = front.indexOf(pack);
          onChoose(pack, index === -1 || front.length < 2 ? 0.5 : index / (front.length - 1));
        }}
      >
        <ValueAxis
          y={up}
          ticks={ticksOf(y, up, 5)}
          left={LEFT}
          right={width - RIGHT}
          say={(tick) => formatAxisTick(words, y, tick)}
        />
        {ticksOf(x, across, width < 480 ? 4 : 6).map((tick) => (
          <g key={tick} transform={`translate(${across(tick)} 0)`}>
            <path d={`M0 ${TOP} V${HEIGHT - FOOT}`} stroke="var(--hair)" />
            <text y={HEIGHT - FOOT + 15} textAnchor="middle">
              {formatAxisTick(words, x, tick)}
            </text>
          </g>
        ))}
        <text x={width - RIGHT} y={HEIGHT - 5} textAnchor="end" className={styles.better}>
          {axisName(words, x)}: better →
        </text>
        <text x={4} y={HEIGHT - 5} className={styles.better}>
          ↑ {axisName(words, y)}: better
        </text>
        {considered.map((pack, index) => {
          const [left, top] = at(pack.figures);
          return <circle key={index} cx={left} cy={top} r={2.2} className={styles.point} />;
        })}
        <path d={path(front) ?? ''} className={styles.front} />
        {front.map((pack, index) => {
          const [left, top] = at(pack.figures);
          return <circle key={index} cx={left} cy={top} r={3.2} className={styles.frontPoint} />;
        })}
        {besideEachOther(
          marked.map(({ figures }) => at(figures)),
          2 * MARK_RADIUS_PX,
          width / 2,
        ).map(([left, top], index) => {
          const { letter, figures } = marked[index]!;
          const [from, height] = at(figures);
          return (
            <g key={letter} transform={`translate(${left} ${top})`}>
              <path d={`M${from - left} ${height - top} L0 0`} className={styles.front} />
              <circle r={MARK_RADIUS_PX} className={styles.mark} />
              <text y={4} textAnchor="middle" className={styles.markLetter}>
                {letter}
              </text>
            </g>
          );
        })}
        {mine === null ? null : (
          <g transform={`translate(${at(mine)[0]} ${at(mine)[1]})`}>
            <path d="M0 -8 L8 0 L0 8 L-8 0 Z" className={styles.mine} />
            <text x={11} y={4} className={styles.mineWord}>
              your plan
            </text>
          </g>
        )}
        {shown === null ? null : (
          <circle cx={at(shown.figures)[0]} cy={at(shown.figures)[1]} r={6.5} className={styles.chosen} />
        )}
      </svg>
      <figcaption className={`caption ${styles.caption}`} aria-live="polite">
        {shown === null
          ? `${words.number(considered.length, 0)} packs within your limits, one dot each. The line joins the best ones. Use the arrow keys to move along it, or point at a dot.`
          : `${said(shown.figures)}: ${formatLayers(words, shown.layers)}`}
      </figcaption>
    </figure>
  );
}

const STEPS: Readonly<Record<string, number | 'first' | 'last'>> = {
  ArrowRight: 1,
  ArrowUp: -1,
  ArrowLeft: -1,
  ArrowDown: 1,
  Home: 'first',
  End: 'last',
};

const valueOf = (wish: Objective, figures: Figures): number => objectiveValue(wish, figures) ?? 0;

interface Scale {
  (value: number): number;
  ticks: (count?: number) => number[];
  domain: () => number[];
}

/** The scale of a wish, better to its far end. */
function scaleFor(wish: Objective, all: readonly Figures[], [from, to]: readonly [number, number]): Scale {
  const values = all.map((figures) => valueOf(wish, figures));
  const [low, high] = [Math.min(...values), Math.max(...values)];
  const ends = isLessBetter(wish, all) ? [high, low] : [low, high];
  const room = to > from ? 10 : -10;
  const range = [from + room, to - room];
  if (BY_RATIO.includes(wish) && low > 0 && high > 1.5 * low) return scaleLog(ends, range);
  const pad = high > low ? 0 : Math.max(1e-9, Math.abs(high) * 0.1);
  return scaleLinear([ends[0]! - pad, ends[1]! + pad], range);
}

/**
 * True where a smaller value grants more of a wish: its axis runs the other way, so that better is up and to the right.
 * For the turnover it depends on whether these packs lie above their band or below it.
 */
function isLessBetter(wish: Objective, all: readonly Figures[]): boolean {
  const mean = (of: (figures: Figures) => number): number => sumOf(all, of) / all.length;
  const value = mean((figures) => valueOf(wish, figures));
  const loss = mean((figures) => lossOf(wish, figures));
  return mean((figures) => (valueOf(wish, figures) - value) * (lossOf(wish, figures) - loss)) > 0;
}

/** Weeks and mg/L at which a scale by ratios has its lines, in the unit in which the wish is drawn. */
const WEEKS = [0.5, 1, 2, 4, 8, 16, 26].map((weeks) => weeks * DAYS_IN.weeks);
const MG_PER_L = [0.01, 0.02, 0.05, 0.1, 0.2, 0.5, 1, 2, 5, 10, 20, 50, 100].map((value) => value / 1000);

/** A few round values; a short scale has those it chooses itself. */
function ticksOf(wish: Objective, scale: Scale, count: number): number[] {
  const [from, to] = [Math.min(...scale.domain()), Math.max(...scale.domain())];
  const own = wish === 'service' ? WEEKS : wish === 'clear' ? MG_PER_L : [];
  const within = own.filter((value) => value >= from && value <= to);
  const ticks = within.length < 2 ? scale.ticks(count) : within;
  const every = Math.ceil(ticks.length / count);
  return ticks.filter((_, index) => index % every === 0);
}
