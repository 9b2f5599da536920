import { mediumById } from '../media/catalogue';
import type { Medium } from '../media/medium';
import { mixedMedium } from '../media/mixedMedium';
import { ownMedium } from '../media/ownMedium';
import type { OwnMedium } from '../media/ownMediumSchema';
import { rememberedFor } from '../units/rememberedFor';
import type { Layer } from './layer';
import type { MixPart } from './mix';
import { sumOf } from '../maths/sum';

/** What of a layer says what it is made of. */
export type MadeOf = Pick<Layer, 'medium' | 'own' | 'mix'>;

// Own media and mixtures are asked for again and again while the pack stays.
const described = rememberedFor(ownMedium);
const mixed = new WeakMap<NonNullable<Layer['mix']>, { of: Medium; medium: Medium }>();

/**
 * The medium of a layer: one of the catalogue, one of the keeper’s own, or a mixture of several.
 *
 * @throws Error when a medium is not in the catalogue; check with `packFaults` first
 */
export function mediumOf({ medium, own, mix }: MadeOf): Medium {
  const main = single(medium, own);
  if (mix === null) return main;
  const known = mixed.get(mix);
  if (known?.of === main) return known.medium;
  const rest = sumOf(mix.parts, ({ share }) => share);
  const answer = mixedMedium(
    [
      { medium: main, share: 1 - rest },
      ...mix.parts.map((part) => ({ medium: partMedium(part), share: part.share })),
    ],
    mix.porosity,
  );
  mixed.set(mix, { of: main, medium: answer });
  return answer;
}

/** The medium of one part of a mixture. */
export const partMedium = ({ medium, own }: MixPart): Medium => single(medium, own);

function single(id: string, own: OwnMedium | null): Medium {
  return own === null ? mediumById(id) : described(own);
}

/** Every medium of some layers, each once: what a drawing needs the textures of. */
export const mediaOf = (layers: Iterable<MadeOf>): Medium[] => [
  ...new Map([...layers].map((layer) => mediumOf(layer)).map((medium) => [medium.id, medium])).values(),
];
