'use client';
import { linearScale } from '../drawing/linearScale';
import type { KeyboardEvent, PointerEvent } from 'react';
import type { WaterBands } from '@/core/biology/courseRange';
import { SAMPLES } from '@/core/biology/cycleCourse';
import { SWAP_LIMITS } from '@/core/biology/planSwap';
import type { Swap } from '@/core/filter/swap';
import { useWidth } from '../drawing/useWidth';
import { useWords } from '../fields/UnitsProvider';
import { DAY_STEPS } from '../time/daySteps';
import styles from './SwapChart.module.css';
import { LANE_LEFT_PX, LANE_RIGHT_PX, WaterLane } from './WaterLane';

interface Props {
  readonly bands: WaterBands;
  readonly swap: Swap;
  readonly onDay: (stage: number, day: number) => void;
  /** Last day that a stage can have. */
  readonly latest: number;
}

/** Ammonia and nitrite through a swap, each with its likely range and its limit; the stages are dragged along the days. */
export function SwapChart({ bands, swap, onDay, latest }: Props) {
  const words = useWords();
  const [room, width] = useWidth<HTMLDivElement>(760);
  const days = (bands.ammonia.likely.length - 1) / SAMPLES;
  const x = linearScale([0, days], [LANE_LEFT_PX, width - LANE_RIGHT_PX]);
  const move = (event: PointerEvent<HTMLButtonElement>, stage: number) => {
    if (!event.currentTarget.hasPointerCapture(event.pointerId)) return;
    const left = event.currentTarget.parentElement?.getBoundingClientRect().left ?? 0;
    const day = Math.round(x.invert(event.clientX - left));
    put(stage, day);
  };
  const put = (stage: number, day: number) => {
    const next = Math.min(latest, Math.max(0, day));
    if (next !== swap.stages[stage]?.day) onDay(stage, next);
  };
  const press = (event: KeyboardEvent, stage: number) => {
    const by = DAY_STEPS[event.key];
    if (by === undefined) return;
    put(stage, (swap.stages[stage]?.day ?? 0) + by);
    event.preventDefault();
  };
  return (
    <div ref={room} className={styles.chart}>
      {(['ammonia', 'nitrite'] as const).map((key) => (
        <WaterLane
          key={key}
          name={key === 'ammonia' ? 'Ammonia' : 'Nitrite'}
          band={bands[key]}
          limit={SWAP_LIMITS[key]}
          marks={swap.stages.map(({ day, doneOn }) => ({ day, past: doneOn !== null }))}
          {...{ x, width, days }}
        />
      ))}
      <div className={styles.stages}>
        {x.ticks(8).map((day) => (
          <span key={day} className={styles.day} style={{ left: x(day) }}>
            {day === 0 ? 'day 0' : words.number(day, 0)}
          </span>
        ))}
        {swap.stages.map((stage, index) => (
          <button
            key={index}
            type="button"
            role="slider"
            aria-label={`Stage ${index + 1}`}
            aria-valuemin={0}
            aria-valuemax={latest}
            aria-valuenow={stage.day}
            aria-valuetext={`day ${words.number(stage.day, 0)}`}
            aria-disabled={stage.doneOn !== null}
            className={styles.mark}
            data-done={stage.doneOn !== null}
            style={{ left: x(Math.min(days, stage.day)) }}
            onPointerDown={(event) => {
              if (stage.doneOn === null) event.currentTarget.setPointerCapture(event.pointerId);
            }}
            onPointerMove={(event) => move(event, index)}
            onKeyDown={(event) => {
              if (stage.doneOn === null) press(event, index);
            }}
          >
            {words.number(stage.day, 0)}
          </button>
        ))}
      </div>
    </div>
  );
}
