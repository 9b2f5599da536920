import type { Layer } from '../layers/layer';
import type { OwnMedium } from '../media/ownMediumSchema';

/**
 * The layers with new figures for a medium of one’s own, wherever it is, alone or mixed in. Layers without it come
 * back as they are.
 */
export function withOwnMedium<T extends Pick<Layer, 'own' | 'mix'>>(
  layers: readonly T[],
  own: OwnMedium,
): T[] {
  return layers.map((layer) => {
    const alone = layer.own?.id === own.id;
    const mixedIn = layer.mix?.parts.some((part) => part.own?.id === own.id) ?? false;
    if (!alone && !mixedIn) return layer;
    return {
      ...layer,
      own: alone ? own : layer.own,
      mix:
        layer.mix === null
          ? null
          : {
              ...layer.mix,
              parts: layer.mix.parts.map((part) => (part.own?.id === own.id ? { ...part, own } : part)),
            },
    };
  });
}

/** Every medium of one’s own in some layers, each once, the last figures of it. */
export const ownMediaOf = (layers: readonly Pick<Layer, 'own' | 'mix'>[]): OwnMedium[] => [
  ...new Map(
    layers
      .flatMap(({ own, mix }) => [own, ...(mix?.parts.map((part) => part.own) ?? [])])
      .flatMap((own) => (own === null ? [] : [[own.id, own] as const])),
  ).values(),
];
