import { sentence } from '../../units/sentence';
import { bottomSpace } from '../../filter/settlementPlace';
import { hasRole } from '../../media/hasRole';
import { defineRule } from '../defineRule';
import type { RuleContext } from '../ruleContext';
import type { PlacedLayer } from '../../layers/placedLayer';
import { isBiologicalOnly } from '../../layers/layerRole';
import { isPackedBackwards } from './packedBackwards';
import { orderRemedy } from '../properOrder';
import { ordersMatter } from '../ordersMatter';
import { upperFirst } from '../../units/firstLetter';
import { idsOf, nameInside, namesInside, shareOfPack, verb } from '../words';

/**
 * Mechanical media stand ahead of biological media, so that silt does not close the pores.
 *
 * @source common practice, no source
 */
export const stageOrder = defineRule({
  id: 'stage-order',
  question: 'through',
  levels: ['check', 'note'],
  school: 'order',
  judge: (context) => {
    if (isPackedBackwards(context)) return [];
    const biologicalAt = context.inFlow.findIndex(
      (placed) => placed.role === 'biological' && isBiologicalOnly(placed.layer),
    );
    const biological = context.inFlow[biologicalAt];
    if (biological === undefined) return [];
    const late = context.inFlow.slice(biologicalAt + 1).filter((placed) => placed.role === 'mechanical');
    if (late.length === 0) return [];
    return [
      {
        level: ordersMatter(context) ? 'check' : 'note',
        effect: shareOfPack(context.inFlow, [biological]),
        title: sentence`${upperFirst(namesInside(late))} ${verb(late.length, 'comes', 'come')} after ${nameInside(biological)}.`,
        reason: sentence`Silt that this foam should catch clogs the pores of the biological media and starves the bacteria. Put mechanical media first.`,
        layers: idsOf([biological, ...late]),
        moves: idsOf(late),
        ...(toBottom(context, biological) ?? orderRemedy(context, [biological, ...late])),
      },
    ];
  },
});

/** Rings and balls ahead of the foam do well in the space under the trays, where a body has one. */
function toBottom({ filter, chambers }: RuleContext, { layer, medium, chamber }: PlacedLayer) {
  const bottom = bottomSpace(filter);
  const room = chambers.find((item) => item.chamber === bottom)?.measure.freeDepth ?? 0;
  if (bottom === null || chamber === bottom || !hasRole(medium, 'settle') || layer.thickness > room + 1e-6)
    return null;
  return {
    remedy: {
      label: `Move the ${medium.name.toLowerCase()} to the space under the trays`,
      edit: { type: 'move' as const, layerId: layer.id, chamberId: bottom.id, index: 0 },
    },
  };
}
