import { sentence } from '../../units/sentence';
import type { Rule } from '../finding';
import { isBiologicalOnly } from '../../layers/layerRole';
import { orderRemedy } from './properOrder';
import { ordersMatter } from './ordersMatter';
import { idsOf, nameInside, namesInside, shareOfPack, upperFirst, verb } from './words';

/** Mechanical media stand ahead of biological media, so that silt does not close the pores. */
export const stageOrder: Rule = (context) => {
  const biologicalAt = context.inFlow.findIndex(
    (placed) => placed.role === 'biological' && isBiologicalOnly(placed.layer),
  );
  const biological = context.inFlow[biologicalAt];
  if (biological === undefined) return [];
  const late = context.inFlow.slice(biologicalAt + 1).filter((placed) => placed.role === 'mechanical');
  if (late.length === 0) return [];
  return [
    {
      rule: 'stage-order',
      level: ordersMatter(context) ? 'check' : 'note',
      school: 'order',
      effect: shareOfPack(context.inFlow, [biological]),
      title: sentence`${upperFirst(namesInside(late))} ${verb(late.length, 'stands', 'stand')} after ${nameInside(biological)}.`,
      reason: sentence`Biological media works only in clean water: silt that this foam should have caught closes its pores and starves the film. Mechanical first, then biological.`,
      layers: idsOf([biological, ...late]),
      moves: idsOf(late),
      ...orderRemedy(context, [biological, ...late]),
    },
  ];
};
