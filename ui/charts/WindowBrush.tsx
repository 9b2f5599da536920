'use client';
import { brushX, type D3BrushEvent } from 'd3-brush';
import { linearScale } from '../drawing/linearScale';
import { select } from 'd3-selection';
import { useEffect, useRef } from 'react';
import { LEFT_PX, RIGHT_PX } from './chartView';
import { MIN_DAYS } from './chartWindow';
import styles from './Charts.module.css';

const HEIGHT = 44;
interface Props {
  readonly width: number;
  /** First and last day there is. */
  readonly extent: readonly [number, number];
  readonly window: readonly [number, number];
  readonly onWindow: (window: readonly [number, number]) => void;
  /** Days with a height, 0–1: the flow in small. */
  readonly readings: readonly { readonly id: string; readonly day: number; readonly height: number }[];
  /** Years or months, each with the day on which it begins. */
  readonly ticks: readonly { readonly day: number; readonly said: string }[];
}

/** All days in small; a drag chooses those in sight. What it chooses can be typed as two dates as well. */
export function WindowBrush({ width, extent, window: chosen, onWindow, readings, ticks }: Props) {
  const group = useRef<SVGGElement>(null);
  const latest = useRef(onWindow);
  useEffect(() => {
    latest.current = onWindow;
  });
  const [first, last] = extent;
  const [from, to] = chosen;
  const x = linearScale([first, last], [LEFT_PX, width - RIGHT_PX]);
  useEffect(() => {
    const node = group.current;
    if (node === null) return;
    const scale = linearScale([first, last], [LEFT_PX, width - RIGHT_PX]);
    const brush = brushX<unknown>()
      .extent([
        [LEFT_PX, 0],
        [width - RIGHT_PX, HEIGHT - 14],
      ])
      .on('end', (event: D3BrushEvent<unknown>) => {
        // What is set from here has no event of the hand behind it.
        if (event.sourceEvent === undefined || event.sourceEvent === null) return;
        const picked = event.selection as [number, number] | null;
        if (picked === null) return latest.current([first, last]);
        const [low, high] = picked.map((pixel) => Math.round(scale.invert(pixel))) as [number, number];
        latest.current([low, Math.max(high, low + MIN_DAYS)]);
      });
    const selection = select<SVGGElement, unknown>(node);
    selection.call(brush);
    // All days are chosen by none: what is chosen can only be moved, and a new choice is drawn beside it.
    const isAll = from <= first && to >= last;
    selection.call((target) => brush.move(target, isAll ? null : [scale(from), scale(to)]));
  }, [first, last, width, from, to]);
  return (
    <svg width={width} height={HEIGHT} aria-hidden="true" className={styles.brush} suppressHydrationWarning>
      {readings.map(({ id, day, height }) => (
        <circle key={id} cx={x(day)} cy={(HEIGHT - 20) * (1 - height) + 3} r={1.5} fill="var(--rule)" />
      ))}
      {ticks.map(({ day, said }) => (
        <text key={day} x={x(day)} y={HEIGHT - 2}>
          {said}
        </text>
      ))}
      <g ref={group} />
    </svg>
  );
}
