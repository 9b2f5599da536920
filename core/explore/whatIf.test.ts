import { describe, expect, it } from 'vitest';
import { presetFilter } from '../filter/presetFilter';
import { newTank } from '../tank/newTank';
import { formatSentence } from '../units/sentence';
import { aloneOn } from '../report/surroundings';
import { evaluatePack } from '../report/evaluatePack';
import type { PackInput } from '../report/packMeasures';
import type { Layer } from '../layers/layer';
import { applyEdit } from '../pack/packEdit';
import { plainLayer } from '../layers/plainLayer';
import { passThroughFix } from './passThroughFix';
import { bestFor, whatIf } from './whatIf';

const inputOf = (kind: 'hang-on-back-basket' | 'canister-down-flow', layers: Layer[]): PackInput => ({
  ...aloneOn(newTank('t', 'Test', 0.1)),
  filter: presetFilter(kind, { id: 'f', tankId: 't' }, 'Test'),
  layers,
  flow: null,
});

describe('whatIf', () => {
  const short: Layer = { ...plainLayer('a', 'foam-45', 'basket', 0.04), cut: { length: 0.11, width: 0.07 } };
  const input = inputOf('hang-on-back-basket', [short, plainLayer('b', 'lava', 'basket', 0.05)]);
  const report = evaluatePack(input);
  const changes = whatIf(input, report);
  const named = (name: RegExp) => changes.find(({ what }) => name.test(formatSentence(what)));

  it('knows which way every change goes', () => {
    expect(named(/more of layer 1/)?.headroom).toBeLessThan(0);
    expect(named(/less of layer 1/)?.headroom).toBeGreaterThan(0);
    expect(named(/layer 1 cut to the walls/)?.leastPassThrough).toBeGreaterThan(0.1);
    expect(named(/filled with floss/)?.leastPassThrough).toBeGreaterThan(0);
    expect(named(/layer 1 one grade coarser/)?.leastPassThrough).toBeGreaterThan(0);
    expect(named(/one grade finer/)).toBeUndefined();
    expect(named(/recirculated/)?.flow).toBeLessThan(0);
  });

  it('says what its edit does when it is made', () => {
    const best = bestFor(changes, 'leastPassThrough', 0.01);
    if (best?.edit === undefined) throw new Error('Nothing helps.');
    const after = evaluatePack({ ...input, layers: applyEdit(input.layers, best.edit) });
    expect((after.leastPassThrough ?? 0) - (report.leastPassThrough ?? 0)).toBeCloseTo(
      best.leastPassThrough,
      12,
    );
    expect(bestFor(changes, 'flow', 1)).toBeNull();
  });

  it('speaks of hoses where there are some', () => {
    const canister = inputOf('canister-down-flow', [plainLayer('a', 'foam-30', 'tray-4', 0.04)]);
    const flows = whatIf(canister, evaluatePack(canister));
    const best = bestFor(flows, 'flow', 1e-6);
    expect(formatSentence(best?.what ?? [])).toBe('hoses 2 mm wider');
    expect(flows.find(({ what }) => /clean hoses/.test(formatSentence(what)))?.flow).toBeGreaterThan(0);
  });
});

describe('whatIf, the intake', () => {
  it('speaks of the strainer only where it is not clean, and gives back what it took', () => {
    const clean = inputOf('hang-on-back-basket', [plainLayer('a', 'foam-30', 'basket', 0.04)]);
    const intakes = clean.filter.intakes.map((intake) => ({ ...intake, open: 0.1 }));
    const clogged = { ...clean, filter: { ...clean.filter, intakes } };
    const cleaned = (input: PackInput) =>
      whatIf(input, evaluatePack(input)).find(({ what }) => /strainer/.test(formatSentence(what)));
    expect(cleaned(clean)).toBeUndefined();
    const gain = evaluatePack(clean).water.flow - evaluatePack(clogged).water.flow;
    expect(gain).toBeGreaterThan(0);
    expect(cleaned(clogged)?.flow).toBeCloseTo(gain, 12);
  });
});

describe('passThroughFix', () => {
  const bag: Layer = { ...plainLayer('bag', 'resin', 'tray-4', 0.02), cut: { length: 0.17, width: 0.17 } };
  const input = inputOf('canister-down-flow', [bag]);

  it('fills the gap where that is enough, else cuts as little larger as will do', () => {
    const little = passThroughFix(input, 'bag', 0.1);
    expect(little).toMatchObject({ how: 'fill the gap' });
    expect(little?.share).toBeGreaterThanOrEqual(0.1);
    const more = passThroughFix(input, 'bag', 0.4);
    expect(more).toMatchObject({ how: 'cut larger' });
    expect(more?.share).toBeGreaterThanOrEqual(0.4);
    // Half a millimetre more of gap would not do.
    const wider = (more?.gap ?? 0) + 5e-4;
    const cut = { length: 0.19 - 2 * wider, width: 0.19 - 2 * wider };
    const [layer] = evaluatePack({ ...input, layers: [{ ...bag, cut }] }).layers;
    expect(layer?.passThrough).toBeLessThan(0.4);
    expect(passThroughFix(input, 'bag', 0.999)).toMatchObject({ how: 'cut to the walls', gap: 0 });
  });

  it('has nothing to say where enough goes through', () => {
    expect(passThroughFix(input, 'bag', 0.001)).toBeNull();
    expect(passThroughFix({ ...input, layers: [{ ...bag, cut: null }] }, 'bag', 0.9)).toBeNull();
    expect(passThroughFix(input, 'nobody', 0.9)).toBeNull();
  });
});
