import type { ChamberShape } from './chamberShape';
import { faceSides } from './chamberGeometry';

interface Sides {
  readonly length: number;
  readonly width: number;
  readonly height: number;
}

interface Fitted {
  readonly outside: Sides | null;
  readonly chambers: readonly {
    readonly name: string;
    readonly where: 'body' | 'intake';
    readonly shape: ChamberShape;
    readonly depth: number;
  }[];
}

/** A chamber that cannot be in the body, by its place in the list. */
export interface BodyFault {
  readonly at: number;
  readonly message: string;
}

/**
 * Chambers with a side longer than any way to lay them in the measured body. Sides are compared in order of length,
 * so that it does not matter which one was called width.
 */
export function bodyFaults({ outside, chambers }: Fitted): BodyFault[] {
  if (outside === null) return [];
  const room = [outside.length, outside.width, outside.height].sort((a, b) => b - a);
  return chambers.flatMap((chamber, index) => {
    if (chamber.where === 'intake') return [];
    const sides = sidesOf(chamber).sort((a, b) => b - a);
    return sides.some((side, place) => side > (room[place] ?? 0))
      ? [
          {
            at: index,
            message: `${chamber.name} is larger than the body around it: make the chamber smaller, or measure the body again.`,
          },
        ]
      : [];
  });
}

function sidesOf({ shape, depth }: { shape: ChamberShape; depth: number }): number[] {
  if (shape.form === 'perimeter') return [shape.length, shape.width, shape.height];
  if (shape.form === 'sleeve') return [shape.diameter, shape.diameter, shape.height];
  const { shown, into } = faceSides(shape);
  return [shown, into, depth];
}
