import { isInternal } from '../../filter/kindFamily';
import { netVolume } from '../../tank/netVolume';
import { sentence } from '../../units/sentence';
import { defineRule } from '../defineRule';

/** Tanks above which an internal filter as the only one is worth a word, m³ (common practice, no source). */
const WORTH_A_WORD = 0.04;
/** Tanks above which it is small: one block of sponge, and slots with more media, m³ (common practice, no source). */
const TOO_LARGE_FOR_SPONGE = 0.08;
const TOO_LARGE = 0.15;

/**
 * An internal sponge as the only filter of a tank that is large for it.
 *
 * @source common practice, no source
 */
export const spongeAlone = defineRule({
  id: 'sponge-alone',
  question: 'bacteria',
  levels: ['check', 'note'],
  judge: ({ tank, filter, others }) => {
    const volume = netVolume(tank.water).value;
    if (!isInternal(filter.kind) || others.length > 0 || volume <= WORTH_A_WORD) return [];
    return [
      {
        level:
          volume > (filter.kind === 'internal-sponge' ? TOO_LARGE_FOR_SPONGE : TOO_LARGE) ? 'check' : 'note',
        effect: 0.3,
        title: sentence`This internal filter is alone on ${{ kind: 'volume', si: volume }}.`,
        reason: sentence`It holds little media. It suits about 20 to 40 L, or works well as a second filter. Add a filter with more media, or keep few animals and feed little.`,
        layers: [],
      },
    ];
  },
});
