'use client';
import { packCosts } from '@/core/prepare/costs';
import type { PackInput } from '@/core/report/evaluatePack';
import { useWords } from '../fields/Habits';
import { useShelf } from '../fields/OnShelf';

/** What the media of a pack cost at the keeper’s prices, and how many layers have none. */
export function CostFigure({ input }: { input: PackInput }) {
  const words = useWords();
  const { shelf } = useShelf();
  const { layers } = packCosts(input.filter, input.layers, null, shelf, null);
  const known = layers.flatMap(({ once }) => (once === null ? [] : [once]));
  const missing = layers.length - known.length;
  if (known.length === 0) return <>no price</>;
  return (
    <>
      {missing > 0 ? 'at least ' : ''}
      {words.money(known.reduce((sum, once) => sum + once, 0))}
    </>
  );
}
