import { describe, expect, it } from 'vitest';
import { DARK, LIGHT, type Colours } from './colours';

/** WCAG 2.2 relative luminance and contrast ratio (published; from memory). */
function luminance(hex: string): number {
  const [r = 0, g = 0, b = 0] = [1, 3, 5].map((index) => {
    const value = parseInt(hex.slice(index, index + 2), 16) / 255;
    return value <= 0.04045 ? value / 12.92 : ((value + 0.055) / 1.055) ** 2.4;
  });
  return 0.2126 * r + 0.7152 * g + 0.0722 * b;
}
const contrast = (a: string, b: string): number => {
  const [dark = 0, light = 0] = [luminance(a), luminance(b)].sort((x, y) => x - y);
  return (light + 0.05) / (dark + 0.05);
};

describe.each<[string, Colours]>([
  ['light', LIGHT],
  ['dark', DARK],
])('%s colours', (_, colours) => {
  it('measures contrast as published: black on white is 21', () => {
    expect(contrast('#000000', '#ffffff')).toBeCloseTo(21, 6);
  });
  it.each(['ink', 'muted', 'river', 'attention', 'stop'] as const)(
    '%s can be read on every ground',
    (name) => {
      for (const ground of ['paper', 'sheet'] as const)
        expect(contrast(colours[name], colours[ground])).toBeGreaterThanOrEqual(4.5);
    },
  );
  it('reads on water and on the river', () => {
    expect(contrast(colours.ink, colours.wash)).toBeGreaterThanOrEqual(4.5);
    expect(contrast(colours.onRiver, colours.river)).toBeGreaterThanOrEqual(4.5);
  });
});
