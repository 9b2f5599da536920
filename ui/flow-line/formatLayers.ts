import type { Layer } from '@/core/layers/layer';
import { mediumOf } from '@/core/layers/mediumOf';
import { nameInList } from '@/core/media/nameInList';
import type { Words } from '../fields/wordsFor';

/** “6.0 cm coarse foam (15 ppi) → 3 × 8.0 cm sintered glass (12 mm)”: a pack in flow order. */
export const formatLayers = (words: Words, layers: readonly Layer[]): string =>
  layers
    .map((layer) => `${words.show({ kind: 'length', si: layer.thickness })} ${nameInList(mediumOf(layer))}`)
    .reduce<{ readonly said: string; readonly times: number }[]>((runs, said) => {
      const last = runs.at(-1);
      return last?.said === said
        ? [...runs.slice(0, -1), { said, times: last.times + 1 }]
        : [...runs, { said, times: 1 }];
    }, [])
    .map(({ said, times }) => (times === 1 ? said : `${times} × ${said}`))
    .join(' → ');
