'use client';
import { packCosts } from '@/core/prepare/costs';
import type { PackInput } from '@/core/report/packMeasures';
import { useWords } from '../fields/UnitsProvider';
import { useShelf } from '../fields/OnShelf';

/** What the media of a pack cost at the keeper’s prices, and how many layers have none. */
export function CostFigure({ input }: { input: PackInput }) {
  const words = useWords();
  const { shelf } = useShelf();
  const costs = packCosts(input.filter, input.layers, null, shelf, null);
  if (costs.fillingUnpriced === costs.layers.length) return <>no price</>;
  return (
    <>
      {costs.fillingUnpriced > 0 ? 'at least ' : ''}
      {words.money(costs.filling)}
    </>
  );
}
