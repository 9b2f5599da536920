'use client';
import { TANK_SHAPE_BOUNDS } from '@/core/tank/tankShapeBounds';
import type { MeasuredWater } from '@/core/tank/water';
import { QuantityField } from '../fields/QuantityField';

type Side = keyof typeof TANK_SHAPE_BOUNDS;

const LABELS: Readonly<Record<Side, string>> = {
  length: 'Tank length',
  width: 'Tank width',
  diameter: 'Tank diameter',
  bow: 'Bow, in the middle',
  height: 'Tank height',
};

interface Props {
  readonly side: Side;
  readonly water: MeasuredWater;
  readonly onWater: (water: MeasuredWater) => void;
}

/** One inside measure of a tank; nothing where its shape has no such side. */
export function ShapeField({ side, water, onWater }: Props) {
  const value = (water.shape as Partial<Record<Side, number>>)[side];
  return value === undefined ? null : (
    <QuantityField
      label={LABELS[side]}
      bounds={TANK_SHAPE_BOUNDS[side]}
      value={value}
      onChange={(si) => si !== null && onWater({ ...water, shape: { ...water.shape, [side]: si } })}
    />
  );
}
