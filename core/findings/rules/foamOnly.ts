import { sentence } from '../../units/sentence';
import { defineRule } from '../defineRule';
import { idsOf } from '../words';
import { sumOf } from '../../maths/sum';
import { hasBiologicalMedia } from '../hasBiologicalMedia';

/**
 * Foam does both jobs: no other media is there for bacteria.
 *
 * @source common practice, no source
 */
export const foamOnly = defineRule({
  id: 'foam-only',
  question: 'bacteria',
  levels: ['note'],
  school: 'biologicalMedium',
  isOfWholePack: true,
  judge: ({ inFlow }) => {
    const foam = inFlow.filter((placed) => placed.medium.family === 'foam');
    const hasCartridge = inFlow.some((placed) => placed.medium.family === 'cartridge');
    if (foam.length === 0 || hasCartridge || hasBiologicalMedia(inFlow)) return [];
    const surface = sumOf(foam, ({ measure }) => measure.surface);
    return [
      {
        level: 'note',
        effect: 0,
        title: sentence`The foam is both mechanical and biological media.`,
        reason: sentence`You have no other biological media, so its ${{ kind: 'surface', si: surface }} also count as surface for bacteria. Squeeze one piece at a time, in old tank water, to keep some of the bacteria.`,
        layers: idsOf(foam),
      },
    ];
  },
});
