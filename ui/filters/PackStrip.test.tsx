// @vitest-environment happy-dom
import { cleanup, render, screen } from '@testing-library/react';
import { afterEach, describe, expect, it } from 'vitest';
import { plainLayer } from '@/core/layers/plainLayer';
import { wordsFor } from '../fields/wordsFor';
import { PackStrip } from './PackStrip';

afterEach(cleanup);

const layers = [
  plainLayer('foam', 'foam-15', 'tray', 0.04),
  { ...plainLayer('stone', 'lava', 'tray', 0.08), dirt: 'blocked' as const },
];
const words = wordsFor({ system: 'metric', locale: 'en-GB', currency: 'EUR' });
const report = {
  thickness: 0.12,
  layers: [
    { layerId: 'foam', from: 0, to: 0.04, coverShare: 0.64 },
    { layerId: 'stone', from: 0.04, to: 0.12, coverShare: 1 },
  ],
};
const boxes = (container: HTMLElement) =>
  [...container.querySelectorAll('rect[stroke="var(--ink)"]')].map((box) =>
    ['x', 'width', 'height'].map((name) => Number(box.getAttribute(name))),
  );

describe('PackStrip', () => {
  it('draws the layers to scale in flow order, named for those who do not see them', () => {
    const { container } = render(<PackStrip chambers={2} layers={layers} report={report} words={words} />);
    const [foam, stone] = boxes(container);
    expect(stone![1]).toBeCloseTo(2 * foam![1]!, 6);
    expect(stone![0]).toBeCloseTo(foam![0]! + foam![1]!, 6);
    // A piece that leaves a third of its face open is smaller by the root of it.
    expect(foam![2]).toBeCloseTo(0.8 * stone![2]!, 6);
    expect(screen.getByRole('img').getAttribute('aria-label')).toBe(
      'In flow order: Coarse foam, 15 ppi, Lava rock, 15 mm',
    );
    expect(screen.getByText(/^12\.0\scm in 2 chambers$/)).toBeTruthy();
  });

  it('has a dot where dirt was seen, and room for dots only then', () => {
    const height = (some: typeof layers): number => {
      cleanup();
      const { container } = render(<PackStrip chambers={1} layers={some} report={report} words={words} />);
      expect(container.querySelectorAll('circle[stroke="var(--rule)"]')).toHaveLength(
        some.filter(({ dirt }) => dirt !== null).length,
      );
      return Number(screen.getByRole('img').getAttribute('height'));
    };
    expect(height(layers)).toBeGreaterThan(10 + height(layers.map((layer) => ({ ...layer, dirt: null }))));
    expect(screen.getByText(/in 1 chamber$/)).toBeTruthy();
  });

  it('shrinks a pack that is too long for it, and draws one that is not known without its box', () => {
    const long = {
      thickness: 1.2,
      layers: report.layers.map((one) => ({ ...one, from: 10 * one.from, to: 10 * one.to })),
    };
    const { container } = render(<PackStrip words={words} chambers={1} layers={layers} report={long} />);
    const end = boxes(container).map(([left, width]) => left! + width!);
    expect(Math.max(...end)).toBeLessThanOrEqual(271);
    cleanup();
    const gone = render(<PackStrip chambers={1} layers={layers.slice(0, 1)} report={report} words={words} />);
    expect(boxes(gone.container)).toHaveLength(1);
  });
});
