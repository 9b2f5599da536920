import { describe, expect, it } from 'vitest';
import { formatSentence } from '../units/sentence';
import { doubtfulFlow } from './doubtfulFlow';

const LABEL = 600e-3 / 3600;
const said = (jug: number, ...seconds: number[]): string | null => {
  const doubt = doubtfulFlow(LABEL, jug, seconds);
  return doubt === null ? null : formatSentence(doubt);
};

// By hand: 2 L in 0.43 s are 16,744 L/h; a pump gives at most what its label says (common practice, no source).
describe('doubtfulFlow', () => {
  it('questions more than the label, with the figure', () => {
    expect(said(2e-3, 0.43)).toMatch(/^16,7\d\d.L\/h is more than the label’s 600.L\/h\. Check/);
    expect(said(2e-3, 12, 12.1)).toBeNull();
    // Labels are rounded.
    expect(said(2e-3, 11)).toBeNull();
  });
  it('questions fillings that differ by half', () => {
    expect(said(2e-3, 20, 20.4, 31)).toMatch(/20\.0.s and 31\.0.s/);
    expect(said(2e-3, 20, 22, 29)).toBeNull();
  });
});
