import { isInward } from '../../filter/chamberGeometry';
import type { Chamber, Filter } from '../../filter/filter';
import { usableDepth } from '../../filter/usableDepth';
import { isPrefilter } from '../../filter/isPrefilter';
import type { PlacedLayer } from '../../layers/placedLayer';
import { sentence } from '../../units/sentence';
import { defineRule } from '../defineRule';
import type { RuleContext } from '../ruleContext';
import { orderPlace } from '../properOrder';

/** Fewest steps of the order that must all be the wrong way round: two could be chance. */
const MIN_STEPS = 2;

/** True for a chamber that the hands can fill in another order: not the intake, a prefilter, or foam around the trays. */
const isInStack = (filter: Filter, chamber: Chamber): boolean =>
  chamber.where === 'body' &&
  !isPrefilter(filter, chamber) &&
  !(isInward(chamber.shape) && filter.kind === 'canister-outside-in');

/** The layers whose place in flow order matters: all others are first by their place. */
const ordered = ({ filter, inFlow }: RuleContext): readonly PlacedLayer[] =>
  inFlow.filter(({ role, chamber }) => role !== 'spacer' && role !== 'unknown' && isInStack(filter, chamber));

/**
 * True for a pack put together for water that goes the other way: every step from one layer to the next goes back in
 * the order settlement, coarse, medium, fine, biological, chemical. One mistake, not one for every layer.
 */
export function isPackedBackwards(context: RuleContext): boolean {
  const places = ordered(context).map(orderPlace);
  const steps = places.slice(1).map((place, index) => Math.sign(place - (places[index] ?? place)));
  return steps.every((step) => step <= 0) && steps.filter((step) => step < 0).length >= MIN_STEPS;
}

/**
 * An up-flow order in a down-flow body, or the other way round: turned over, it is right.
 *
 * @source common practice, no source
 */
export const packedBackwards = defineRule({
  id: 'packed-backwards',
  question: 'through',
  levels: ['check'],
  school: 'order',
  judge: (context) => {
    if (!isPackedBackwards(context)) return [];
    const layers = ordered(context);
    const edit = turnOver(context, layers);
    return [
      {
        level: 'check',
        effect: 1,
        title: sentence`The pack is in the wrong order: back to front.`,
        reason: sentence`In this filter water meets ${layers[0]?.medium.name ?? 'the finest'} first and ${layers.at(-1)?.medium.name ?? 'the coarsest'} last, so the finest clogs first and the rest catches nothing. Reverse the whole pack.`,
        layers: layers.map(({ layer }) => layer.id),
        moves: layers.map(({ layer }) => layer.id),
        ...(edit === null ? {} : { remedy: { label: 'Reverse the pack', edit } }),
      },
    ];
  },
});

/** The layers the other way round, poured into the chambers again one after the other; null where they do not fit. */
function turnOver({ filter, inFlow }: RuleContext, layers: readonly PlacedLayer[]) {
  const turned = [...layers].reverse().map(({ layer }) => layer);
  const rest = inFlow.filter((placed) => !layers.includes(placed)).map(({ layer }) => layer);
  const chambers = filter.chambers.filter((chamber) => isInStack(filter, chamber));
  const placed = [];
  let index = 0;
  let filled = 0;
  for (const layer of turned) {
    while (index < chambers.length && filled + layer.thickness > usableDepth(chambers[index]!) + 1e-6) {
      index += 1;
      filled = 0;
    }
    const chamber = chambers[index];
    if (chamber === undefined) return null;
    placed.push({ ...layer, chamber: chamber.id });
    filled += layer.thickness;
  }
  return { type: 'replace' as const, layers: [...rest, ...placed] };
}
