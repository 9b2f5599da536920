import { describe, expect, it } from 'vitest';
import { addIntakeSponge } from '../filter/addIntakeSponge';
import type { Filter } from '../filter/filter';
import { FILTER_KINDS } from '../filter/filterKindWords';
import type { FilterKind } from '../filter/filterKind';
import { presetFilter } from '../filter/presetFilter';
import type { Layer } from '../layers/layer';
import { plainLayer } from '../layers/plainLayer';
import { newTank } from '../tank/newTank';
import type { ForecastInput } from './cloggingInput';
import { forecast } from './forecast';

const KINDS = Object.keys(FILTER_KINDS) as FilterKind[];
const DAYS = 365;
/** Within this share two days are the same. */
const SAME = 0.01;

const tankOf = (food: number) => ({
  ...newTank('t', 'Test', 0.12),
  feed: { amount: { by: 'weight' as const, perDay: food }, protein: 0.4 },
});

/** The chamber that the water meets first, and what it holds of one medium over a share of its depth. */
const firstOf = (filter: Filter) => filter.chambers.find(({ where }) => where === 'body')!;
const laid = (filter: Filter, media: readonly (readonly [string, number])[]): Layer[] =>
  media.map(([medium, share], index) =>
    plainLayer(`l${index}`, medium, firstOf(filter).id, share * firstOf(filter).depth),
  );

const day = (filter: Filter, layers: Layer[], change: Partial<ForecastInput> = {}): number =>
  forecast({
    tank: tankOf(2e-3),
    filter,
    layers,
    others: [],
    visits: [],
    days: DAYS,
    brief: true,
    ...change,
  }).serviceDay ?? DAYS;

// Common practice, no source: what every keeper would expect of any filter.
describe.each(KINDS)('%s', (kind) => {
  const filter = presetFilter(kind, { id: 'f', tankId: 't' }, 'Test');
  const foam = laid(filter, [['foam-30', 0.5]]);
  const usual = day(filter, foam);

  it('never lasts longer on more food', () => {
    const days = [1, 1.5, 2, 3, 5, 8].map((times) => day(filter, foam, { tank: tankOf(times * 1e-3) }));
    for (let at = 1; at < days.length; at += 1) expect(days[at]! / days[at - 1]!).toBeLessThan(1 + SAME);
  });

  it('lasts no longer on a finer foam, and longer on more of it', () => {
    const days = ['foam-45', 'foam-30', 'foam-20', 'foam-10'].map((medium) =>
      day(filter, laid(filter, [[medium, 0.5]])),
    );
    for (let at = 1; at < days.length; at += 1) expect(days[at]! / days[at - 1]!).toBeGreaterThan(1 - SAME);
    expect(day(filter, laid(filter, [['foam-30', 0.8]])) / usual).toBeGreaterThan(1 - SAME);
  });

  // An internal sponge is judged by its colour, and nobody puts floss before it.
  it.skipIf(kind === 'internal-sponge')('lasts no longer with a pad of floss in front', () => {
    const behind = laid(filter, [
      ['floss-bonded', 0.3],
      ['foam-30', 0.5],
    ]);
    expect(day(filter, behind) / usual).toBeLessThan(1 + SAME);
  });

  it('lasts longer where a sleeve or another filter takes some of the dirt', () => {
    if (filter.intakes.length > 0) {
      const sleeved = addIntakeSponge(filter);
      const sponge = sleeved.chambers.find(({ where }) => where === 'intake')!;
      const layers = [plainLayer('sleeve', 'foam-20', sponge.id, sponge.depth), ...foam];
      expect(day(sleeved, layers) / usual).toBeGreaterThan(1 - SAME);
    }
    const helper = presetFilter('internal-sponge', { id: 'h', tankId: 't' }, 'Helper');
    const others = [{ filter: helper, layers: laid(helper, [['foam-30', 0.9]]) }];
    expect(day(filter, foam, { others }) / usual).toBeGreaterThan(1 - SAME);
  });
});
