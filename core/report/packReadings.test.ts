import { describe, expect, it } from 'vitest';
import { presetFilter } from '../filter/presetFilter';
import { aloneOn } from './surroundings';
import { evaluatePack } from './evaluatePack';
import { newTank } from '../tank/newTank';
import { packReadings, readingChanges } from './packReadings';
import { plainLayer } from '../layers/plainLayer';

describe('readings of a pack', () => {
  const filter = presetFilter('hang-on-back-basket', { id: 'f', tankId: 't' }, 'Test');
  const report = (...thickness: number[]) =>
    evaluatePack({
      ...aloneOn(newTank('t', 'Test', 0.06)),
      filter,
      layers: thickness.map((value, index) =>
        plainLayer(`l${index}`, index === 0 ? 'foam-15' : 'lava', 'basket', value),
      ),
      flow: null,
    });

  it('names what changed, and nothing that did not', () => {
    expect(readingChanges(report(0.05, 0.05), report(0.05, 0.05))).toEqual([]);
    const changes = readingChanges(report(0.05, 0.06), report(0.05, 0.055));
    // Media that stand above the lip narrow it, so the headroom answers as well.
    expect(changes.map((change) => change.key)).toEqual([
      'headroom',
      'overfill',
      'volume',
      'dryMass',
      'bacteria',
      'biologicalSurface',
      'normalStockVolume',
    ]);
    expect(changes[1]).toMatchObject({
      before: { si: expect.closeTo(0.005, 9) as number },
      after: { si: 0 },
    });
  });

  it('has no cover to tell of an empty pack, and says when one appears', () => {
    expect(packReadings(report()).find((reading) => reading.key === 'leastCover')?.value).toBeNull();
    expect(readingChanges(report(), report(0.05)).map((change) => change.key)).toContain('leastCover');
  });
});
