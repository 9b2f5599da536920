import type { TankShape } from './tankShape';

/**
 * Area of the tank's floor, m².
 *
 * @source solid geometry: rectangle, circle, and a circular segment of chord c and rise s,
 *   r = s/2 + c²/8s, area r² acos((r−s)/r) − (r−s)√(2rs−s²).
 */
export function floorArea(shape: TankShape): number {
  switch (shape.form) {
    case 'box':
      return shape.length * shape.width;
    case 'cylinder':
      return (Math.PI / 4) * shape.diameter ** 2;
    case 'bow':
      return shape.length * shape.width + segmentArea(shape.length, shape.bow);
  }
}

function segmentArea(chord: number, rise: number): number {
  if (rise <= 0) return 0;
  const radius = rise / 2 + chord ** 2 / (8 * rise);
  // A rise of half the chord is a half circle; rounding must not take it beyond.
  const cosine = Math.max(-1, (radius - rise) / radius);
  return (
    radius ** 2 * Math.acos(cosine) - (radius - rise) * Math.sqrt(Math.max(0, 2 * radius * rise - rise ** 2))
  );
}
