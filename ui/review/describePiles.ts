import type { Pile } from '@/core/layers/pile';

const WORDS: Readonly<Record<Pile, readonly [one: string, more: string]>> = {
  'goes back': ['layer goes back', 'layers go back'],
  spare: ['becomes a spare', 'become spares'],
  'throw away': ['is thrown away', 'are thrown away'],
};

/**
 * How many layers lie on which pile, as a sentence; empty piles are left out.
 *
 * @example describePiles([{ pile: 'goes back' }, { pile: 'throw away' }]) // '1 layer goes back, 1 is thrown away.'
 */
export function describePiles(rows: readonly { readonly pile: Pile }[]): string {
  const parts = (Object.keys(WORDS) as Pile[]).flatMap((pile) => {
    const count = rows.filter((row) => row.pile === pile).length;
    return count === 0 && pile !== 'goes back' ? [] : [`${count} ${WORDS[pile][count === 1 ? 0 : 1]}`];
  });
  return `${parts.join(', ')}.`;
}
