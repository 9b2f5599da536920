import { sumOf } from '@/core/maths/sum';

/** Sizes of dirt as they are drawn: three tones, the finest first. `sizes` are places in the core’s list. */
export interface DirtGroup {
  readonly name: string;
  readonly size: string;
  readonly sizes: readonly number[];
  readonly colour: string;
}

export const DIRT_GROUPS: readonly DirtGroup[] = [
  { name: 'fine', size: 'under 50 µm', sizes: [0, 1], colour: 'var(--dirtFine)' },
  { name: 'middle', size: '50 to 300 µm', sizes: [2, 3], colour: 'var(--dirtMiddle)' },
  { name: 'coarse', size: 'over 300 µm', sizes: [4, 5], colour: 'var(--dirtCoarse)' },
];

/** How much of a list by size belongs to a group. */
export const groupShare = (bySize: readonly number[], { sizes }: DirtGroup): number =>
  sumOf(sizes, (size) => bySize[size] ?? 0);
