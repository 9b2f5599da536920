import type { Medium } from '../media/medium';
import type { Layer } from './layer';

/*
 * Fill factors: how much more or less of a loose medium goes into the same room than when it is poured.
 * Placed by hand 0.85 kg/L against 0.675 poured; two small bags hold 0.7 of one large one. Common practice, no source.
 */
export const PLACED_FILL = 0.85 / 0.675;
export const SMALL_BAGS_FILL = 0.7;

/**
 * How much of a medium is in a litre of this layer against a litre as the catalogue has it: poured, and not
 * compressed. Mass, surface, solids and so resistance all follow it.
 *
 * @returns more than 0; 1 for a layer that is neither placed, bagged small nor compressed
 * @example solidsFactor({ supply: 'sheet' }, { compressionRatio: 0.5, placed: false, holder: 'none' }) // 2
 */
export function solidsFactor(
  { supply }: Pick<Medium, 'supply'>,
  { compressionRatio, placed, holder }: Pick<Layer, 'compressionRatio' | 'placed' | 'holder'>,
): number {
  const fill =
    supply !== 'loose'
      ? 1
      : (placed && holder === 'none' ? PLACED_FILL : 1) * (holder === 'small bags' ? SMALL_BAGS_FILL : 1);
  return fill / compressionRatio;
}
