import { describe, expect, it } from 'vitest';
import { plainLayer } from '@/core/layers/plainLayer';
import { wordsFor } from '../fields/wordsFor';
import { formatLayers } from './formatLayers';

const WORDS = wordsFor({ system: 'metric', locale: 'en-GB', currency: 'EUR' });

describe('a pack in words', () => {
  it('counts pieces that follow on one another and are alike', () => {
    const said = formatLayers(WORDS, [
      plainLayer('a', 'foam-15', 'tray-1', 0.03),
      plainLayer('b', 'porous-ceramic', 'tray-2', 0.08),
      plainLayer('c', 'porous-ceramic', 'tray-3', 0.08),
      plainLayer('d', 'porous-ceramic', 'tray-4', 0.06),
      plainLayer('e', 'foam-15', 'tray-4', 0.03),
    ]);
    expect(said.replaceAll('\u00a0', ' ')).toBe(
      '3.0 cm coarse foam (15 ppi) → 2 × 8.0 cm porous ceramic (12 mm) → 6.0 cm porous ceramic (12 mm) → 3.0 cm coarse foam (15 ppi)',
    );
  });
});
