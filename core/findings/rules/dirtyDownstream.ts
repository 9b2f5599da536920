import { sentence } from '../../units/sentence';
import { DIRT_STATES } from '@/core/layers/layerStates';
import { defineRule } from '../defineRule';
import type { PlacedLayer } from '../../layers/placedLayer';
import { upperFirst } from '../../units/firstLetter';
import { idsOf, namesInside, shareOfPack, verb } from '../words';
import { sumOf } from '../../maths/sum';

/**
 * Biological media dirtier than all the foam ahead of them: the dirt went around.
 *
 * @source common practice, no source
 */
export const dirtyDownstream = defineRule({
  id: 'dirty-downstream',
  question: 'clogs',
  levels: ['check'],
  judge: ({ inFlow }) => {
    const dirt = (placed: PlacedLayer): number =>
      placed.layer.dirt === null ? -1 : DIRT_STATES.indexOf(placed.layer.dirt);
    const dirty = inFlow.filter((placed, index) => {
      if (placed.role !== 'biological' || dirt(placed) < DIRT_STATES.indexOf('loaded')) return false;
      const before = inFlow
        .slice(0, index)
        .filter((other) => other.role === 'mechanical' && other.layer.dirt !== null);
      return before.length > 0 && before.every((other) => dirt(other) < dirt(placed));
    });
    if (dirty.length === 0) return [];
    return [
      {
        level: 'check',
        effect: shareOfPack(inFlow, dirty),
        title: sentence`${upperFirst(namesInside(dirty))} ${verb(dirty.length, 'is', 'are')} dirtier than the foam before.`,
        reason: sentence`The dirt went around the foam and into ${{ kind: 'volume', si: sumOf(dirty, (placed) => placed.measure.volume) }} of biological media. Look for pads cut too short, and for a clean stripe or a dirt track along a wall.`,
        layers: idsOf(dirty),
      },
    ];
  },
});
