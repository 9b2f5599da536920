import { gradeRank } from '@/core/media/gradeRank';
import type { RuleContext } from './ruleContext';
import type { PlacedLayer } from '../layers/placedLayer';
import type { PackEdit } from '../pack/packEdit';
import { ROLE_ORDER } from '../layers/layerRole';

/** Place of a layer in flow order: settlement, grades from open to close, biological, chemical. */
export function orderPlace(placed: PlacedLayer): number {
  const rank = gradeRank(placed.medium);
  // A polishing pad is sorted with the other grades: the order that keeps silt out of the biological media.
  if (rank !== null) return ROLE_ORDER.indexOf('mechanical') + rank / 10;
  // A spacer, or a medium not yet named, stays among the biological media: not ahead of the foam, not behind the carbon.
  return ROLE_ORDER.indexOf(
    placed.role === 'unknown' || placed.role === 'spacer' ? 'biological' : placed.role,
  );
}

/**
 * The edit that puts a chamber's layers in the order coarse, medium, fine, biological, chemical; layers of the same
 * place keep theirs. Undefined when the layers concerned sit in different chambers: no one move mends that.
 */
export function properOrder(context: RuleContext, concerned: readonly PlacedLayer[]): PackEdit | undefined {
  const chamberIds = new Set(concerned.map((placed) => placed.chamber.id));
  const [chamberId] = chamberIds;
  if (chamberId === undefined || chamberIds.size > 1) return undefined;
  const layerIds = context.inFlow
    .filter((item) => item.chamber.id === chamberId)
    .map((candidate, index) => ({ id: candidate.layer.id, key: orderPlace(candidate), at: index }))
    .sort((a, b) => a.key - b.key || a.at - b.at)
    .map(({ id }) => id);
  return { type: 'arrange', chamberId, layerIds };
}

/** The remedy that puts layers in order, or nothing where no one edit does. */
export function orderRemedy(context: RuleContext, concerned: readonly PlacedLayer[]) {
  const edit = properOrder(context, concerned);
  return edit === undefined ? {} : { remedy: { label: 'Put the layers in order', edit } };
}
