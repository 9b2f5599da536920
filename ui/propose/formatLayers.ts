import type { Layer } from '@/core/layers/layer';
import { mediumOf } from '@/core/layers/mediumOf';
import { nameInList } from '@/core/media/nameInList';
import type { Words } from '../fields/wordsFor';

/** “6.0 cm coarse foam (15 ppi) → 4.5 cm sintered glass (12 mm)”: a pack in flow order. */
export const formatLayers = (words: Words, layers: readonly Layer[]): string =>
  layers
    .map((layer) => `${words.show({ kind: 'length', si: layer.thickness })} ${nameInList(mediumOf(layer))}`)
    .join(' → ');
