import { carbonDue } from '../chemical/carbonDue';
import { placeLayers } from '../layers/placeLayers';
import { describe, expect, it } from 'vitest';
import { WATERS } from '@/demo/waters';
import { earlyPercentileRun, ensembleRuns } from '../dirt/ensemble';
import { ensembleRange } from '../dirt/ensembleRange';
import { forecast } from '../dirt/forecast';
import type { ForecastInput } from '../dirt/cloggingInput';
import { isBiologicalOnly } from '../layers/layerRole';
import { applyEdit } from '../pack/packEdit';
import { plainLayer } from '../layers/plainLayer';
import { presetFilter } from '../filter/presetFilter';
import { servicePlan } from './servicePlan';

const inputOf = (id: string): ForecastInput => {
  const water = WATERS.find(({ filter }) => filter.id === id);
  if (water === undefined) throw new Error('No such water.');
  const { tank, filter, layers } = water;
  return { tank, filter, layers, others: [], visits: [] };
};

describe('servicePlan', () => {
  it.each(WATERS.map(({ filter }) => filter.id))('keeps the flow of %s up, with hands kept apart', (id) => {
    const input = inputOf(id);
    const plan = servicePlan(input);
    if (plan === null) throw new Error('Nothing is fed.');
    const byId = new Map(input.layers.map((layer) => [layer.id, layer]));
    plan.visits.forEach((visit, index) => {
      expect(visit.day).toBeGreaterThan(plan.visits[index - 1]?.day ?? 0);
      const biological = visit.works.filter(({ layerId }) => {
        const layer = byId.get(layerId);
        return layer !== undefined && isBiologicalOnly(layer);
      });
      // Common practice, no source: mechanical and biological layers are never cleaned on the same day.
      expect([0, visit.works.length]).toContain(biological.length);
      expect(visit.minutes).toBeGreaterThan(0);
    });
    const served = forecast({ ...input, visits: plan.visits });
    if (!plan.heldByBiological) expect(served?.serviceDay).toBeNull();
    expect(plan.perYear.visits).toBe(plan.visits.length);
  });

  it('hangs on the early end of the range when it is told to', () => {
    const input = inputOf('reed-bench');
    const runs = ensembleRuns(input, 'through');
    const range = ensembleRange(runs);
    const early = servicePlan(input, earlyPercentileRun(runs));
    const likely = servicePlan(input);
    expect(early?.visits.length).toBeGreaterThanOrEqual(likely?.visits.length ?? Infinity);
    const firstLow = early?.visits.find(({ why }) => why === 'flow')?.day ?? Infinity;
    // What else is done before it, floss for instance, can only put it off.
    expect(firstLow).toBeGreaterThan((range?.earliest ?? Infinity) - 2);
    expect(early?.visits[0]?.day).toBeLessThan((range?.earliest ?? 0) + 2);
    expect(early?.visits[0]?.day).toBeLessThan(forecast(input)?.serviceDay ?? 0);
  });

  // Common practice, no source: nobody leaves a hang-on-back alone for more than a month, or a canister for more than a quarter
  // (half a year where a sponge on its intake takes the dirt).
  it.each([
    ['hang-on-back-basket', 28],
    ['internal-sponge', 28],
    ['canister-down-flow', 90],
  ] as const)('looks into a %s that nothing calls for after %i days', (kind, longest) => {
    const { tank } = inputOf('reed-bench');
    const filter = presetFilter(kind, { id: 'f', tankId: tank.id }, 'Test');
    const layers = [plainLayer('foam', 'foam-10', filter.chambers.at(-1)!.id, 0.05)];
    const fed = { ...tank, feed: { ...tank.feed, amount: { by: 'weight' as const, perDay: 1e-6 } } };
    const input = { tank: { ...fed, plants: 'none' as const }, filter, layers, others: [], visits: [] };
    expect(servicePlan(input, null, undefined, Infinity)?.visits).toEqual([]);
    const plan = servicePlan(input);
    expect(plan.visits[0]).toMatchObject({ day: longest, why: 'look', works: [] });
    expect(plan.visits.every(({ minutes }) => minutes > 0)).toBe(true);
    expect(plan.perYear.visits).toBe(Math.floor(365 / longest));
  });

  it('squeezes at a look what is dusted, and leaves the foam alone that houses all bacteria', () => {
    const { tank } = inputOf('reed-bench');
    const filter = presetFilter('canister-down-flow', { id: 'f', tankId: tank.id }, 'Test');
    const fed = { ...tank, feed: { ...tank.feed, amount: { by: 'weight' as const, perDay: 1e-3 } } };
    const layers = filter.chambers.map(({ id }, index) => plainLayer(`foam ${index}`, 'foam-20', id, 0.05));
    const plan = servicePlan({ tank: fed, filter, layers, others: [], visits: [] });
    expect(plan.visits[0]).toMatchObject({ day: 90, why: 'look' });
    const { works } = plan.visits[0]!;
    expect(works.length).toBeGreaterThan(0);
    expect(works.length).toBeLessThan(layers.length);
    expect(works.every(({ work }) => work === 'squeeze')).toBe(true);
  });

  // Common practice, no source: floss in a hang-on-back is changed every three to four weeks; behind good foam in a
  // canister it lasts longer.
  it('changes floss when it has clogged: soon where all dirt meets it, late behind foam', () => {
    const sill = inputOf('window-sill');
    const first = servicePlan({
      ...sill,
      layers: [
        plainLayer('floss', 'floss-bonded', 'basket', 0.015),
        plainLayer('foam', 'foam-20', 'basket', 0.05),
      ],
    });
    const interval = (plan: typeof first, layerId: string): number =>
      plan.intervals.find((item) => item.layerId === layerId && item.work === 'replace')?.days ?? Infinity;
    expect(interval(first, 'floss')).toBeLessThan(32);
    const guarded = interval(servicePlan(inputOf('reed-bench')), 'rb-floss');
    expect(guarded).toBeGreaterThan(1.5 * interval(first, 'floss'));
    expect(guarded).toBeLessThan(120);
  });

  // Common practice, no source: resin and zeolite are used again; carbon lasts five to eight weeks.
  it('recharges resin and zeolite by date, and changes carbon', () => {
    const reed = inputOf('reed-bench');
    const works = (medium: string) => {
      const layers = [...reed.layers, plainLayer('bag', medium, reed.layers.at(-1)?.chamber ?? '', 0.01)];
      return servicePlan({ ...reed, layers })?.intervals.find(({ layerId }) => layerId === 'bag');
    };
    expect(works('resin')?.work).toBe('recharge');
    expect(works('zeolite')?.work).toBe('recharge');
    expect(works('carbon')?.work).toBe('replace');
    const layers = [...reed.layers, plainLayer('bag', 'carbon', reed.layers.at(-1)?.chamber ?? '', 0.01)];
    const piece = placeLayers(reed.filter, layers).find(({ layer }) => layer.id === 'bag')!;
    const { likely } = carbonDue(piece, { tank: reed.tank, added: [], now: null });
    // With what falls due anyway, and so up to a third early.
    expect(works('carbon')!.days / likely).toBeGreaterThan(0.65);
    expect(works('carbon')!.days / likely).toBeLessThan(1.05);
  });

  it('squeezes foam that a visit lifts anyway', () => {
    const plan = servicePlan(inputOf('reed-bench'));
    const coarse = plan.visits.filter(({ works }) => works.some(({ layerId }) => layerId === 'rb-medium'));
    expect(coarse?.length).toBe(plan.visits.length);
    expect(plan.visits.length).toBeGreaterThan(0);
  });

  it('cleans a foam that is all there is never with all others', () => {
    const sill = inputOf('window-sill');
    const foams = [
      plainLayer('a', 'foam-45', 'basket', 0.03),
      plainLayer('b', 'foam-45', 'basket', 0.03),
      plainLayer('c', 'foam-45', 'basket', 0.03),
    ];
    const plan = servicePlan({ ...sill, layers: foams });
    expect(plan.visits.length).toBeGreaterThan(2);
    for (const visit of plan.visits) expect(visit.works.length).toBeLessThan(3);
  });

  // Common practice, no source: in a filter opened rarely, monthly media goes where it is reached without lifting.
  it('finds that carbon changed often belongs in the tray that is reached first', () => {
    const reed = inputOf('reed-bench');
    const filter = presetFilter('canister-down-flow', { id: 'f', tankId: reed.tank.id }, 'Test');
    const [top, , , bottom] = filter.chambers;
    if (top === undefined || bottom === undefined) throw new Error('The preset has changed.');
    const layers = [
      plainLayer('coarse', 'foam-15', top.id, 0.03),
      plainLayer('stone', 'porous-ceramic', filter.chambers[1]?.id ?? '', 0.05),
      plainLayer('carbon', 'carbon', bottom.id, 0.02),
    ];
    const plan = servicePlan({ ...reed, filter, layers });
    expect(plan.easierPlace).toMatchObject({ layerId: 'carbon', chamberId: top.id });
    if (plan.easierPlace == null) return;
    const moved = servicePlan({ ...reed, filter, layers: applyEdit(layers, plan.easierPlace.edit) });
    expect(moved.perYear.lifts).toBeLessThan(plan.perYear.lifts);
    expect(moved.easierPlace).toBeNull();
  });
});
