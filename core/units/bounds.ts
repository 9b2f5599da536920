import { formatQuantity, type FormatOptions } from './formatQuantity';
import type { QuantityKind } from './quantity';

/** The values a keeper's number may take: SI, with the words that name it in a message. */
export interface Bounds {
  readonly what: string;
  readonly kind: QuantityKind;
  readonly min: number;
  readonly max: number;
  /** True when `min` itself is not allowed (a length that must be more than zero). */
  readonly aboveMin?: boolean;
}

/**
 * Says what is wrong with `si` in the keeper's units, or null when it is within bounds.
 *
 * @example boundsFault({ what: 'Thickness', kind: 'length', min: 0.001, max: 1 }, 0.02) // null
 */
export function boundsFault(bounds: Bounds, si: number, options: FormatOptions = {}): string | null {
  const low = bounds.aboveMin === true ? si <= bounds.min : si < bounds.min;
  if (Number.isFinite(si) && !low && si <= bounds.max) return null;
  const min = formatQuantity({ kind: bounds.kind, si: bounds.min }, options);
  const max = formatQuantity({ kind: bounds.kind, si: bounds.max }, options);
  const range = bounds.aboveMin === true ? `more than ${min} and at most ${max}` : `from ${min} to ${max}`;
  return `${bounds.what} must be ${range}.`;
}
