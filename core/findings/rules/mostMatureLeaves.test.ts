import { describe, expect, it } from 'vitest';
import type { OtherFilter } from '../../report/surroundings';
import { aloneOn } from '../../report/surroundings';
import { evaluatePack, type PackReport } from '../../report/evaluatePack';
import { presetFilter } from '../../filter/presetFilter';
import { DEFAULT_SCHOOLS } from '../defaultSchools';
import { plainLayer } from '../../layers/plainLayer';
import type { Layer } from '../../layers/layer';
import { applyEdit } from '../../pack/packEdit';
import { questionLevels } from '../../report/questionLevels';
import { newTank } from '../../tank/newTank';
import type { Tank } from '../../tank/tank';
import { formatSentence } from '../../units/sentence';
import type { Finding } from '../finding';

const filter = presetFilter('canister-down-flow', { id: 'f', tankId: 't' }, 'Test');
const fed = (perDay: number): Tank => ({
  ...newTank('t', 'Test', 0.2),
  temperature: 25,
  feed: { amount: { by: 'weight', perDay }, protein: 0.4 },
});
const unfed: Tank = { ...fed(1e-3), feed: { amount: null, protein: 0.4 } };
const found: readonly Layer[] = [
  plainLayer('foam', 'foam-30', 'tray-4', 0.04),
  plainLayer('ceramic', 'porous-ceramic', 'tray-3', 0.08),
  plainLayer('more', 'porous-ceramic', 'tray-2', 0.08),
];
const renewed = (...ids: string[]): Layer[] =>
  found.map((layer) => (ids.includes(layer.id) ? { ...layer, id: `new ${layer.id}` } : layer));
/** What is not in the plan was thrown away at Review: the same medium again is new, and not what came out. */
const thrownAway = (planned: readonly Layer[]): Layer[] =>
  found.map((layer) =>
    planned.some(({ id }) => id === layer.id) ? layer : { ...layer, treatment: 'throw away' },
  );

interface Case {
  readonly tank?: Tank;
  readonly before?: readonly Layer[] | null;
  readonly others?: readonly OtherFilter[];
  readonly rinseWater?: 'tank water' | 'tap water';
}
const reportOf = (
  layers: readonly Layer[],
  { tank = fed(4e-3), before = thrownAway(layers), others = [], rinseWater = 'tank water' }: Case = {},
): PackReport =>
  evaluatePack({
    ...aloneOn(tank),
    schools: { ...DEFAULT_SCHOOLS, rinseWater },
    others,
    filter,
    layers,
    flow: null,
    found: before,
  });
const alarmOf = (layers: readonly Layer[], given: Case = {}): Finding | undefined =>
  reportOf(layers, given).findings.find(({ rule }) => rule === 'most-mature-leaves');

// Source of the levels: common practice, no source: a third at a time, and what stays must bear what is fed.
describe('mostMatureLeaves', () => {
  it('is urgent when all mature media is replaced and what stays bears less than what is fed', () => {
    const all = renewed('foam', 'ceramic', 'more');
    const alarm = alarmOf(all);
    expect(alarm?.level).toBe('urgent');
    expect(formatSentence(alarm!.title)).toMatch(/^Most of the mature media leaves at once: 100 %/);
    expect(questionLevels(reportOf(all), filter.kind).bacteria).toBe('urgent');
  });

  it('is to be checked when more than half leaves, whatever the rest bears or is known to bear', () => {
    expect(alarmOf(renewed('ceramic', 'more'), { tank: unfed })?.level).toBe('check');
    const other = { filter: { ...filter, id: 'other' }, layers: found };
    const alarm = alarmOf(renewed('ceramic', 'more'), { tank: fed(0.2e-3), others: [other, other, other] });
    expect(alarm?.level).toBe('check');
  });

  it('is to be checked when less leaves and what stays bears less than one and a half times the food', () => {
    // At some food between plenty and too little the reserve is gone before the need is.
    const levels = [0.2, 1, 2, 3, 4, 5, 6, 8, 12, 20].map(
      (grams) => alarmOf(renewed('foam'), { tank: fed(grams * 1e-3) })?.level ?? null,
    );
    expect(levels[0]).toBeNull();
    expect(levels.at(-1)).toBe('urgent');
    expect(levels).toContain('check');
    const order = [null, 'check', 'urgent'];
    expect(levels.map((level) => order.indexOf(level))).toEqual(
      levels.map((level) => order.indexOf(level)).toSorted((a, b) => a - b),
    );
  });

  it('is silent while everything stays, is only squeezed, or nothing was in it', () => {
    expect(alarmOf(found)).toBeUndefined();
    const squeezed = found.map((layer) => ({ ...layer, treatment: 'squeeze' as const }));
    expect(alarmOf(squeezed, { before: squeezed })).toBeUndefined();
    expect(alarmOf(found, { before: [] })).toBeUndefined();
    expect(alarmOf(found, { before: null })).toBeUndefined();
  });

  it('speaks of the tap where a rinse under it kills most of them', () => {
    const squeezed = found.map((layer) => ({ ...layer, treatment: 'squeeze' as const }));
    const alarm = alarmOf(squeezed, { before: squeezed, rinseWater: 'tap water' });
    expect(formatSentence(alarm!.title)).toMatch(/^Rinsing under the tap kills 80 %/);
    expect(alarm?.remedy).toBeUndefined();
  });

  it('counts a second filter that stays', () => {
    const other = { filter: { ...filter, id: 'other' }, layers: found };
    const all = renewed('foam', 'ceramic', 'more');
    expect(alarmOf(all, { tank: fed(2e-3) })?.level).toBe('urgent');
    expect(alarmOf(all, { tank: fed(2e-3), others: [other] })?.level).toBe('check');
  });

  it('offers to keep the layer that holds most, and to do all of it in stages', () => {
    const all = renewed('foam', 'ceramic', 'more');
    const alarm = alarmOf(all)!;
    expect(alarm.remedy?.label).toBe('Keep the porous ceramic, 12 mm');
    const kept = applyEdit(all, alarm.remedy!.edit);
    expect(kept).toHaveLength(3);
    expect(kept.filter(({ id }) => found.some((layer) => layer.id === id))).toHaveLength(1);
    expect(reportOf(kept).bacteria!.atOnce.low).toBeGreaterThan(reportOf(all).bacteria!.atOnce.low);
    expect(reportOf(kept).findings.some(({ rule }) => rule === 'overfill')).toBe(false);
    const staged = alarm.staged!;
    expect(
      applyEdit(all, staged.edit)
        .map(({ id }) => id)
        .toSorted(),
    ).toEqual(['ceramic', 'foam', 'more']);
    expect(staged.pieces.map(({ successor }) => successor)).toEqual(['same', 'same', 'same']);
    expect(alarmOf(applyEdit(all, staged.edit))).toBeUndefined();
  });

  it('keeps a piece that Review had thrown away', () => {
    const thrown = found.map((layer) => ({ ...layer, treatment: 'throw away' as const }));
    const all = renewed('foam', 'ceramic', 'more');
    const alarm = alarmOf(all, { before: thrown })!;
    expect(alarmOf(applyEdit(all, alarm.staged!.edit), { before: thrown })).toBeUndefined();
  });
});
