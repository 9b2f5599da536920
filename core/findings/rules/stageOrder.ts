import { sentence } from '../../units/sentence';
import type { Rule } from '../finding';
import { isLivingOnly } from '../../layers/layerRole';
import { orderRemedy } from './properOrder';
import { ordersMatter } from './ordersMatter';
import { idsOf, nameInside, namesInside, shareOfPack, upperFirst, verb } from './words';

/** Mechanical media stand ahead of living media, so that silt does not close the pores. */
export const stageOrder: Rule = (context) => {
  const livingAt = context.inFlow.findIndex((one) => one.stage === 'living' && isLivingOnly(one.layer));
  const living = context.inFlow[livingAt];
  if (living === undefined) return [];
  const late = context.inFlow.slice(livingAt + 1).filter((one) => one.stage === 'mechanical');
  if (late.length === 0) return [];
  return [
    {
      rule: 'stage-order',
      level: ordersMatter(context) ? 'attention' : 'note',
      school: 'order',
      effect: shareOfPack(context.inFlow, [living]),
      title: sentence`${upperFirst(namesInside(late))} ${verb(late.length, 'stands', 'stand')} after ${nameInside(living)}.`,
      reason: sentence`Living media works only in clean water: silt that this foam should have caught closes its pores and starves the film. Mechanical first, then living.`,
      layers: idsOf([living, ...late]),
      moves: idsOf(late),
      ...orderRemedy(context, [living, ...late]),
    },
  ];
};
