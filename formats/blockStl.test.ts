import { measurements } from '@jscad/modeling';
import { describe, expect, it } from 'vitest';
import { presetFilter } from '@/core/filter/presetFilter';
import { blockFaults, type Block } from '@/core/prepare/block';
import { blockFigures, blockFor } from '@/core/prepare/printedBlock';
import { blockMesh, blockStl } from './blockStl';

const block: Block = {
  length: 0.08,
  width: 0.05,
  height: 0.03,
  wall: 1.2e-3,
  rib: 0.8e-3,
  gap: 6e-3,
  notch: 8e-3,
  feet: 5e-3,
};

/** Volume and surface of an STL text, mm³ and mm². @source divergence theorem over its triangles. */
function read(stl: string): { volume: number; area: number } {
  const corners = [...stl.matchAll(/vertex\s+(\S+)\s+(\S+)\s+(\S+)/g)].map(
    ([, x, y, z]) => [Number(x), Number(y), Number(z)] as const,
  );
  let [volume, area] = [0, 0];
  for (let index = 0; index < corners.length; index += 3) {
    const [a, b, c] = corners.slice(index, index + 3) as [
      readonly [number, number, number],
      readonly [number, number, number],
      readonly [number, number, number],
    ];
    const [u, v] = [b.map((value, axis) => value - a[axis]!), c.map((value, axis) => value - a[axis]!)];
    const cross = [
      u[1]! * v[2]! - u[2]! * v[1]!,
      u[2]! * v[0]! - u[0]! * v[2]!,
      u[0]! * v[1]! - u[1]! * v[0]!,
    ];
    area += Math.hypot(...cross) / 2;
    volume += cross.reduce((sum, value, axis) => sum + value * a[axis]!, 0) / 6;
  }
  return { volume, area };
}

describe('a printed block', () => {
  // Source: the same solid by the mesh package @jscad/modeling, measured by it; and its STL file read back.
  it.each([
    ['with feet and notches', block],
    ['plain', { ...block, notch: 0, feet: 0 }],
    ['of few ribs', { ...block, gap: 20e-3, rib: 2e-3 }],
    ['of thick walls and close ribs', { ...block, wall: 4e-3, gap: 1.5e-3 }],
  ])('has the volume and surface of its mesh, %s', (_, design) => {
    const { solid, surface } = blockFigures(design);
    const mesh = blockMesh(design);
    expect(measurements.measureVolume(mesh) / (solid * 1e9)).toBeCloseTo(1, 6);
    expect(measurements.measureArea(mesh) / (surface * 1e6)).toBeCloseTo(1, 6);
    const file = read(blockStl(design));
    expect(file.volume / (solid * 1e9)).toBeCloseTo(1, 3);
    expect(file.area / (surface * 1e6)).toBeCloseTo(1, 3);
  });

  it('is open to the water, has ribs as far apart as asked, and takes hours', () => {
    const { ribs, spacing, openShare, porosity, hours } = blockFigures(block);
    expect(ribs).toBe(10);
    expect(spacing).toBeGreaterThanOrEqual(block.gap);
    expect(openShare).toBeGreaterThan(0.7);
    expect(porosity).toBeGreaterThan(openShare);
    expect(hours.low).toBeLessThan(hours.high);
    // Closer ribs: more surface, less open, longer to print.
    const dense = blockFigures({ ...block, gap: 2e-3 });
    expect(dense.surface).toBeGreaterThan(2 * blockFigures(block).surface);
    expect(dense.openShare).toBeLessThan(openShare);
    expect(dense.hours.high).toBeGreaterThan(hours.high);
  });

  it('fits the compartment that it is made for', () => {
    const filter = presetFilter('internal-compartments', { id: 'f', tankId: 't' }, 'Test');
    const slot = filter.chambers.find(({ shape }) => shape.form === 'box')!;
    const design = blockFor(slot)!;
    expect(blockFaults(design)).toEqual([]);
    if (slot.shape.form !== 'box') throw new Error('A slot is a box.');
    expect(design.length).toBeLessThan(Math.max(slot.shape.length, slot.shape.width));
    const round = presetFilter('canister-centre-pipe', { id: 'f', tankId: 't' }, 'Test');
    expect(blockFor(round.chambers[0]!)).toBeNull();
  });

  it.each([
    ['a notch through the whole wall', { notch: 0.03 }, /lower than the block/],
    ['walls that leave no room', { wall: 5e-3, width: 0.0201, gap: 15e-3 }, /no room inside/],
    ['a rib of nothing', { rib: 0 }, /Rib must be/],
  ])('refuses %s', (_, change, message) => {
    expect(blockFaults({ ...block, ...change }).join(' ')).toMatch(message);
  });
});
