import { booleans, primitives, transforms } from '@jscad/modeling';
import type { Geom3 } from '@jscad/modeling/src/geometries/types';
import { serialize } from '@jscad/stl-serializer';
import type { Block } from '@/core/prepare/block';
import { blockSolids, type Cuboid } from '@/core/prepare/printedBlock';

/** Printers count in millimetres. */
const MM = 1000;

const cuboid = ({ at, size }: Cuboid): Geom3 => {
  const sides = size.map((side) => side * MM) as [number, number, number];
  return transforms.translate(
    at.map((place, axis) => place * MM + sides[axis]! / 2) as [number, number, number],
    primitives.cuboid({ size: sides }),
  );
};

/** A printed block as a solid, mm. */
export function blockMesh(block: Block): Geom3 {
  const { solid, cut } = blockSolids(block);
  const whole = booleans.union(solid.map(cuboid));
  return cut.length === 0 ? whole : booleans.subtract(whole, cut.map(cuboid));
}

/** A printed block as an STL file in text, mm. */
export const blockStl = (block: Block): string => serialize({ binary: false }, blockMesh(block)).join('');
