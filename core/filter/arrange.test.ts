import { describe, expect, it } from 'vitest';
import { arrange, isLaidOut, placeChamber } from './arrange';
import { FilterSchema } from './filter';
import { FilterKindSchema } from './filterKind';
import { presetFilter } from './presetFilter';

const canister = presetFilter('canister-down-flow', { id: 'f', tankId: 't' }, 'Test');
const [first, second] = canister.chambers;
if (first === undefined || second === undefined) throw new Error('The preset has several trays.');

describe('arrange', () => {
  it.each(FilterKindSchema.options)('finds a fresh %s laid out', (kind) => {
    expect(isLaidOut(presetFilter(kind, { id: 'f', tankId: 't' }, 'Test'))).toBe(true);
  });

  it('lays out anew while no place was entered', () => {
    const taller = arrange(canister, [
      { ...first, depth: first.depth + 0.02 },
      ...canister.chambers.slice(1),
    ]);
    expect(taller.body.height).toBeCloseTo(canister.body.height + 0.02, 9);
    expect(isLaidOut({ ...canister, ...taller })).toBe(true);
  });

  it('keeps a typed place through later changes, and the body grows around it', () => {
    const moved = { ...canister, ...placeChamber(canister, second.id, { x: 0.3, y: 0.05 }) };
    expect(isLaidOut(moved)).toBe(false);
    expect(FilterSchema.parse(moved).body.width).toBeGreaterThan(0.3);
    const after = arrange(moved, [{ ...first, depth: first.depth + 0.02 }, ...moved.chambers.slice(1)]);
    expect(after.chambers[0]?.place).toEqual(first.place);
    expect(after.chambers[1]?.place).toEqual({ x: 0.3, y: 0.05 });
  });

  it('keeps the order of flow that it is given', () => {
    const turned = arrange(canister, [second, first, ...canister.chambers.slice(2)]);
    expect(turned.chambers.map(({ id }) => id).slice(0, 2)).toEqual([second.id, first.id]);
    // In a body that is flowed downward the first in flow sits on top.
    expect(turned.chambers[0]?.place.y).toBeGreaterThan(turned.chambers[1]?.place.y ?? Infinity);
  });
});
