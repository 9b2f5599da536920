import { isPrefilter } from '../../filter/isPrefilter';
import { sentence } from '../../units/sentence';
import { isMechanical } from '../../layers/layerRole';
import { defineRule } from '../defineRule';
import type { RuleContext } from '../ruleContext';
import type { PlacedLayer } from '../../layers/placedLayer';
import { idsOf, shareOfPack } from '../words';

/**
 * True for floss that is the first mechanical media of the body, one pad or more, with foam after it: done by choice. What sits on
 * the intake or in a prefilter is cleaned on days of its own, and is no part of the stack.
 */
export function isFlossFirst(context: RuleContext, placed: PlacedLayer): boolean {
  const mechanical = context.inFlow.filter(
    ({ layer, chamber }) =>
      isMechanical(layer) && chamber.where === 'body' && !isPrefilter(context.filter, chamber),
  );
  const place = mechanical.indexOf(placed);
  return (
    place !== -1 &&
    mechanical.slice(0, place + 1).every(({ medium }) => medium.family === 'floss') &&
    mechanical.some((candidate) => candidate.medium.family === 'foam')
  );
}

/**
 * Floss ahead of the foam, changed often: an exception some keepers choose.
 *
 * @source common practice, no source
 */
export const flossFirst = defineRule({
  id: 'floss-first',
  question: 'clogs',
  levels: ['check', 'note'],
  school: 'flossFirst',
  judge: (context) => {
    const floss = context.inFlow.filter((placed) => isFlossFirst(context, placed));
    if (floss.length === 0) return [];
    const isNever = context.schools.flossFirst === 'never';
    return [
      {
        level: isNever ? 'check' : 'note',
        effect: shareOfPack(context.inFlow, floss),
        title: sentence`The floss comes before the foam.`,
        reason: isNever
          ? sentence`The floss catches nearly all the dirt here, clogs within weeks and holds the water back. Put it after the foam.`
          : sentence`This is your choice: the floss catches nearly all the dirt and keeps the foam clean, but clogs fastest here and needs replacing every few weeks.`,
        layers: idsOf(floss),
      },
    ];
  },
});
