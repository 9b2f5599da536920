import { MAX_LEAVING_SHARE } from '../../practice/leavingShare';
import { isFoodAssumed } from '../../tank/feedPerDay';
import type { FilmLeaving } from '../../biology/filmLeaving';
import type { Successor } from '../../filter/swap';
import { placeLayers } from '../../layers/placeLayers';
import type { PlacedLayer } from '../../layers/placedLayer';
import { applyEdit, type PackEdit } from '../../pack/packEdit';
import { sentence, type Sentence } from '../../units/sentence';
import { defineRule } from '../defineRule';
import type { RuleContext } from '../ruleContext';
import type { Judgement } from '../judgement';
import { keepPiece } from '../keepPiece';
import { idsOf, nameInside } from '../words';

/** Times today’s food that the bacteria which stay must bear, by the cautious end of the range (common practice, no source). */
const AT_RISK = 1;
const WITH_RESERVE = 1.5;
/** Share that leaves with any pad that is renewed: not worth a word (calibrated). */
const USUAL_LOSS = 0.1;

/**
 * More mature media leaves, or dies under the tap, than the bacteria that stay can make up for.
 *
 * @urgent the bacteria that stay are, by the cautious end of their range, not enough for the food entered
 * @source common practice (a third at a time), no source; bacteria from `bacteriaCover.ts`
 */
export const mostMatureLeaves = defineRule({
  id: 'most-mature-leaves',
  question: 'bacteria',
  levels: ['urgent', 'check'],
  judge: (context) => {
    const { leaving, atOnce, tank } = context;
    // An empty plan is not a plan yet.
    if (leaving === null || context.inFlow.length === 0) return [];
    const level = levelOf(leaving, atOnce?.low ?? null, isFoodAssumed(tank));
    if (level === null) return [];
    const fresh = context.inFlow.filter(({ layer }) => isNew(context, layer.id));
    return [
      {
        level,
        effect: leaving.share,
        title: titleOf(leaving, context.schools.rinseWater),
        reason: sentence`${staysOf(context)} ${adviceOf(leaving)}`,
        layers: idsOf(fresh.filter(({ role }) => role === 'biological' || role === 'mechanical')),
        ...remediesOf(context, leaving),
      },
    ];
  },
});

function levelOf(
  { share, withMedia }: FilmLeaving,
  low: number | null,
  isAssumed: boolean,
): 'urgent' | 'check' | null {
  // What is only squeezed or swished stays; a rinse that kills most of it counts like media that leaves.
  if (withMedia <= USUAL_LOSS && share <= MAX_LEAVING_SHARE) return null;
  // What rests on an assumed food is nothing to raise an alarm for.
  if (low !== null && low < AT_RISK && !isAssumed) return 'urgent';
  return share > MAX_LEAVING_SHARE || (low !== null && low < WITH_RESERVE) ? 'check' : null;
}

function titleOf(
  { share, withMedia }: FilmLeaving,
  rinseWater: RuleContext['schools']['rinseWater'],
): Sentence {
  const lost = { kind: 'share', si: share } as const;
  if (withMedia > MAX_LEAVING_SHARE)
    return sentence`Most of the mature media leaves at once: ${lost} of this filter’s bacteria.`;
  if (share <= MAX_LEAVING_SHARE)
    return sentence`Mature media leaves: ${lost} of this filter’s bacteria are lost at once.`;
  return withMedia <= USUAL_LOSS && rinseWater === 'tap water'
    ? sentence`Rinsing under the tap kills ${lost} of this filter’s bacteria at once.`
    : sentence`More than half of the bacteria are lost at once: ${lost} of those in this filter.`;
}

/** What the bacteria that stay can bear, in the tank and its other filters too. */
function staysOf({ atOnce, tank }: RuleContext): Sentence {
  if (atOnce === null)
    return sentence`The daily food is 0. Once you feed, the bacteria that stay may not be enough.`;
  const { low, high } = atOnce;
  return sentence`The bacteria that stay, in the tank and its other filters too, are enough for ${times(low)} to ${times(high)} times ${isFoodAssumed(tank) ? 'the food that is assumed' : 'today’s food'}.${
    low < AT_RISK ? ' Ammonia and nitrite can rise within days.' : ''
  }`;
}

const times = (value: number): string => (value < 10 ? value.toFixed(1) : Math.round(value).toFixed(0));

const adviceOf = ({ withMedia }: FilmLeaving): Sentence =>
  withMedia > USUAL_LOSS
    ? sentence`Replace a third at a time, some weeks apart.`
    : sentence`Rinse in old tank water.`;

const isNew = ({ found }: RuleContext, layerId: string): boolean =>
  found !== null && found.every(({ id }) => id !== layerId);

/** Keep the piece that holds most bacteria; or keep all of them for now, and replace them in stages. */
function remediesOf(context: RuleContext, { pieces }: FilmLeaving): Pick<Judgement, 'remedy' | 'staged'> {
  const { inFlow, filter } = context;
  const kept = pieces.map(({ placed }) => ({
    placed,
    ...keepPiece(placed, inFlow, ({ id }) => isNew(context, id)),
  }));
  const most = kept.find(({ fits }) => fits) ?? kept[0];
  if (most === undefined) return {};
  let layers = inFlow.map(({ layer }) => layer);
  const edits: PackEdit[] = [];
  const replaced: { layerId: string; successor: Successor }[] = [];
  for (const { placed } of kept) {
    const { edit, instead } = keepPiece(placed, placeLayers(filter, layers), ({ id }) => isNew(context, id));
    layers = applyEdit(layers, edit);
    edits.push(edit);
    replaced.push({ layerId: placed.layer.id, successor: successorOf(placed, instead[0]) });
  }
  return {
    remedy: { label: `Keep the ${nameInside(most.placed)}`, edit: most.edit },
    ...(context.atOnce === null ? {} : { staged: { edit: { type: 'all', edits }, pieces: replaced } }),
  };
}

/** What a swap in stages puts in place of a piece. */
function successorOf({ medium }: PlacedLayer, instead: PlacedLayer | undefined): Successor {
  if (instead === undefined) return 'nothing';
  // A medium of one’s own is not in the catalogue: its stages are reckoned as if the same came in.
  return instead.medium.id === medium.id || instead.layer.own !== null || instead.layer.mix !== null
    ? 'same'
    : { medium: instead.medium.id };
}
