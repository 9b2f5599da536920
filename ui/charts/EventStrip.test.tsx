// @vitest-environment happy-dom
import { cleanup, render, screen } from '@testing-library/react';
import { afterEach, describe, expect, it } from 'vitest';
import type { LogEntry } from '@/core/log/logEntry';
import { DAY_MS } from '@/core/units/daysBetween';
import { chartEvents } from './chartEvents';
import type { ChartView } from './chartView';
import { EventStrip } from './EventStrip';

afterEach(cleanup);

const START = Date.parse('2026-05-01T12:00:00Z');
const at = (day: number): string => new Date(START + day * DAY_MS).toISOString();
const common = (id: string, day: number) => ({ id, at: at(day), filterId: 'f', jobId: null, note: '' });
const LOG: LogEntry[] = [
  { ...common('change', 40), kind: 'water change', share: 0.3, dechlorinated: true },
  { ...common('fault', 40), kind: 'fault', symptom: 'weak flow', causes: ['a blocked sponge'] },
  { ...common('flow', 41), kind: 'flow', moment: 'between', jugVolume: 2e-3, seconds: [14] },
  { ...common('medicine', 41), kind: 'addition', what: 'medicine' },
  { ...common('early', -80), kind: 'water change', share: 0.3, dechlorinated: true },
];
const view = (day: number): ChartView =>
  ({
    from: 0,
    to: 100,
    day,
    width: 600,
    x: (value: number) => value * 6,
    dateOf: (value: number) => `day ${value}`,
  }) as unknown as ChartView;
const show = (day: number) =>
  render(
    <EventStrip
      view={view(day)}
      events={chartEvents(LOG).map((event) => ({
        ...event,
        day: Math.round((Date.parse(event.at) - START) / DAY_MS),
      }))}
      nameOf={() => null}
    />,
  );
const marks = (container: HTMLElement) =>
  [...container.querySelectorAll('svg text')].map((mark) => ({
    said: mark.textContent,
    left: Number(mark.getAttribute('x')),
    top: Number(mark.getAttribute('y')),
  }));

describe('EventStrip', () => {
  it('draws a letter a time in the days in sight, and names the letters that are there', () => {
    const { container } = show(90);
    expect(
      marks(container)
        .map(({ said }) => said)
        .sort(),
    ).toEqual(['A', 'F', '•'].sort());
    expect(screen.getByText(/What happened/).textContent).toBe(
      'What happened: • water change, F fault, A something added',
    );
  });

  it('stands letters of one time beside each other, and dots below them', () => {
    const { container } = show(90);
    const [a, f, dot] = ['A', 'F', '•'].map((said) => marks(container).find((mark) => mark.said === said)!);
    expect(a!.top).toBe(f!.top);
    expect(Math.abs(a!.left - f!.left)).toBeGreaterThanOrEqual(12);
    expect(dot!.left).toBe(240);
    expect(dot!.top).toBeGreaterThan(a!.top + 10);
  });

  it('says in words what happened about the chosen day', () => {
    show(39);
    expect(screen.getByText(/^day 40/).textContent).toMatch(
      /^day 40: Water change: 30\s%, dechlorinated; day 40: Fault: weak flow; a blocked sponge; day 41: Added to the water: medicine$/,
    );
    cleanup();
    show(90);
    expect(screen.queryByText(/^day 40/)).toBeNull();
  });

  it('says that nothing was logged where nothing was', () => {
    render(<EventStrip view={view(10)} events={[]} nameOf={() => null} />);
    expect(screen.getByText(/nothing logged in these days/)).toBeTruthy();
  });
});
