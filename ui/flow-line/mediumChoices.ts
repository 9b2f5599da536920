import { CATALOGUE } from '@/core/media/catalogue';
import type { OwnMedium } from '@/core/media/ownMediumSchema';
import { ownMedium } from '@/core/media/ownMedium';
import { canBeMixed } from '@/core/media/mixedMedium';

interface MediumChoice {
  readonly value: string;
  readonly label: string;
  readonly group: string;
}

/** All media to choose from, the keeper’s own first, then the catalogue by what they are. */
export const mediumChoices = (ownMedia: readonly OwnMedium[], forMixing = false): MediumChoice[] =>
  [...ownMedia.map(ownMedium), ...CATALOGUE]
    .filter((medium) => !forMixing || canBeMixed(medium))
    .map(({ id, name, family, like }) => ({
      value: id,
      label: name,
      group: like === undefined ? family : 'your own',
    }));

/** The medium that was chosen from {@link mediumChoices}. */
export const pickMedium = (ownMedia: readonly OwnMedium[], id: string): string | OwnMedium =>
  ownMedia.find((own) => own.id === id) ?? id;
