'use client';
import type { PackReport } from '@/core/report/evaluatePack';
import { useWords } from '../fields/UnitsProvider';

/** "14.5 cm of media, 2.40 L": how much a pack is, for the head of its flow line. */
export function usePackCaption({ totals }: PackReport): string {
  const words = useWords();
  return `${words.show({ kind: 'length', si: totals.thickness })} of media, ${words.show({ kind: 'volume', si: totals.volume })}`;
}
